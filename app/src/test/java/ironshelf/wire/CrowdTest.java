package ironshelf.wire;

import static org.assertj.core.api.Assertions.assertThat;

import ironshelf.App;
import ironshelf.Pouring;
import java.net.Socket;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/**
 * Fifty clients at once that read every page's data and take orders in, beside two hundred
 * connections that say nothing: nothing fails, nothing that was answered is lost, nobody waits
 * long. Some seconds in every run of the tests; {@code bench/crowd.sh} takes minutes.
 */
class CrowdTest {

  private static final int CLIENTS = 50;
  private static final int IDLE = 200;
  private static final Duration LASTS =
      Duration.ofSeconds(Integer.getInteger("ironshelf.crowd-seconds", 4));

  /** A page once took half a minute here; measured on busy cores, it is a few seconds. */
  private static final Duration LONGEST = Duration.ofSeconds(30);

  private static final List<String> PAGES =
      List.of(
          "/api/shelf",
          "/api/plan",
          "/api/orders?which=open",
          "/api/needs",
          "/api/moulds",
          "/api/product-cards",
          "/api/materials",
          "/api/pours/open");

  /** What one client saw. */
  private record Saw(
      List<Long> readMs, List<Long> actMs, List<String> kept, List<Integer> failed) {}

  @Test
  void nobodyWaitsLongAndNothingIsLost() throws Exception {
    try (App app = App.fresh()) {
      List<Socket> idle = new ArrayList<>();
      URI base = URI.create(app.base());
      for (int i = 0; i < IDLE; i++) {
        idle.add(new Socket(base.getHost(), base.getPort()));
        if (i % 2 == 0) {
          idle.get(i).getOutputStream().write("GET /api".getBytes(StandardCharsets.UTF_8));
        }
      }
      List<Saw> saw = crowd(app);
      for (Socket socket : idle) {
        socket.close();
      }
      long[] reads = times(saw.stream().map(Saw::readMs).toList());
      long[] acts = times(saw.stream().map(Saw::actMs).toList());
      System.out.println("reads " + words(reads) + "; orders " + words(acts));
      assertThat(saw.stream().flatMap(s -> s.failed().stream())).isEmpty();
      List<String> kept = saw.stream().flatMap(s -> s.kept().stream()).sorted().toList();
      assertThat(kept).isNotEmpty();
      List<String> there = new ArrayList<>();
      app.get("/api/customers").forEach(c -> there.add(c.path("name").asString()));
      there.removeIf(name -> !name.startsWith("crowd "));
      assertThat(there).containsExactlyInAnyOrderElementsOf(kept);
      assertThat(Math.max(reads[reads.length - 1], acts[acts.length - 1]))
          .isLessThan(LONGEST.toMillis());
    }
  }

  private static List<Saw> crowd(App app) throws Exception {
    JsonNode cup = Pouring.product(app, "Tea-light cup");
    Map<String, ?> line =
        Map.of(
            "productId", cup.path("product").path("id").asLong(),
            "colourwayId", cup.path("colourways").get(0).path("id").asLong(),
            "quantity", 1);
    long until = System.nanoTime() + LASTS.toNanos();
    ExecutorService clients = Executors.newFixedThreadPool(CLIENTS);
    try {
      List<Callable<Saw>> all = new ArrayList<>();
      for (int c = 0; c < CLIENTS; c++) {
        int no = c;
        all.add(() -> client(app, no, line, until));
      }
      List<Saw> saw = new ArrayList<>();
      for (Future<Saw> one : clients.invokeAll(all)) {
        saw.add(one.get());
      }
      return saw;
    } finally {
      clients.shutdownNow();
    }
  }

  private static Saw client(App app, int no, Map<String, ?> line, long until) {
    Saw saw = new Saw(new ArrayList<>(), new ArrayList<>(), new ArrayList<>(), new ArrayList<>());
    for (int i = no; System.nanoTime() < until; i++) {
      long begun = System.nanoTime();
      if (i % 10 != 0) {
        int status = app.tryGet(PAGES.get(i % PAGES.size())).status();
        saw.readMs().add((System.nanoTime() - begun) / 1_000_000);
        if (status != 200) {
          saw.failed().add(status);
        }
        continue;
      }
      String name = "crowd " + no + "-" + i;
      App.Answer customer = app.act("/api/customers", Map.of("name", name));
      App.Answer order =
          app.act(
              "/api/orders",
              Map.of(
                  "customerId",
                  customer.body().path("id").asLong(),
                  "due",
                  LocalDate.ofInstant(App.now(), ZoneOffset.UTC).plusDays(60).toString(),
                  "lines",
                  List.of(line)));
      saw.actMs().add((System.nanoTime() - begun) / 2_000_000);
      saw.kept().add(name);
      if (order.status() >= 300) {
        saw.failed().add(order.status());
      }
    }
    return saw;
  }

  private static long[] times(List<List<Long>> each) {
    return each.stream().flatMap(List::stream).mapToLong(Long::longValue).sorted().toArray();
  }

  private static String words(long[] ms) {
    return "%d, median %d ms, 95 of 100 within %d ms, longest %d ms"
        .formatted(
            ms.length,
            ms[ms.length / 2],
            ms[ms.length * 95 / 100],
            Arrays.stream(ms).max().orElse(0));
  }
}
