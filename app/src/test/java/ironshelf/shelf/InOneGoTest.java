package ironshelf.shelf;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import ironshelf.App;
import ironshelf.App.Answer;
import ironshelf.Pouring;
import ironshelf.Shelf;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;
import org.junit.jupiter.api.parallel.ResourceLock;
import tools.jackson.databind.JsonNode;

/** What hands do to pieces of several products at once is one act. */
// Beside other classes; its own tests share an application and go one after the other.
@Execution(ExecutionMode.CONCURRENT)
@ResourceLock("InOneGoTest")
class InOneGoTest {

  private static App app;
  private static Shelf shelf;

  @BeforeAll
  static void start() {
    app = App.fresh();
    shelf = new Shelf(app);
  }

  @AfterAll
  static void stop() {
    app.close();
  }

  /** Cups and a vase trimmed, bathed and washed off, three acts for both. */
  @Test
  void aWholeBathIsWashedOffByOneAct() {
    List<Long> cups = shelf.takeOut("Tea-light cup", 2);
    List<Long> vase = shelf.takeOut("Reed vase", 1);
    Answer trimmed = app.act("/api/shelf/steps", together(cups, vase));
    assertThat(trimmed.status()).as(trimmed.body().toString()).isEqualTo(200);
    shelf.forward(24 * 60 + 1);
    Answer washed = app.act("/api/shelf/steps", together(cups, vase));
    assertThat(washed.status()).as(washed.body().toString()).isEqualTo(200);
    JsonNode act = app.get("/api/shelf/acts").get(0);
    assertThat(act.path("step").asString()).isEqualTo("rinse");
    assertThat(act.path("pieceIds")).hasSize(3);
    for (long id : List.of(cups.get(0), vase.get(0))) {
      assertThat(shelf.groupOf(id).path("board").asString()).isEqualTo("drying");
    }
    assertThat(app.act("/api/shelf/acts/" + act.path("id").asLong() + "/undo", Map.of()).status())
        .isEqualTo(200);
    assertThat(shelf.groupOf(vase.get(0)).path("step").asString()).isEqualTo("rinse");
  }

  @Test
  void whatComesToDifferentStepsIsRefusedWhole() {
    List<Long> cups = shelf.takeOut("Tea-light cup", 2);
    shelf.step(cups.subList(0, 1), shelf.groupOf(cups.get(0)));
    Map<String, Object> both = together(cups.subList(0, 1), cups.subList(1, 2));
    both.put("earlyReason", "for the test");
    Answer mixed = app.act("/api/shelf/steps", both);
    assertThat(mixed.code()).isEqualTo("step.mixed");
    assertThat(mixed.body().toString()).contains("trim, wash off");
    assertThat(shelf.groupOf(cups.get(1)).path("step").asString()).isEqualTo("trim");
  }

  /**
   * A row of cups on the scale together: each has its share, which no chart of single ones takes.
   */
  @Test
  void aRowIsWeighedTogether() {
    JsonNode poured = Pouring.of(app, "Tea-light cup", 3).poured(app).body();
    List<Map<String, Object>> casts = new ArrayList<>();
    for (JsonNode cast : Pouring.group(app, poured.path("id").asLong()).path("casts")) {
      List<Map<String, Object>> each = new ArrayList<>();
      for (int i = 0; i < cast.path("pieces").asInt(); i++) {
        each.add(casts.isEmpty() && i == 0 ? Map.of("scrapReason", "chipped") : Map.of());
      }
      casts.add(
          Map.of(
              "castId", cast.path("id").asLong(),
              "version", cast.path("version").asLong(),
              "pieces", each));
    }
    Map<String, Object> out = new HashMap<>();
    out.put("casts", casts);
    out.put("earlyReason", "for the test");
    out.put("totalMassKg", 0.42);
    Answer done = app.act("/api/shelf/take-out", out);
    assertThat(done.status()).as(done.body().toString()).isEqualTo(200);
    List<Long> ids = new ArrayList<>();
    app.get("/api/shelf/acts").get(0).path("pieceIds").forEach(id -> ids.add(id.asLong()));
    int sound = ids.size() - 1;
    double share = 0.42 / sound;
    assertThat(lastSaid(ids.get(0)).has("massKg")).as("what broke was not weighed").isFalse();
    assertThat(lastSaid(ids.get(1)).path("massKg").asDouble()).isCloseTo(share, within(1e-4));
    assertThat(lastSaid(ids.get(1)).path("weighedWith").asInt()).isEqualTo(sound);
    long product = Pouring.product(app, "Tea-light cup").path("product").path("id").asLong();
    assertThat(app.get("/api/products/" + product + "/sheet").path("weights").toString())
        .as("no chart of single ones takes a share")
        .doesNotContain(String.valueOf(Math.round(share * 1e4) / 1e4));

    List<Long> one = List.of(ids.get(1));
    Map<String, Object> trim = shelf.request(one, shelf.groupOf(ids.get(1)));
    trim.put("pieces", List.of(Map.of("id", ids.get(1), "massKg", 0.2)));
    assertThat(app.act("/api/shelf/steps", trim).status()).isEqualTo(200);
    assertThat(lastSaid(ids.get(1)).has("weighedWith")).as("weighed alone").isFalse();
    long act = app.get("/api/shelf/acts").get(0).path("id").asLong();
    app.act("/api/shelf/acts/" + act + "/undo", Map.of());
    assertThat(lastSaid(ids.get(1)).path("weighedWith").asInt())
        .as("a share again")
        .isEqualTo(sound);

    trim.put("totalMassKg", 1.0);
    Answer twice = app.act("/api/shelf/steps", trim);
    assertThat(twice.status()).isEqualTo(400);
    assertThat(twice.body().toString()).contains("mass.twice");
  }

  /**
   * A copy that was emptied stands dirty, in the shelf's list and in the plan, until it is washed.
   */
  @Test
  void dirtyCopiesAreATaskUntilTheyAreWashed() {
    washAll();
    shelf.takeOut("Ripple bowl", 2);
    List<Long> dirty = dirty();
    assertThat(dirty).hasSize(2);
    JsonNode one = app.get("/api/shelf").path("toWash").get(0);
    assertThat(one.path("mould").asString()).isNotEmpty();
    assertThat(one.path("minutes").asDouble()).isPositive();
    assertThat(app.act("/api/shelf/wash", Map.of("copyIds", dirty.subList(0, 1))).status())
        .isEqualTo(200);
    assertThat(dirty()).containsExactlyElementsOf(dirty.subList(1, 2));
    // Retired, it is nobody's to wash.
    long last = dirty.get(1);
    long version = app.get("/api/copies/" + last).path("copy").path("version").asLong();
    assertThat(
            app.post(
                    "/api/copies/" + last + "/marks",
                    "{\"condition\":\"retired\",\"reason\":\"torn\"}",
                    Map.of("If-Match", "\"" + version + "\""))
                .status())
        .isEqualTo(200);
    assertThat(dirty()).isEmpty();
    assertThat(app.act("/api/shelf/wash", Map.of("copyIds", List.of())).status()).isEqualTo(400);
  }

  /**
   * A taking-out that is undone takes the washing along: emptied again, the copy is dirty again.
   */
  @Test
  void aCopyIsDirtyAgainAfterItsTakingOutWasUndone() {
    washAll();
    shelf.takeOut("Reed vase", 1);
    long act = app.get("/api/shelf/acts").get(0).path("id").asLong();
    long copy = dirty().get(0);
    app.act("/api/shelf/wash", Map.of("copyIds", List.of(copy)));
    assertThat(dirty()).isEmpty();
    assertThat(app.act("/api/shelf/acts/" + act + "/undo", Map.of()).status()).isEqualTo(200);
    JsonNode held = app.get("/api/copies/" + copy).path("copy").path("held");
    Answer out =
        app.act(
            "/api/shelf/take-out",
            Map.of(
                "casts",
                List.of(
                    Map.of(
                        "castId", held.path("id").asLong(),
                        "version", held.path("version").asLong(),
                        "pieces", List.of(Map.of()))),
                "earlyReason",
                "for the test"));
    assertThat(out.status()).as(out.body().toString()).isEqualTo(200);
    assertThat(dirty()).containsExactly(copy);
  }

  private static void washAll() {
    List<Long> dirty = dirty();
    if (!dirty.isEmpty()) {
      app.act("/api/shelf/wash", Map.of("copyIds", dirty));
    }
  }

  private static List<Long> dirty() {
    List<Long> ids = new ArrayList<>();
    app.get("/api/shelf").path("toWash").forEach(c -> ids.add(c.path("copyId").asLong()));
    return ids;
  }

  private static JsonNode lastSaid(long pieceId) {
    JsonNode steps = app.get("/api/pieces/" + pieceId + "/steps");
    return steps.get(steps.size() - 1);
  }

  /** What comes next to each, asked for as one thing. */
  private static Map<String, Object> together(List<Long> some, List<Long> others) {
    List<Map<String, Object>> pieces = new ArrayList<>();
    for (List<Long> own : List.of(some, others)) {
      JsonNode group = shelf.groupOf(own.get(0));
      own.forEach(
          id ->
              pieces.add(
                  Map.of(
                      "id", id,
                      "stepNo", group.path("stepNo").asInt(),
                      "round", group.path("round").asInt())));
    }
    Map<String, Object> request = new HashMap<>();
    request.put("pieces", pieces);
    request.put("stepNo", 1);
    request.put("round", 1);
    request.put("overfull", true);
    return request;
  }
}
