package ironshelf.pour.use;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import ironshelf.App;
import ironshelf.App.Answer;
import ironshelf.Materials;
import ironshelf.Pouring;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/**
 * What pours teach, school by school, in an own shop and over the bench's own facts: what went
 * exactly as foretold teaches nothing new; what went otherwise teaches exactly that.
 */
@Tag("accuracy")
class SchoolsLearnTest {

  private static App app;
  private static int number;

  @BeforeAll
  static void start() {
    app = App.empty();
  }

  @AfterAll
  static void stop() {
    app.close();
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "rapid-neat-4-1",
        "white-neat",
        "sand-cement",
        "sand-cement-stone",
        "bagged",
        "hypertufa",
        "hypertufa-perlite",
        "stamp",
        "drape",
        "faced"
      })
  void asForetoldTeachesNothing(String school) {
    JsonNode made = make(school, Map.of("colours", List.of(Map.of("code", "black"))));
    JsonNode before = learned(made);
    pour(made, 1, 1);
    assertTeaches(made, before, 1, 0);
  }

  /**
   * One bag's worth into a plate, its pieces weighed: 20 kg with 0.9 kg of hardware take 19.1 /
   * 0.967 of fresh mix, and weigh 20 kg when they come out. Starting values: retention 0.967
   * (common practice), yield as the bag declares.
   */
  @Test
  void aBaggedPourAsForetoldTeachesOneAndItsRetention() {
    JsonNode made = make("bagged", Map.of("shape", "plate", "targetKg", 20));
    JsonNode before = learned(made);
    long pour = pour(made, 1, 1);
    takeOut(pour, 20, 20);
    JsonNode now = learned(made);
    for (String[] taught : new String[][] {{"yield", "1.000"}, {"retention", "0.967"}}) {
      // The shop's other tests pour the same recipe: a quarter of the way from where they left it.
      double was = before.path(taught[0]).path("value").asDouble();
      assertThat(now.path(taught[0]).path("value").asDouble())
          .as(taught[0])
          .isCloseTo(was + 0.25 * (Double.parseDouble(taught[1]) - was), within(2e-4));
    }
  }

  /** Wet sand: its water is taken off what is weighed, and teaches nothing either. */
  @Test
  void wetSandAsForetoldTeachesNothing() {
    JsonNode made = make("sand-cement", Map.of("colours", List.of(Map.of("code", "black"))));
    for (JsonNode stock : app.get("/api/materials")) {
      JsonNode sand = stock.path("material");
      if (sand.path("code").asString().equals("silica-sand")) {
        Answer wet =
            app.put(
                "/api/materials/" + sand.path("id").asLong(),
                Materials.with(sand, Map.of("moisturePercent", 6, "absorptionPercent", 1)),
                "\"" + sand.path("version").asLong() + "\"");
        assertThat(wet.status()).as(wet.body().toString()).isEqualTo(200);
      }
    }
    JsonNode before = learned(made);
    pour(made, 1, 1);
    assertTeaches(made, before, 1, 0);
  }

  /** A twentieth less than the recipe promises, so that less is left in the bowl. */
  @ParameterizedTest
  @ValueSource(strings = {"rapid-neat-4-1", "sand-cement", "bagged", "hypertufa", "faced"})
  void aShortYieldTeachesExactlyThat(String school) {
    JsonNode made = make(school, Map.of("colours", List.of(Map.of("code", "black"))));
    JsonNode before = learned(made);
    pour(made, 0.95, 1);
    assertTeaches(made, before, 0.95, 0);
  }

  /** Four percent more water than asked, all of it measured. */
  @Test
  void moreWaterTeachesItsColour() {
    JsonNode made = make("drape", Map.of("colours", List.of(Map.of("code", "sand"))));
    JsonNode before = learned(made);
    int colour = before.path("water").size() - 1;
    pour(made, 1, 1.04);
    double used = before.path("water").get(colour).path("offsetUsed").asDouble();
    double went = ((1 + used / 100) * 1.04 - 1) * 100;
    assertThat(offset(learned(made), colour)).isCloseTo(used + 0.25 * (went - used), within(0.01));
  }

  /** A pour teaches what its own version of the colour asked for, whatever it is now. */
  @Test
  void aColourThatIsChangedKeepsWhatItWas() {
    JsonNode made = make("stamp", Map.of("colours", List.of(Map.of("code", "sand"))));
    pour(made, 1, 1);
    long id = made.path("colourwayId").asLong();
    JsonNode was = app.get("/api/colourways/" + id + "/versions").get(0);
    double offset = was.path("waterOffsetPercent").asDouble();
    JsonNode dose = was.path("doses").get(0);
    Map<String, Object> changed =
        Map.of(
            "name", was.path("name").asString(),
            "swatch", was.path("swatch").asString(),
            "waterOffsetPercent", offset + 4,
            "doses",
                List.of(
                    Map.of(
                        "materialId", dose.path("materialId").asLong(),
                        "percentOfBinder", dose.path("percentOfBinder").asDouble())));
    Answer now = app.put("/api/colourways/" + id, changed, "\"1\"");
    assertThat(now.body().path("versionNo").asInt()).isEqualTo(2);
    assertThat(app.put("/api/colourways/" + id, changed, "\"1\"").body().path("versionNo").asInt())
        .as("the same again is no new version")
        .isEqualTo(2);
    assertThat(app.get("/api/colourways/" + id + "/versions").size()).isEqualTo(2);
    // A quarter of the way back to what was poured.
    JsonNode after = learned(made);
    assertThat(offset(after, after.path("water").size() - 1)).isCloseTo(offset + 3, within(0.02));
  }

  /** It went off after nine minutes at 20 °C, where fifteen were foretold: a quarter of the way. */
  @Test
  void aBowlThatWentOffTeachesTheWorkingTime() {
    JsonNode made = make("rapid-neat-3-1", Map.of("colours", List.of(Map.of("code", "black"))));
    double used = learned(made).path("workingUsed").asDouble();
    JsonNode session = open(made);
    long id = session.path("id").asLong();
    String mix = "b1/0";
    Instant wet = Instant.now().minusSeconds(9 * 60);
    app.act(
        "/api/pours/" + id + "/facts",
        Map.of(
            "facts",
            List.of(fact("asAsked", Map.of("mix", mix)), fact("wetted", Map.of("mix", mix), wet))));
    app.act(
        "/api/pours/" + id + "/facts",
        Map.of("facts", List.of(fact("thrown", Map.of("batch", "b1", "why", "it went off")))));
    JsonNode working = learned(made).path("working");
    assertThat(working.path("count").asInt()).isEqualTo(1);
    assertThat(working.path("value").asDouble()).isCloseTo(used + 0.25 * (9 - used), within(0.1));
  }

  /** One copy's filling was weighed: what its piece weighs, less its hardware, is what it kept. */
  @Test
  void whatAWeighedCopyKeptIsTaught() {
    JsonNode made = make("bagged", Map.of("shape", "plate", "targetKg", 20));
    double used = learned(made).path("retentionUsed").asDouble();
    JsonNode session = open(made);
    long id = session.path("id").asLong();
    List<Map<String, Object>> facts = new ArrayList<>();
    int filled = 0;
    for (JsonNode batch : session.path("meant").path("sheet").path("batches")) {
      for (JsonNode mix : batch.path("mixes")) {
        facts.add(fact("asAsked", Map.of("mix", mix.path("key").asString())));
        facts.add(fact("wetted", Map.of("mix", mix.path("key").asString())));
      }
      for (JsonNode portion : batch.path("portions")) {
        Map<String, Object> fill = new HashMap<>();
        fill.put("copy", portion.path("copy").asString());
        fill.put("batch", batch.path("key").asString());
        fill.put("all", true);
        if (filled++ == 0) {
          fill.put("kg", 20.5);
          fill.put("source", "scale");
        }
        facts.add(fact("filled", fill));
      }
      facts.add(fact("tapped", Map.of("batch", batch.path("key").asString())));
    }
    facts.add(fact("leftWeighed", Map.of("kg", 1, "source", "scale")));
    facts.add(fact("recorded", Map.of()));
    Answer noted = app.act("/api/pours/" + id + "/facts", Map.of("facts", facts));
    assertThat(noted.status()).as(noted.body().toString()).isEqualTo(200);
    // The second was not weighed wet: what it kept is not known.
    takeOut(id, 19.7, 12);
    JsonNode retention = learned(made).path("retention");
    assertThat(retention.path("count").asInt()).isEqualTo(1);
    assertThat(retention.path("value").asDouble())
        .isCloseTo(used + 0.25 * (19.7 / 20.5 - used), within(1e-6));
  }

  /** Two colours beside each other, and a piece that is sold by its mass, as foretold. */
  @Test
  void layersAndTargetsAsForetoldTeachNothing() {
    JsonNode two =
        make(
            "white-neat",
            Map.of(
                "shape",
                "kit-dry",
                "measures",
                Map.of("dryKg", 1.4),
                "colours",
                List.of(
                    Map.of("code", "white", "sharePercent", 60),
                    Map.of("code", "black", "sharePercent", 40))));
    JsonNode before = learned(two);
    pour(two, 1, 1);
    assertTeaches(two, before, 1, 0);
    JsonNode plate = make("bagged", Map.of("shape", "plate", "targetKg", 20));
    before = learned(plate);
    pour(plate, 1, 1);
    assertTeaches(plate, before, 1, 0);
  }

  /** A pour moves what is learned a quarter of the way to what it showed. */
  private static void assertTeaches(JsonNode made, JsonNode before, double yield, double water) {
    JsonNode now = learned(made);
    assertThat(now.path("yield").path("count").asInt())
        .isGreaterThan(before.path("yield").path("count").asInt());
    double was = before.path("yield").path("value").asDouble();
    double showed = before.path("yieldUsed").asDouble() * yield;
    int bowls =
        now.path("yield").path("count").asInt() - before.path("yield").path("count").asInt();
    for (int i = 0; i < bowls; i++) {
      was += 0.25 * (showed - was);
    }
    assertThat(now.path("yield").path("value").asDouble()).isCloseTo(was, within(2e-4));
    for (int i = 0; i < now.path("water").size(); i++) {
      assertThat(offset(now, i)).isCloseTo(offset(before, i) + water, within(0.02));
    }
  }

  private static double offset(JsonNode learned, int colour) {
    return learned.path("water").get(colour).path("offset").path("value").asDouble();
  }

  private static JsonNode make(String mix, Map<String, Object> more) {
    Map<String, Object> product = new HashMap<>(more);
    product.putIfAbsent("shape", "pot");
    product.put("mix", mix);
    product.put("name", "Piece " + ++number);
    product.put("copies", 2);
    Answer made = app.act("/api/set-up/product", product);
    assertThat(made.status()).as(made.body().toString()).isEqualTo(201);
    return made.body();
  }

  private static JsonNode learned(JsonNode made) {
    long recipe =
        app.get("/api/products/" + made.path("productId").asLong())
            .path("product")
            .path("recipeId")
            .asLong();
    return app.get("/api/recipes/" + recipe + "/learned");
  }

  /** Opens a pour into all copies of a product. */
  private static JsonNode open(JsonNode made) {
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
  private static long pour(JsonNode made, double yield, double water) {
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
  private static void takeOut(long pour, double... massesKg) {
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

  private static Map<String, Object> fact(String kind, Map<String, Object> values) {
    return fact(kind, values, Instant.now());
  }

  private static Map<String, Object> fact(String kind, Map<String, Object> values, Instant at) {
    Map<String, Object> what = new HashMap<>(values);
    what.put("kind", kind);
    return Map.of("key", "f" + ++number, "at", at.toString(), "what", what);
  }
}
