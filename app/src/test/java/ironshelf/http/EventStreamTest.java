package ironshelf.http;

import static org.assertj.core.api.Assertions.assertThat;

import ironshelf.App;
import java.io.BufferedReader;
import java.io.InputStreamReader;
import java.net.URI;
import java.net.URLConnection;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import org.junit.jupiter.api.Test;

/** What is told to those who listen. */
class EventStreamTest {

  @Test
  void aLineEndsByItselfSoThatWhoIsThereIsAskedAnew() {
    assertThat(new EventStream().listen().getTimeout())
        .isNotNull()
        .isPositive()
        .isLessThanOrEqualTo(Duration.ofMinutes(5).toMillis());
  }

  @Test
  void nobodyListensUntilSomebodyDoes() {
    EventStream stream = new EventStream();
    assertThat(stream.isHeard()).isFalse();
    stream.listen("now");
    assertThat(stream.isHeard()).isTrue();
  }

  /** As a browser hears it (WHATWG HTML, 9.2.6, from memory): comments, retry, data. */
  @Test
  void theScaleIsHeardAtOnceAndAgain() throws Exception {
    URLConnection line =
        URI.create(App.busy().base() + "/api/stand-ins/scale/stream").toURL().openConnection();
    line.setReadTimeout(20_000);
    try (BufferedReader heard =
        new BufferedReader(new InputStreamReader(line.getInputStream(), StandardCharsets.UTF_8))) {
      int readings = 0;
      boolean comesBackSoon = false;
      while (readings < 3) {
        String said = heard.readLine();
        assertThat(said).isNotNull();
        readings += said.startsWith("data:{") && said.contains("\"state\"") ? 1 : 0;
        comesBackSoon |= said.equals("retry:300");
      }
      assertThat(comesBackSoon).isTrue();
    }
  }
}
