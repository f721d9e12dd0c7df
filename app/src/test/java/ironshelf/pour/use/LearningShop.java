package ironshelf.pour.use;

import static org.assertj.core.api.Assertions.assertThat;

import ironshelf.App;
import ironshelf.App.Answer;
import ironshelf.Pouring;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import tools.jackson.databind.JsonNode;

/**
 * An own shop that makes products of every school, pours them fact by fact, and says what it
 * learned.
 */
final class LearningShop {

  private final App app;
  private int number;

  LearningShop(App app) {
    this.app = app;
  }

  JsonNode make(String mix, Map<String, Object> more) {
    Map<String, Object> product = new HashMap<>(more);
    product.putIfAbsent("shape", "pot");
    product.put("mix", mix);
    product.put("name", "Piece " + ++number);
    product.put("copies", 2);
    Answer made = app.act("/api/set-up/product", product);
    assertThat(made.status()).as(made.body().toString()).isEqualTo(201);
    return made.body();
  }

  JsonNode learned(JsonNode made) {
    long recipe =
        app.get("/api/products/" + made.path("productId").asLong())
            .path("product")
            .path("recipeId")
            .asLong();
    return app.get("/api/recipes/" + recipe + "/learned");
  }

  /** Opens a pour into all copies of a product. */
  JsonNode open(JsonNode made) {
    Map<String, Object> fill = new HashMap<>();
    fill.put("productId", made.path("fills").get(0).path("productId").asLong());
    List<Long> copies = new ArrayList<>();
    made.path("fills").get(0).path("copyIds").forEach(c -> copies.add(c.asLong()));
    fill.put("copyIds", copies);
    return app.act(
            "/api/pours",
            Map.of("fills", List.of(fill), "colourwayId", made.path("colourwayId").asLong()))
        .body();
  }

  /**
   * All measured.
   *
   * @param yield what the mix fills, over what is promised
   * @param water what goes in of it, over what is asked
   */
  long pour(JsonNode made, double yield, double water) {
    JsonNode session = open(made);
    long id = session.path("id").asLong();
    List<Map<String, Object>> facts = new ArrayList<>();
    double mixedKg = 0;
    double promisedL = 0;
    for (JsonNode batch : session.path("meant").path("sheet").path("batches")) {
      for (JsonNode mix : batch.path("mixes")) {
        for (JsonNode line : mix.path("lines")) {
          boolean isWater = line.path("role").asString().equals("water");
          double kg = line.path("askedKg").asDouble() * (isWater ? water : 1);
          mixedKg += kg;
          promisedL += kg * line.path("litresPerKg").asDouble();
          facts.add(
              fact(
                  "weighed",
                  Map.of(
                      "line",
                      line.path("key").asString(),
                      "kg",
                      kg,
                      "source",
                      "scale",
                      "more",
                      false)));
        }
        facts.add(fact("wetted", Map.of("mix", mix.path("key").asString())));
      }
      for (JsonNode portion : batch.path("portions")) {
        facts.add(
            fact(
                "filled",
                Map.of(
                    "copy",
                    portion.path("copy").asString(),
                    "batch",
                    batch.path("key").asString(),
                    "all",
                    true)));
      }
      facts.add(fact("tapped", Map.of("batch", batch.path("key").asString())));
    }
    double filledL = 0;
    for (JsonNode copy : session.path("meant").path("sheet").path("copies")) {
      filledL += copy.path("litres").asDouble();
    }
    // What the copies took of what there really was; the rest is weighed.
    double leftKg = mixedKg * (1 - filledL / (promisedL * yield));
    facts.add(fact("leftWeighed", Map.of("kg", leftKg, "source", "scale")));
    facts.add(fact("recorded", Map.of()));
    Answer noted = app.act("/api/pours/" + id + "/facts", Map.of("facts", facts));
    assertThat(noted.status()).as(noted.body().toString()).isEqualTo(200);
    return id;
  }

  /** Takes a pour's copies out, one piece each, of these masses. */
  void takeOut(long pour, double... massesKg) {
    List<Map<String, Object>> out = new ArrayList<>();
    JsonNode casts = Pouring.group(app, pour).path("casts");
    assertThat(casts.size()).isEqualTo(massesKg.length);
    for (int i = 0; i < massesKg.length; i++) {
      out.add(
          Map.of(
              "castId", casts.get(i).path("id").asLong(),
              "version", casts.get(i).path("version").asLong(),
              "pieces", List.of(Map.of("massKg", massesKg[i]))));
    }
    Answer taken =
        app.act("/api/shelf/take-out", Map.of("casts", out, "earlyReason", "for a trial"));
    assertThat(taken.status()).as(taken.body().toString()).isEqualTo(200);
  }

  Map<String, Object> fact(String kind, Map<String, Object> values) {
    return fact(kind, values, App.now());
  }

  Map<String, Object> fact(String kind, Map<String, Object> values, Instant at) {
    Map<String, Object> what = new HashMap<>(values);
    what.put("kind", kind);
    return Map.of("key", "f" + ++number, "at", at.toString(), "what", what);
  }
}
