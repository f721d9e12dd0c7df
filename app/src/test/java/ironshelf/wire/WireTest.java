package ironshelf.wire;

import static org.assertj.core.api.Assertions.assertThat;

import ironshelf.App;
import java.io.IOException;
import java.io.OutputStream;
import java.net.Socket;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What is refused at the door, and what every answer says (OWASP ASVS 5.0, V3 and V4). */
@ExtendWith(App.Extension.class)
class WireTest {

  private static String ask(App app, String method, String path, List<String> heads)
      throws IOException {
    URI base = URI.create(app.base());
    try (Socket socket = new Socket(base.getHost(), base.getPort())) {
      socket.setSoTimeout(10_000);
      OutputStream out = socket.getOutputStream();
      String text =
          method
              + " "
              + path
              + " HTTP/1.1\r\nConnection: close\r\n"
              + String.join("\r\n", heads)
              + "\r\n\r\n";
      out.write(text.getBytes(StandardCharsets.UTF_8));
      out.flush();
      return new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    }
  }

  private static int status(String answer) {
    return Integer.parseInt(answer.substring(9, 12));
  }

  /** The names of this machine for itself, however they are written. */
  @ParameterizedTest
  @ValueSource(strings = {"127.0.0.1", "localhost", "LocalHost", "localhost.", "[::1]"})
  void itAnswersToItsOwnNames(String host) throws IOException {
    App app = App.busy();
    assertThat(status(ask(app, "GET", "/api/workshop", List.of("Host: " + host)))).isEqualTo(200);
  }

  /** A name that another page points here is not ours (DNS rebinding). */
  @ParameterizedTest
  @ValueSource(strings = {"evil.example", "127.0.0.1.evil.example", "localhost.evil.example"})
  void itAnswersToNoOtherName(String host) throws IOException {
    String answer = ask(App.busy(), "GET", "/api/workshop", List.of("Host: " + host));
    assertThat(status(answer)).isEqualTo(400);
    assertThat(answer).contains("request.rejected");
  }

  @ParameterizedTest
  @CsvSource({
    "Origin: http://evil.example, 403",
    "Origin: null, 403",
    "Origin: https://localhost, 403",
    "Sec-Fetch-Site: cross-site, 403",
    "Sec-Fetch-Site: same-site, 403",
    "Sec-Fetch-Site: same-origin, 200",
    "X-Nothing: nothing, 200"
  })
  void anotherWebsiteChangesNothing(String head, int status) throws IOException {
    // No body: what browsers send to other sites without asking them first.
    List<String> heads = List.of("Host: localhost", head, "Content-Length: 0");
    String answer = ask(App.busy(), "POST", "/api/allotments", heads);
    if (status == 403) {
      assertThat(status(answer)).isEqualTo(403);
      assertThat(answer).contains("request.elsewhere");
    } else {
      assertThat(status(answer)).isEqualTo(200);
    }
  }

  @Test
  void ownPagesChangeWhatTheyWant() throws IOException {
    App app = App.busy();
    int port = URI.create(app.base()).getPort();
    List<String> heads =
        List.of(
            "Host: localhost:" + port,
            "Origin: http://localhost:" + port,
            "Sec-Fetch-Site: same-origin",
            "Content-Length: 0");
    assertThat(status(ask(app, "POST", "/api/allotments", heads))).isEqualTo(200);
  }

  @ParameterizedTest
  @ValueSource(strings = {"/", "/api/workshop", "/api/nothing", "/error", "/assets/nothing.js"})
  void everyAnswerSaysWhatABrowserMayDoWithIt(String path) throws IOException {
    String answer = ask(App.busy(), "GET", path, List.of("Host: localhost"));
    String heads = answer.substring(0, answer.indexOf("\r\n\r\n")).toLowerCase(Locale.ROOT);
    assertThat(heads)
        .contains("x-content-type-options: nosniff")
        .contains("frame-ancestors 'none'")
        .contains("default-src 'self'")
        .contains("script-src 'self'")
        .contains("referrer-policy: same-origin")
        .contains("permissions-policy: camera=(self)")
        .contains("cross-origin-opener-policy: same-origin")
        .contains("cross-origin-resource-policy: same-origin")
        .doesNotContain("unsafe-eval")
        .doesNotContain("server:")
        .doesNotContain("x-powered-by");
    assertThat(status(answer)).isIn(200, 404);
  }

  /** The interface knows by it that it is older than the server. */
  @Test
  void everyAnswerOfTheApiNamesItsInterface() throws IOException {
    App app = App.busy();
    String page = ask(app, "GET", "/", List.of("Host: localhost"));
    String build = page.replaceAll("(?s).*/assets/(index-[\\w-]+\\.js).*", "$1");
    assertThat(ask(app, "GET", "/api/workshop", List.of("Host: localhost")))
        .contains("Interface-Build: " + build);
  }

  /** What is private is kept by no cache; what never changes is. */
  @Test
  void privateDataIsNotCached() throws IOException {
    App app = App.busy();
    assertThat(ask(app, "GET", "/api/orders", List.of("Host: localhost")))
        .containsIgnoringCase("cache-control: no-cache, no-store");
  }

  @Test
  void anUnknownColumnToSortByIsTold() {
    assertThat(App.busy().tryGet("/api/moulds?sort=nosuch").code()).isEqualTo("request.sort");
  }
}
