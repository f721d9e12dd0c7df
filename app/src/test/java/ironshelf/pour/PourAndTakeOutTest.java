package ironshelf.pour;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import ironshelf.App;
import ironshelf.App.Answer;
import ironshelf.Pouring;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** The act of pouring and the act of taking out, over HTTP, once and only once. */
@ExtendWith(App.OfClass.class)
class PourAndTakeOutTest {

  @Test
  void aPourMovesStockHoldsCopiesAndMakesPieces(App app) {
    Pouring chosen = Pouring.of(app, "Reed vase", 1);
    JsonNode sheet = chosen.sheet(app);
    JsonNode cement = sheet.path("layers").get(0).path("lines").get(2);
    assertThat(cement.path("role").asString()).isEqualTo("binder");
    double before = cement.path("stockKg").asDouble();
    Answer poured = app.act("/api/pours/recorded", chosen.pour(sheet, 1.01));
    assertThat(poured.status()).isEqualTo(200);
    double after =
        app.act("/api/pours/sheet", chosen.sheet())
            .body()
            .path("layers")
            .get(0)
            .path("lines")
            .get(2)
            .path("stockKg")
            .asDouble();
    assertThat(before - after).isCloseTo(cement.path("massKg").asDouble() * 1.01, within(1e-3));
    String movements = "/api/pours/" + poured.body().path("id").asLong() + "/movements";
    assertThat(app.get(movements).size()).isGreaterThanOrEqualTo(2);
    assertThat(poured.body().path("pieces").asInt()).isEqualTo(1);

    Answer second = app.act("/api/pours/recorded", chosen.pour(sheet, 1));
    assertThat(second.status()).isEqualTo(409);
    assertThat(second.code()).isEqualTo("copy.held");
    assertThat(second.body().path("detail").asString()).contains(chosen.codes().get(0));
  }

  @Test
  void theSameKeyIsTheSameAct(App app) {
    Pouring chosen = Pouring.of(app, "Tea-light cup", 1);
    JsonNode sheet = chosen.sheet(app);
    Map<String, Object> pour = chosen.pour(sheet, 1);
    Answer first = app.act("/api/pours/recorded", pour, "one-key");
    Answer again = app.act("/api/pours/recorded", pour, "one-key");
    assertThat(again.status()).isEqualTo(200);
    assertThat(again.body().path("id")).isEqualTo(first.body().path("id"));
    assertThat(app.act("/api/shelf/take-out", Map.of("casts", List.of()), "one-key").status())
        .isIn(400, 409);
    assertThat(app.post("/api/pours/recorded", "{}").status()).isEqualTo(400);
  }

  @Test
  void ofManyAtOnceOneWins(App app) throws Exception {
    Pouring chosen = Pouring.of(app, "Ripple bowl", 1);
    JsonNode sheet = chosen.sheet(app);
    List<Callable<Answer>> presses = new ArrayList<>();
    for (int i = 0; i < 6; i++) {
      presses.add(() -> app.act("/api/pours/recorded", chosen.pour(sheet, 1)));
    }
    ExecutorService people = Executors.newFixedThreadPool(6);
    List<Integer> statuses = new ArrayList<>();
    for (Future<Answer> press : people.invokeAll(presses)) {
      statuses.add(press.get().status());
    }
    people.shutdown();
    assertThat(statuses).containsOnlyOnce(200).containsOnly(200, 409);
  }

  @Test
  void takingOutWaitsForTheGateOrAReason(App app) {
    Pouring chosen = Pouring.of(app, "Ripple bowl", 1);
    JsonNode sheet = chosen.sheet(app);
    long pourId = app.act("/api/pours/recorded", chosen.pour(sheet, 1)).body().path("id").asLong();
    JsonNode group = Pouring.group(app, pourId);
    JsonNode cast = group.path("casts").get(0);
    Map<String, Object> out =
        Map.of(
            "castId", cast.path("id").asLong(),
            "version", cast.path("version").asLong(),
            "pieces", List.of(Map.of("massKg", 2.03)));
    Answer early = app.act("/api/shelf/take-out", Map.of("casts", List.of(out)));
    assertThat(early.code()).isEqualTo("cast.tooEarly");
    Map<String, Object> withReason =
        Map.of("casts", List.of(out), "earlyReason", "wanted for a trial");
    assertThat(app.act("/api/shelf/take-out", withReason).status()).isEqualTo(200);
    assertThat(app.act("/api/shelf/take-out", withReason).code()).isEqualTo("cast.emptied");
    assertThat(Pouring.group(app, pourId)).isNull();
  }

  /** Noted in the evening, and nobody weighs. */
  @Test
  void takingOutIsDatedBackAndNeedsNoMass(App app) {
    Pouring chosen = Pouring.of(app, "Ripple bowl", 1);
    Map<String, Object> pour = new HashMap<>(chosen.pour(chosen.sheet(app), 1));
    Instant now = Instant.parse(app.get("/api/workshop").path("now").asString());
    pour.put("pouredAt", now.minusSeconds(7_200).toString());
    Answer poured = app.act("/api/pours/recorded", pour);
    assertThat(poured.status()).as(poured.body().toString()).isEqualTo(200);
    long pourId = poured.body().path("id").asLong();
    JsonNode cast = Pouring.group(app, pourId).path("casts").get(0);
    Map<String, Object> out = new HashMap<>();
    out.put(
        "casts",
        List.of(
            Map.of(
                "castId", cast.path("id").asLong(),
                "version", cast.path("version").asLong(),
                "pieces", List.of(Map.of()))));
    out.put("earlyReason", "wanted for a trial");
    out.put("doneAt", now.plusSeconds(7_200).toString());
    assertThat(app.act("/api/shelf/take-out", out).code()).isEqualTo("step.future");
    out.put("doneAt", now.minusSeconds(9_000).toString());
    assertThat(app.act("/api/shelf/take-out", out).code()).isEqualTo("cast.beforeFilled");
    out.put("doneAt", now.minusSeconds(3_600).toString());
    Answer done = app.act("/api/shelf/take-out", out);
    assertThat(done.status()).as(done.body().toString()).isEqualTo(200);
    JsonNode piece =
        app.get("/api/use/pieces/" + standing(app, pourId).path("pieceIds").get(0).asLong())
            .path("piece");
    assertThat(Instant.parse(piece.path("demouldedAt").asString()))
        .isEqualTo(now.minusSeconds(3_600).truncatedTo(ChronoUnit.MICROS));
    assertThat(piece.has("massKg")).isFalse();
  }

  private static JsonNode standing(App app, long pourId) {
    for (JsonNode group : app.get("/api/shelf").path("groups")) {
      if (group.path("key").asString().startsWith("out-" + pourId + "-")) {
        return group;
      }
    }
    throw new AssertionError("nothing of pour " + pourId + " stands outside its mould");
  }

  /** A pour that is recorded for an earlier hour found its copies as they were then. */
  @Test
  void aCopyHeldSomethingElseThen(App app) {
    Pouring chosen = Pouring.of(app, "Ripple bowl", 1);
    long pourId = chosen.poured(app).body().path("id").asLong();
    JsonNode cast = Pouring.group(app, pourId).path("casts").get(0);
    Map<String, Object> out =
        Map.of(
            "castId", cast.path("id").asLong(),
            "version", cast.path("version").asLong(),
            "pieces", List.of(Map.of("massKg", 2.03)));
    assertThat(
            app.act(
                    "/api/shelf/take-out",
                    Map.of("casts", List.of(out), "earlyReason", "wanted for a trial"))
                .status())
        .isEqualTo(200);
    Map<String, Object> earlier = new HashMap<>(chosen.pour(chosen.sheet(app), 1));
    Instant now = Instant.parse(app.get("/api/workshop").path("now").asString());
    earlier.put("pouredAt", now.minusSeconds(600).toString());
    Answer refused = app.act("/api/pours/recorded", earlier);
    assertThat(refused.code()).isEqualTo("copy.heldThen");
    assertThat(refused.body().path("detail").asString()).startsWith(chosen.codes().get(0));
    earlier.remove("pouredAt");
    assertThat(app.act("/api/pours/recorded", earlier).status()).isEqualTo(200);
  }

  @Test
  void aBadPourChangesNothing(App app) {
    Pouring chosen = Pouring.of(app, "Tea-light cup", 1);
    JsonNode sheet = chosen.sheet(app);
    JsonNode before = app.get("/api/materials");
    Map<String, Object> short_ = chosen.pour(sheet, 100_000);
    assertThat(app.act("/api/pours/recorded", short_).status()).isEqualTo(400);
    assertThat(app.act("/api/pours/recorded", chosen.pour(sheet, 500)).code())
        .isEqualTo("stock.short");
    assertThat(app.act("/api/pours/recorded", chosen.pour(sheet, -1)).status()).isEqualTo(400);
    assertThat(app.get("/api/materials")).isEqualTo(before);
    assertThat(Pouring.of(app, "Tea-light cup", 1).copies()).isEqualTo(chosen.copies());
  }

  @Test
  void aBookingIsTakenBackWhole(App app) {
    Pouring chosen = Pouring.of(app, "Reed vase", 1);
    JsonNode stock = stockKg(app);
    JsonNode orders = app.get("/api/orders");
    long pourId = chosen.poured(app).body().path("id").asLong();
    assertThat(stockKg(app)).isNotEqualTo(stock);
    assertThat(app.act("/api/pours/" + pourId + "/undo", Map.of(), "undo-it").status())
        .isEqualTo(200);
    assertThat(stockKg(app)).isEqualTo(stock);
    assertThat(app.get("/api/orders")).isEqualTo(orders);
    assertThat(Pouring.group(app, pourId)).isNull();
    assertThat(Pouring.of(app, "Reed vase", 1).codes()).isEqualTo(chosen.codes());
    // The same key is the same act; another finds nothing to undo.
    assertThat(app.act("/api/pours/" + pourId + "/undo", Map.of(), "undo-it").status())
        .isEqualTo(200);
    assertThat(app.act("/api/pours/" + pourId + "/undo", Map.of()).code()).isEqualTo("pour.undone");
    // What took and what gave back both stand in the lots.
    JsonNode moved = app.get("/api/pours/" + pourId + "/movements");
    double sum = 0;
    for (JsonNode movement : moved) {
      sum += movement.path("massKg").asDouble();
    }
    assertThat(moved.size()).isGreaterThanOrEqualTo(4);
    assertThat(sum).isCloseTo(0, within(1e-9));
  }

  @Test
  void whatHasGoneOnIsNotUndone(App app) {
    long pourId = Pouring.of(app, "Tea-light cup", 1).poured(app).body().path("id").asLong();
    JsonNode cast = Pouring.group(app, pourId).path("casts").get(0);
    Map<String, Object> out =
        Map.of(
            "castId", cast.path("id").asLong(),
            "version", cast.path("version").asLong(),
            "pieces", List.of(Map.of("massKg", 0.4)));
    app.act("/api/shelf/take-out", Map.of("casts", List.of(out), "earlyReason", "to look"));
    assertThat(app.act("/api/pours/" + pourId + "/undo", Map.of()).code()).isEqualTo("pour.goneOn");
  }

  private static JsonNode stockKg(App app) {
    tools.jackson.databind.node.ObjectNode kg =
        new tools.jackson.databind.json.JsonMapper().createObjectNode();
    for (JsonNode stock : app.get("/api/materials")) {
      kg.put(stock.path("material").path("code").asString(), stock.path("remainingKg").asString());
    }
    return kg;
  }
}
