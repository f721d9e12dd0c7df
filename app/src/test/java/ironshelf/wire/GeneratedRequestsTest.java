package ironshelf.wire;

import static org.assertj.core.api.Assertions.assertThat;

import ironshelf.App;
import java.io.IOException;
import java.io.OutputStream;
import java.net.InetSocketAddress;
import java.net.Socket;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/**
 * No request makes the application fail, hang or tell what it is made of. More of them by {@code
 * -Dironshelf.requests=10000} (docs/reliability.md).
 */
class GeneratedRequestsTest {

  private static final int REQUESTS = Integer.getInteger("ironshelf.requests", 900);
  private static final long SEED = Long.getLong("ironshelf.seed", 17);

  /** A class, a line of a stack, or a piece of SQL. */
  private static final Pattern INSIDE =
      Pattern.compile(
          "\\b(java|org|jakarta|tools|com)\\.[a-z]+\\.|ironshelf\\.[a-z]+\\.|Exception|\\bat .*\\.java:|select .* from ",
          Pattern.CASE_INSENSITIVE);

  @Test
  void nothingFailsNothingHangsNothingInsideIsTold() throws IOException {
    try (App app = App.fresh()) {
      URI base = URI.create(app.base());
      RandomRequests requests = new RandomRequests(app.get("/api/openapi"), SEED);
      assertThat(requests.operations()).isGreaterThan(150);
      List<String> bad = new ArrayList<>();
      for (int n = 0; n < REQUESTS; n++) {
        RandomRequests.Sent sent = requests.next(n);
        String answer = ask(base, sent.text());
        int status = answer.startsWith("HTTP/1.1 ") ? Integer.parseInt(answer.substring(9, 12)) : 0;
        boolean told = status >= 400 && INSIDE.matcher(answer).find();
        if (status == 0 || status >= 500 || told) {
          String body = answer.substring(answer.indexOf("\r\n\r\n") + 4);
          bad.add(sent.text() + "\n -> " + status + " " + body.lines().limit(6).toList());
        }
      }
      assertThat(bad).as("%d of %d, seed %d", bad.size(), REQUESTS, SEED).isEmpty();
      assertThat(app.get("/actuator/health").path("status").asString()).isEqualTo("UP");
    }
  }

  private static String ask(URI base, String text) throws IOException {
    try (Socket socket = new Socket()) {
      socket.connect(new InetSocketAddress(base.getHost(), base.getPort()), 2_000);
      socket.setSoTimeout(20_000);
      OutputStream out = socket.getOutputStream();
      out.write(text.getBytes(StandardCharsets.UTF_8));
      out.flush();
      return new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    } catch (java.net.SocketTimeoutException e) {
      return "nothing for 20 s";
    }
  }
}
