package ironshelf.backup;

import static org.assertj.core.api.Assertions.assertThat;

import ironshelf.App;
import ironshelf.Shelf;
import ironshelf.folder.Archive;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.Timestamp;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicBoolean;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;

/** Backups of a running shop, and what the check finds. */
class BackupsTest {

  private static final int CLIENTS = 20;

  private static App app;

  @TempDir Path elsewhere;

  @BeforeAll
  static void start() {
    app = App.fresh();
  }

  @AfterAll
  static void stop() {
    app.close();
  }

  /** An act of a client by its own book. */
  private record Done(String name, long asked, long answered) {}

  /** Twenty write as fast as they can; the backup is what all of it was at one moment. */
  @Test
  void aBackupOfABusyShopIsOneMomentOfIt() throws Exception {
    ConcurrentLinkedQueue<Done> book = new ConcurrentLinkedQueue<>();
    AtomicBoolean enough = new AtomicBoolean();
    ExecutorService clients = Executors.newFixedThreadPool(CLIENTS);
    List<Future<?>> all = new ArrayList<>();
    for (int c = 0; c < CLIENTS; c++) {
      int client = c;
      Callable<Void> acts =
          () -> {
            for (int n = 0; !enough.get(); n++) {
              String name = "client " + client + " no " + n;
              long asked = System.nanoTime();
              int status = app.act("/api/customers", Map.of("name", name)).status();
              assertThat(status).isEqualTo(201);
              book.add(new Done(name, asked, System.nanoTime()));
            }
            return null;
          };
      all.add(clients.submit(acts));
    }
    Thread.sleep(700);
    long begun = System.nanoTime();
    JsonNode made = app.post("/api/backups", "").body();
    long ended = System.nanoTime();
    Thread.sleep(300);
    enough.set(true);
    for (Future<?> client : all) {
      client.get();
    }
    clients.shutdown();

    Set<String> kept = customers(made.path("items").get(0).path("name").asString());
    long lastIn = Long.MIN_VALUE;
    for (Done done : book) {
      if (done.answered() < begun) {
        assertThat(kept).as("answered before").contains(done.name());
      }
      if (done.asked() > ended) {
        assertThat(kept).as("asked for after").doesNotContain(done.name());
      }
      if (kept.contains(done.name())) {
        lastIn = Math.max(lastIn, done.asked());
      }
    }
    // What was answered before something in it was asked for is in it as well.
    for (Done done : book) {
      if (done.answered() < lastIn) {
        assertThat(kept).as("one moment").contains(done.name());
      }
    }
    assertThat(kept.size()).isGreaterThan(CLIENTS);
  }

  private Set<String> customers(String backup) throws Exception {
    Path zip = elsewhere.resolve(backup);
    Files.write(zip, app.file("/api/backups/" + backup + "/file"));
    new Archive(zip).checked();
    new Archive(zip).unpack(elsewhere.resolve("copy.mv.db"));
    Set<String> names = new HashSet<>();
    try (Connection connection =
            DriverManager.getConnection("jdbc:h2:file:" + elsewhere.resolve("copy"), "sa", "");
        ResultSet rows =
            connection
                .createStatement()
                .executeQuery("select name from customers where name like 'client %'")) {
      while (rows.next()) {
        names.add(rows.getString(1));
      }
    }
    return names;
  }

  @Test
  void whatThereIsIsTold() throws Exception {
    JsonNode made = app.post("/api/backups", "").body();
    JsonNode newest = made.path("items").get(0);
    assertThat(newest.path("good").asBoolean()).isTrue();
    assertThat(newest.path("reason").asString()).isEqualTo("asked");
    assertThat(newest.path("shop").asString())
        .isEqualTo(app.get("/api/workshop").path("name").asString());
    assertThat(newest.path("counts").path("pours").asInt()).isPositive();
    assertThat(made.path("late").asBoolean()).isFalse();
    assertThat(Instant.parse(made.path("lastGoodAt").asString()))
        .isAfter(App.now().minusSeconds(3_600));
    // One that was damaged since is told, and does not count as the last good one.
    Path file = Path.of(made.path("folder").asString(), newest.path("name").asString());
    Files.writeString(file, "no zip");
    JsonNode seen = app.get("/api/backups").path("items").get(0);
    assertThat(seen.path("good").asBoolean()).isFalse();
    assertThat(app.post("/api/backups/" + newest.path("name").asString() + "/restore", "").code())
        .isEqualTo("backup.damaged");
    assertThat(app.tryGet("/api/backups/..%2F..%2Fironshelf.mv.db/file").status()).isIn(400, 404);
    Files.delete(file);
  }

  /** Of an own shop: the demo's days are set ahead in a moment. */
  @Test
  void aBackupIsWantedAfterTwoDays() throws Exception {
    try (App own = App.empty("--ironshelf.daily-backups=false")) {
      JdbcTemplate sql = own.bean(JdbcTemplate.class);
      // The database goes by the machine's clock, the shop by that of the tests.
      String installed = "update \"flyway_schema_history\" set \"installed_on\" = ?";
      sql.update(installed, Timestamp.from(App.now()));
      assertThat(own.get("/api/backups").path("late").asBoolean()).isFalse();
      sql.update(installed, Timestamp.from(App.now().minus(Duration.ofDays(3))));
      assertThat(own.get("/api/backups").path("late").asBoolean()).isTrue();
      assertThat(own.post("/api/backups", "").body().path("late").asBoolean()).isFalse();
    }
  }

  @Test
  void theSecondFolderGetsACopyAndMayBeAway() throws Exception {
    Path stick = Files.createDirectory(elsewhere.resolve("stick"));
    Map<String, Object> named = new HashMap<>();
    named.put("path", stick.toString());
    assertThat(app.put("/api/backups/second-folder", named, "\"0\"").status()).isEqualTo(200);
    String name = app.post("/api/backups", "").body().path("items").get(0).path("name").asString();
    assertThat(new Archive(stick.resolve(name)).checked().reason().name()).isEqualTo("ASKED");
    Files.delete(stick.resolve(name));
    Files.delete(stick);
    JsonNode without = app.post("/api/backups", "").body();
    assertThat(without.path("secondAway").asBoolean()).isTrue();
    named.put("path", "/nowhere/at/all");
    assertThat(app.put("/api/backups/second-folder", named, "\"0\"").code())
        .isEqualTo("backup.secondFolder");
    named.put("path", null);
    assertThat(app.put("/api/backups/second-folder", named, "\"0\"").body().has("secondFolder"))
        .isFalse();
  }

  /** All that the application itself wrote is in order, and what is broken behind it is named. */
  @Test
  void theCheckNamesWhatIsWrong() {
    new Shelf(app).takeOut("Tea-light cup", 2);
    JsonNode check = app.get("/api/check");
    assertThat(check.path("good").asBoolean()).as(check.toPrettyString()).isTrue();
    for (JsonNode looked : check.path("looked")) {
      assertThat(looked.path("rows").asLong()).as(looked.path("what").asString()).isPositive();
    }
    JdbcTemplate sql = app.bean(JdbcTemplate.class);
    sql.execute("set referential_integrity false");
    sql.update(
        "update movements set mass_kg = mass_kg - 1 where pour_id = (select max(pour_id) from movements) and id = (select max(id) from movements m where m.pour_id = (select max(pour_id) from movements))");
    sql.update("insert into lots (material_id, code, version) values (987654, 'ghost', 0)");
    JsonNode bad = app.get("/api/check");
    assertThat(bad.path("good").asBoolean()).isFalse();
    assertThat(bad.toString())
        .contains("1 rows of lots ask for materials 987654, which is not there")
        .contains("weighed");
    sql.update("delete from lots where code = 'ghost'");
    sql.execute("set referential_integrity true");
  }
}
