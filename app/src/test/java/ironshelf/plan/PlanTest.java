package ironshelf.plan;

import static org.assertj.core.api.Assertions.assertThat;

import ironshelf.App;
import ironshelf.App.Answer;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;

/** The plan of the demo, on a demo that others change too. */
class PlanTest {

  private static App app;

  @BeforeAll
  static void start() {
    app = App.busy();
  }

  /** All that is still to pour is in it, no copy twice at once, nothing outside hours. */
  @Test
  void everyOpenLineIsPlannedAndNoCopyTwice() {
    JsonNode plan = app.plan();
    Map<Long, Integer> planned = new HashMap<>();
    Map<Long, Map<LocalDateTime, LocalDateTime>> byCopy = new HashMap<>();
    for (JsonNode cast : plan.path("casts")) {
      planned.merge(cast.path("lineId").asLong(), cast.path("pieces").asInt(), Integer::sum);
      LocalDateTime pour = at(cast, "pourAt");
      assertThat(pour.getHour()).isBetween(7, 16);
      byCopy
          .computeIfAbsent(cast.path("copyId").asLong(), c -> new java.util.TreeMap<>())
          .put(pour, at(cast, "demouldAt"));
    }
    for (JsonNode order : app.get("/api/orders?which=open&size=100").path("items")) {
      for (JsonNode line : order.path("lines")) {
        if (line.path("toPour").asInt() > 0) {
          assertThat(planned.get(line.path("id").asLong()))
              .as("%s", line)
              .isEqualTo(line.path("toPour").asInt());
        }
      }
    }
    byCopy
        .values()
        .forEach(
            uses -> {
              LocalDateTime free = LocalDateTime.MIN;
              for (Map.Entry<LocalDateTime, LocalDateTime> use : uses.entrySet()) {
                assertThat(use.getKey()).isAfterOrEqualTo(free);
                free = use.getValue();
              }
            });
    assertThat(plan.path("days").get(0).path("visits").size()).isPositive();
    assertThat(plan.path("rules").path("late days by weight").asLong()).isNotPositive();
  }

  /** A search that was superseded ends a moment later; the newer one goes on all the same. */
  @Test
  void aSearchIsNotEndedByTheOneBeforeIt() throws InterruptedException {
    for (int round = 0; round < 3; round++) {
      app.post("/api/plan/run", "{\"seconds\":30}");
      app.post("/api/plan/run", "{\"seconds\":30}");
      for (int i = 0; i < 20; i++) {
        assertThat(app.get("/api/plan/run").path("running").asBoolean())
            .as("round %s, look %s", round, i)
            .isTrue();
      }
    }
    endSearch();
  }

  /** What a search found is kept a moment after it was told to end. */
  private static void endSearch() throws InterruptedException {
    app.delete("/api/plan/run");
    for (int i = 0; i < 200 && app.get("/api/plan/run").path("running").asBoolean(); i++) {
      Thread.sleep(100);
    }
    assertThat(app.get("/api/plan/run").path("running").asBoolean()).isFalse();
  }

  private static LocalDateTime at(JsonNode node, String field) {
    return LocalDateTime.parse(node.path(field).asString());
  }

  @Test
  void aBrokenCopyHealsThePlan() {
    JsonNode cast = app.plan().path("casts").get(0);
    long copyId = cast.path("copyId").asLong();
    JsonNode copy = app.get("/api/copies/" + copyId).path("copy");
    Answer marked =
        app.post(
            "/api/copies/" + copyId + "/marks",
            "{\"condition\":\"retired\",\"reason\":\"split along the seam\"}",
            Map.of("If-Match", "\"" + copy.path("version").asLong() + "\""));
    assertThat(marked.status()).as("%s", marked.body()).isBetween(200, 299);
    JsonNode healed = app.plan();
    assertThat(healed.path("cause").asString()).isEqualTo("facts");
    Set<Long> used = new TreeSet<>();
    healed.path("casts").forEach(c -> used.add(c.path("copyId").asLong()));
    assertThat(used).isNotEmpty().doesNotContain(copyId);
  }

  @Test
  void aCastIsMovedKeptAndLetGo() {
    JsonNode plan = app.plan();
    JsonNode cast = plan.path("casts").get(plan.path("casts").size() - 1);
    String path = "/api/plans/" + plan.path("id").asLong() + "/casts/" + cast.path("no").asInt();
    LocalDateTime later = weekday(at(cast, "pourAt").plusDays(14).withHour(9).withMinute(30));
    Map<String, Object> to =
        Map.of("copyId", cast.path("copyId").asLong(), "pourAt", later.toString());
    Answer moved = app.put(path, to, "\"0\"");
    assertThat(moved.status()).as("%s", moved.body()).isEqualTo(200);
    List<JsonNode> pinned = new ArrayList<>();
    moved.body().path("casts").forEach(c -> addIf(c.path("pinned").asBoolean(), pinned, c));
    assertThat(pinned).hasSize(1);
    assertThat(at(pinned.get(0), "pourAt")).isEqualTo(later);
    assertThat(app.put(path, to, "\"0\"").status()).as("an old plan").isEqualTo(412);
    // At night nobody is in, and the reason says so.
    Answer refused =
        app.put(
            "/api/plans/"
                + moved.body().path("id").asLong()
                + "/casts/"
                + pinned.get(0).path("no").asInt(),
            Map.of("copyId", cast.path("copyId").asLong(), "pourAt", later.withHour(3).toString()),
            "\"0\"");
    assertThat(refused.status()).isEqualTo(400);
    assertThat(refused.body().path("errors").get(0).path("code").asString())
        .isEqualTo("pin.closed");
    Answer undone = app.post("/api/plans/" + moved.body().path("id").asLong() + "/undone", "");
    assertThat(undone.body().path("id")).isEqualTo(plan.path("id"));
    assertThat(undone.body().path("casts")).isEqualTo(plan.path("casts"));
  }

  /** A day of the plan: who does what, within people and mixer, and what its mixes take. */
  @Test
  void aDayIsWrittenUp() {
    JsonNode plan = app.plan();
    for (JsonNode planned : plan.path("days")) {
      JsonNode day = app.get("/api/plan/days/" + planned.path("date").asString());
      boolean mixes = false;
      for (JsonNode visit : day.path("visits")) {
        assertThat(visit.path("person").asInt()).isBetween(1, day.path("people").asInt());
        if (visit.has("litres")) {
          mixes = true;
          assertThat(visit.path("litres").asDouble())
              .isLessThanOrEqualTo(day.path("mixerL").asDouble() + 1e-9);
          Set<String> alike = new TreeSet<>();
          visit
              .path("casts")
              .forEach(
                  no -> alike.add(plan.path("casts").get(no.asInt()).path("mixKey").asString()));
          assertThat(alike).as("one recipe and colour").hasSize(1);
        }
      }
      assertThat(day.path("fetch").isEmpty()).isEqualTo(!mixes);
    }
    assertThat(app.tryGet("/api/plan/days/1999-01-01").status()).isEqualTo(404);
    assertThat(app.tryGet("/api/plan/days/soon").status()).isEqualTo(400);
  }

  private static void addIf(boolean so, List<JsonNode> list, JsonNode node) {
    if (so) {
      list.add(node);
    }
  }

  private static LocalDateTime weekday(LocalDateTime at) {
    return at.getDayOfWeek().getValue() == 7 ? at.plusDays(1) : at;
  }

  /** A day on which nothing was done puts things off, and the plan says which. */
  @Test
  void whatChangedSinceYesterdayIsTold() {
    app.plan();
    app.post("/api/stand-ins/clock", "{\"minutes\":2880}");
    JsonNode plan = app.plan();
    assertThat(plan.path("cause").asString()).isEqualTo("facts");
    assertThat(plan.path("changes").size()).isPositive();
    for (JsonNode change : plan.path("changes")) {
      assertThat(change.path("is")).isNotEqualTo(change.path("was"));
    }
  }

  /** Reading writes nothing: neither the plan nor what follows from it. */
  @Test
  void lookingChangesNothing() {
    app.plan();
    JdbcTemplate sql = app.bean(JdbcTemplate.class);
    String books = "select count(*) || ' ' || max(id) || ' ' || max(made_at) from plans";
    String before = sql.queryForObject(books, String.class);
    for (String page : List.of("/api/plan", "/api/needs", "/api/shelf", "/api/orders")) {
      app.get(page);
    }
    assertThat(sql.queryForObject(books, String.class)).isEqualTo(before);
  }

  /** What the plan does not stand on makes no other plan. */
  @Test
  void aCustomerIsNoReasonForAnotherPlan() {
    JsonNode plan = app.plan();
    assertThat(app.act("/api/customers", Map.of("name", "Nobody yet")).status()).isEqualTo(201);
    JsonNode after = app.get("/api/plan");
    assertThat(after.path("id")).isEqualTo(plan.path("id"));
    assertThat(after.path("renewing").asBoolean()).isFalse();
  }

  @Test
  void manyWhoLookAtOnceHealItOnce() throws InterruptedException, ExecutionException {
    app.post("/api/plan/run", "{\"seconds\":0}");
    long asked = app.plan().path("id").asLong();
    // Over any weekend: a day on which nobody works takes nothing of the plan.
    app.post("/api/stand-ins/clock", "{\"minutes\":4320}");
    ExecutorService people = Executors.newFixedThreadPool(6);
    List<Callable<Long>> looks = Collections.nCopies(6, () -> app.plan().path("id").asLong());
    Set<Long> seen = new TreeSet<>();
    for (Future<Long> look : people.invokeAll(looks)) {
      seen.add(look.get());
    }
    people.shutdown();
    assertThat(seen).hasSize(1).doesNotContain(asked);
    Answer undone = app.post("/api/plans/" + seen.iterator().next() + "/undone", "");
    assertThat(undone.body().path("id").asLong()).isEqualTo(asked);
  }

  @Test
  void aSearchIsNeverWorseAndCanBeStopped() throws InterruptedException {
    assertThat(app.post("/api/plan/run", "{\"seconds\":-1}").status()).isEqualTo(400);
    double before = app.plan().path("lateDays").asDouble();
    assertThat(app.post("/api/plan/run", "{\"seconds\":30}").body().path("running").asBoolean())
        .isTrue();
    Thread.sleep(500);
    endSearch();
    assertThat(app.plan().path("lateDays").asDouble()).isLessThanOrEqualTo(before);
  }

  @Test
  void needsAreBoughtInWholePacksAndAsATable() {
    JsonNode needs = app.get("/api/needs");
    assertThat(needs.path("materials").size()).isPositive();
    for (JsonNode need : needs.path("materials")) {
      double pack = need.path("packKg").asDouble(0);
      for (JsonNode purchase : need.path("purchases")) {
        assertThat(purchase.path("massKg").asDouble())
            .as("%s", need)
            .isCloseTo(
                purchase.path("packs").asInt() * pack, org.assertj.core.data.Offset.offset(1e-6));
      }
    }
    assertThat(new String(app.file("/api/needs.csv"), java.nio.charset.StandardCharsets.UTF_8))
        .startsWith("material,order_by,needed_on,packs,amount,kg,price,currency");
  }
}
