package ironshelf.wire;

import static org.assertj.core.api.Assertions.assertThat;

import ironshelf.App;
import java.io.IOException;
import java.io.InputStream;
import java.net.Socket;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Connections that say nothing, or one byte now and then, keep nobody from the shelf. */
class SlowTest {

  private static final int CONNECTIONS = 200;

  private static Socket open(URI base, String first) throws IOException {
    Socket socket = new Socket(base.getHost(), base.getPort());
    socket.getOutputStream().write(first.getBytes(StandardCharsets.UTF_8));
    socket.getOutputStream().flush();
    return socket;
  }

  @Test
  void whoTricklesABodyKeepsNobodyFromReading() throws Exception {
    try (App app = App.empty("--ironshelf.body-seconds=4")) {
      URI base = URI.create(app.base());
      String head =
          "POST /api/customers HTTP/1.1\r\nHost: localhost\r\nContent-Type: application/json\r\n"
              + "Content-Length: 500\r\n\r\n{";
      List<Socket> slow = new ArrayList<>();
      for (int i = 0; i < CONNECTIONS; i++) {
        slow.add(open(base, i % 4 == 0 ? "GET /api/sh" : head));
      }
      for (int round = 0; round < 6; round++) {
        for (Socket socket : slow) {
          trickle(socket);
        }
        long asked = System.nanoTime();
        assertThat(app.tryGet("/api/shelf").status()).isEqualTo(200);
        assertThat(Duration.ofNanos(System.nanoTime() - asked)).isLessThan(Duration.ofSeconds(5));
        Thread.sleep(1_000);
      }
      // Their time is over; acts are taken again.
      assertThat(app.act("/api/customers", java.util.Map.of("name", "Gravel Street")).status())
          .isEqualTo(201);
      String refused = new String(firstBytes(slow.get(1)), StandardCharsets.UTF_8);
      assertThat(refused).startsWith("HTTP/1.1 408");
      for (Socket socket : slow) {
        socket.close();
      }
    }
  }

  private static void trickle(Socket socket) {
    try {
      socket.getOutputStream().write(' ');
      socket.getOutputStream().flush();
    } catch (IOException e) {
      // It was dropped, as it should be.
      assertThat(e).isNotNull();
    }
  }

  private static byte[] firstBytes(Socket socket) throws IOException {
    socket.setSoTimeout(15_000);
    InputStream in = socket.getInputStream();
    return in.readNBytes(12);
  }
}
