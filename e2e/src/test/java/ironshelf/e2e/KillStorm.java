package ironshelf.e2e;

import java.io.IOException;
import java.io.PrintStream;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Duration;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicBoolean;

/**
 * Clients that book deliveries, counts, waste, orders and products and keep a book of their own,
 * while the server is killed at random moments. After each kill the database is opened by itself:
 * nothing that was answered may be missing, nothing there twice, no act half done.
 *
 * <p>Run by {@code bench/kill-storm.sh}; the figure is told in {@code docs/reliability.md}.
 */
final class KillStorm {

  private static final int CLIENTS = 4;
  private static final int SHORTEST_MS = 150;
  private static final int LONGEST_MS = 1_500;

  private final Path data;
  private final int port;
  private final Random random;
  private final HttpClient http = HttpClient.newHttpClient();
  private final Set<String> answered = ConcurrentHashMap.newKeySet();
  private final Map<String, Double> deliveredKg = new ConcurrentHashMap<>();

  private KillStorm(long seed) throws IOException {
    data = Files.createTempDirectory("kill-storm");
    random = new Random(seed);
    try (ServerSocket free = new ServerSocket(0)) {
      port = free.getLocalPort();
    }
  }

  /** What a storm found. */
  record Found(int rounds, int answered, int missing, int twice, int half) {
    boolean isClean() {
      return missing + twice + half == 0;
    }
  }

  public static void main(String[] args) throws Exception {
    int rounds = args.length > 0 ? Integer.parseInt(args[0]) : 200;
    long seed = args.length > 1 ? Long.parseLong(args[1]) : 1;
    Found found = run(rounds, seed, System.out);
    System.out.println(found);
    if (!found.isClean()) {
      System.exit(1);
    }
  }

  static Found run(int rounds, long seed, PrintStream told) throws Exception {
    KillStorm storm = new KillStorm(seed);
    int missing = 0;
    int twice = 0;
    int half = 0;
    for (int round = 1; round <= rounds; round++) {
      storm.round();
      Found after = storm.look(round);
      missing = after.missing;
      twice = after.twice;
      half = after.half;
      told.println(after);
    }
    return new Found(rounds, storm.answered.size(), missing, twice, half);
  }

  private void round() throws Exception {
    OwnProcess server =
        new OwnProcess(
            port,
            data.resolve("log.txt"),
            List.of("--server.port=" + port, "--ironshelf.data=" + data, "--ironshelf.demo=false"));
    post("/api/starting-materials/rapid-cement", "", UUID.randomUUID().toString());
    AtomicBoolean over = new AtomicBoolean();
    List<Thread> clients = new ArrayList<>();
    for (int i = 0; i < CLIENTS; i++) {
      Random own = new Random(random.nextLong());
      Thread client = new Thread(() -> book(own, over));
      client.start();
      clients.add(client);
    }
    Thread.sleep(SHORTEST_MS + random.nextInt(LONGEST_MS - SHORTEST_MS));
    server.kill();
    over.set(true);
    for (Thread client : clients) {
      client.join();
    }
  }

  private void book(Random own, AtomicBoolean over) {
    while (!over.get()) {
      String key = UUID.randomUUID().toString();
      try {
        if (own.nextInt(4) > 0) {
          double kg = 1 + own.nextInt(400) / 4.0;
          deliveredKg.put(key, kg);
          String lot = "\"code\":\"" + key.substring(0, 18) + "\"";
          if (post("/api/materials/1/lots", "{" + lot + ",\"massKg\":" + kg + "}", key)) {
            answered.add(key);
          }
        } else {
          String product =
              "{\"shape\":\"pot\",\"mix\":\"sand-cement\",\"name\":\"P "
                  + key.substring(0, 18)
                  + "\",\"copies\":2}";
          if (post("/api/set-up/product", product, key)) {
            answered.add(key);
          }
        }
      } catch (IOException gone) {
        // The server was killed before it answered: whether it is kept is open.
      } catch (InterruptedException e) {
        Thread.currentThread().interrupt();
        return;
      }
    }
  }

  /** Whether it was answered with success. */
  private boolean post(String path, String body, String key)
      throws IOException, InterruptedException {
    HttpRequest request =
        HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + path))
            .timeout(Duration.ofSeconds(20))
            .header("Content-Type", "application/json")
            .header("Idempotency-Key", key)
            .POST(HttpRequest.BodyPublishers.ofString(body))
            .build();
    return http.send(request, HttpResponse.BodyHandlers.discarding()).statusCode() < 300;
  }

  /** What the database says, opened by itself after the kill. */
  private Found look(int round) throws SQLException {
    String url = "jdbc:h2:file:" + data.resolve("ironshelf");
    try (Connection connection = DriverManager.getConnection(url, "sa", "");
        Statement sql = connection.createStatement()) {
      Set<String> kept = new HashSet<>();
      int twice = 0;
      int half = 0;
      try (ResultSet row = sql.executeQuery("select act_key, kind from acts")) {
        while (row.next()) {
          twice += kept.add(row.getString(1)) ? 0 : 1;
        }
      }
      int missing = (int) answered.stream().filter(key -> !kept.contains(key)).count();
      // An act and what it did: the key of a delivery has its lot with all of its mass, and no lot
      // or product is there whose key is not.
      Set<String> lots = new HashSet<>();
      try (ResultSet row =
          sql.executeQuery(
              "select l.code, sum(m.mass_kg) from lots l left join movements m on m.lot_id = l.id"
                  + " group by l.id, l.code")) {
        while (row.next()) {
          twice += lots.add(row.getString(1)) ? 0 : 1;
          String key = keyOf(row.getString(1), kept);
          Double kg = key == null ? null : deliveredKg.get(key);
          half += kg == null || Math.abs(row.getDouble(2) - kg) > 1e-6 ? 1 : 0;
        }
      }
      try (ResultSet row =
          sql.executeQuery(
              "select p.name, count(k.id) from products p"
                  + " left join copies k on k.mould_id = p.mould_id group by p.id, p.name")) {
        while (row.next()) {
          boolean whole = keyOf(row.getString(1).substring(2), kept) != null && row.getInt(2) == 2;
          half += whole ? 0 : 1;
        }
      }
      return new Found(round, answered.size(), missing, twice, half);
    }
  }

  private static String keyOf(String beginning, Set<String> kept) {
    return kept.stream().filter(key -> key.startsWith(beginning)).findFirst().orElse(null);
  }
}
