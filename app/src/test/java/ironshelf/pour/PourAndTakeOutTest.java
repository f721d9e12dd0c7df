package ironshelf.pour;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import ironshelf.App;
import ironshelf.App.Answer;
import java.util.ArrayList;
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
@ExtendWith(App.Extension.class)
class PourAndTakeOutTest {

  @Test
  void aPourMovesStockHoldsCopiesAndMakesPieces(App app) {
    Chosen chosen = Chosen.of(app, "Reed vase", 1);
    JsonNode sheet = app.act("/api/pours/sheet", chosen.sheet()).body();
    JsonNode cement = sheet.path("lines").get(2);
    assertThat(cement.path("role").asString()).isEqualTo("binder");
    double before = cement.path("stockKg").asDouble();
    Answer poured = app.act("/api/pours", chosen.pour(sheet, 1.01));
    assertThat(poured.status()).isEqualTo(200);
    double after =
        app.act("/api/pours/sheet", chosen.sheet())
            .body()
            .path("lines")
            .get(2)
            .path("stockKg")
            .asDouble();
    assertThat(before - after).isCloseTo(cement.path("massKg").asDouble() * 1.01, within(1e-3));
    String movements = "/api/pours/" + poured.body().path("id").asLong() + "/movements";
    assertThat(app.get(movements).size()).isGreaterThanOrEqualTo(2);
    assertThat(poured.body().path("pieces").asInt()).isEqualTo(1);

    Answer second = app.act("/api/pours", chosen.pour(sheet, 1));
    assertThat(second.status()).isEqualTo(409);
    assertThat(second.code()).isEqualTo("copy.held");
    assertThat(second.body().path("detail").asString()).contains(chosen.codes().get(0));
  }

  @Test
  void theSameKeyIsTheSameAct(App app) {
    Chosen chosen = Chosen.of(app, "Tea-light cup", 1);
    JsonNode sheet = app.act("/api/pours/sheet", chosen.sheet()).body();
    Map<String, Object> pour = chosen.pour(sheet, 1);
    Answer first = app.act("/api/pours", pour, "one-key");
    Answer again = app.act("/api/pours", pour, "one-key");
    assertThat(again.status()).isEqualTo(200);
    assertThat(again.body().path("id")).isEqualTo(first.body().path("id"));
    assertThat(app.act("/api/shelf/take-out", Map.of("casts", List.of()), "one-key").status())
        .isIn(400, 409);
    assertThat(app.post("/api/pours", "{}").status()).isEqualTo(400);
  }

  @Test
  void ofManyAtOnceOneWins(App app) throws Exception {
    Chosen chosen = Chosen.of(app, "Ripple bowl", 1);
    JsonNode sheet = app.act("/api/pours/sheet", chosen.sheet()).body();
    List<Callable<Answer>> presses = new ArrayList<>();
    for (int i = 0; i < 6; i++) {
      presses.add(() -> app.act("/api/pours", chosen.pour(sheet, 1)));
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
    Chosen chosen = Chosen.of(app, "Ripple bowl", 1);
    JsonNode sheet = app.act("/api/pours/sheet", chosen.sheet()).body();
    long pourId = app.act("/api/pours", chosen.pour(sheet, 1)).body().path("id").asLong();
    JsonNode group = group(app, "pour-" + pourId);
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
    assertThat(group(app, "pour-" + pourId)).isNull();
  }

  @Test
  void aBadPourChangesNothing(App app) {
    Chosen chosen = Chosen.of(app, "Tide tray", 1);
    JsonNode sheet = app.act("/api/pours/sheet", chosen.sheet()).body();
    JsonNode before = app.get("/api/materials");
    Map<String, Object> short_ = chosen.pour(sheet, 100_000);
    assertThat(app.act("/api/pours", short_).status()).isEqualTo(400);
    assertThat(app.act("/api/pours", chosen.pour(sheet, 500)).code()).isEqualTo("stock.short");
    assertThat(app.act("/api/pours", chosen.pour(sheet, -1)).status()).isEqualTo(400);
    assertThat(app.get("/api/materials")).isEqualTo(before);
    assertThat(Chosen.of(app, "Tide tray", 1).versions()).isEqualTo(chosen.versions());
  }

  private static JsonNode group(App app, String key) {
    for (JsonNode group : app.get("/api/shelf").path("groups")) {
      if (group.path("key").asString().equals(key)) {
        return group;
      }
    }
    return null;
  }

  /** Free copies of a product's mould, in its first colourway. */
  private record Chosen(
      long productId, long colourwayId, List<Long> ids, List<Long> versions, List<String> codes) {

    static Chosen of(App app, String product, int count) {
      for (JsonNode page : app.get("/api/products")) {
        JsonNode p = page.path("product");
        if (p.path("name").asString().equals(product)) {
          List<JsonNode> free = new ArrayList<>();
          for (JsonNode copy :
              app.get("/api/moulds/" + p.path("mouldId").asLong()).path("copies")) {
            boolean good = copy.path("condition").asString().equals("good");
            if (good && copy.path("held").isMissingNode() && free.size() < count) {
              free.add(copy);
            }
          }
          assertThat(free).as("free copies of " + product).hasSize(count);
          return new Chosen(
              p.path("id").asLong(),
              page.path("colourways").get(0).path("id").asLong(),
              free.stream().map(c -> c.path("id").asLong()).toList(),
              free.stream().map(c -> c.path("version").asLong()).toList(),
              free.stream().map(c -> c.path("code").asString()).toList());
        }
      }
      throw new AssertionError("no product " + product);
    }

    Map<String, Object> sheet() {
      return Map.of("productId", productId, "colourwayId", colourwayId, "copyIds", ids);
    }

    /** A pour in which so much of what was asked went in. */
    Map<String, Object> pour(JsonNode sheet, double share) {
      List<Map<String, Object>> weighOuts = new ArrayList<>();
      for (JsonNode line : sheet.path("lines")) {
        weighOuts.add(
            Map.of(
                "materialId",
                line.path("materialId").asLong(),
                "actualKg",
                line.path("massKg").asDouble() * share));
      }
      List<Map<String, Object>> copies = new ArrayList<>();
      for (int i = 0; i < ids.size(); i++) {
        copies.add(Map.of("id", ids.get(i), "version", versions.get(i)));
      }
      return Map.of(
          "productId", productId,
          "colourwayId", colourwayId,
          "copies", copies,
          "weighOuts", weighOuts);
    }
  }
}
