package ironshelf.pour.use;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import ironshelf.App;
import ironshelf.App.Answer;
import ironshelf.Materials;
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
  private static LearningShop shop;

  @BeforeAll
  static void start() {
    app = App.empty();
    shop = new LearningShop(app);
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
    JsonNode made = shop.make(school, Map.of("colours", List.of(Map.of("code", "black"))));
    JsonNode before = shop.learned(made);
    shop.pour(made, 1, 1);
    assertTeaches(made, before, 1, 0);
  }

  /**
   * One bag's worth into a plate, its pieces weighed: 20 kg with 0.9 kg of hardware take 19.1 /
   * 0.967 of fresh mix, and weigh 20 kg when they come out. Starting values: retention 0.967
   * (common practice), yield as the bag declares.
   */
  @Test
  void aBaggedPourAsForetoldTeachesOneAndItsRetention() {
    JsonNode made = shop.make("bagged", Map.of("shape", "plate", "targetKg", 20));
    JsonNode before = shop.learned(made);
    long pour = shop.pour(made, 1, 1);
    shop.takeOut(pour, 20, 20);
    JsonNode now = shop.learned(made);
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
    JsonNode made = shop.make("sand-cement", Map.of("colours", List.of(Map.of("code", "black"))));
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
    JsonNode before = shop.learned(made);
    shop.pour(made, 1, 1);
    assertTeaches(made, before, 1, 0);
  }

  /** A twentieth less than the recipe promises, so that less is left in the bowl. */
  @ParameterizedTest
  @ValueSource(strings = {"rapid-neat-4-1", "sand-cement", "bagged", "hypertufa", "faced"})
  void aShortYieldTeachesExactlyThat(String school) {
    JsonNode made = shop.make(school, Map.of("colours", List.of(Map.of("code", "black"))));
    JsonNode before = shop.learned(made);
    shop.pour(made, 0.95, 1);
    assertTeaches(made, before, 0.95, 0);
  }

  /** Four percent more water than asked, all of it measured. */
  @Test
  void moreWaterTeachesItsColour() {
    JsonNode made = shop.make("drape", Map.of("colours", List.of(Map.of("code", "sand"))));
    JsonNode before = shop.learned(made);
    int colour = before.path("water").size() - 1;
    shop.pour(made, 1, 1.04);
    double used = before.path("water").get(colour).path("offsetUsed").asDouble();
    double went = ((1 + used / 100) * 1.04 - 1) * 100;
    assertThat(offset(shop.learned(made), colour))
        .isCloseTo(used + 0.25 * (went - used), within(0.01));
  }

  /** A pour teaches what its own version of the colour asked for, whatever it is now. */
  @Test
  void aColourThatIsChangedKeepsWhatItWas() {
    JsonNode made = shop.make("stamp", Map.of("colours", List.of(Map.of("code", "sand"))));
    shop.pour(made, 1, 1);
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
    JsonNode after = shop.learned(made);
    assertThat(offset(after, after.path("water").size() - 1)).isCloseTo(offset + 3, within(0.02));
  }

  /** It went off after nine minutes at 20 °C, where fifteen were foretold: a quarter of the way. */
  @Test
  void aBowlThatWentOffTeachesTheWorkingTime() {
    JsonNode made =
        shop.make("rapid-neat-3-1", Map.of("colours", List.of(Map.of("code", "black"))));
    double used = shop.learned(made).path("workingUsed").asDouble();
    JsonNode session = shop.open(made);
    long id = session.path("id").asLong();
    String mix = "b1/0";
    Instant wet = App.now().minusSeconds(9 * 60);
    app.act(
        "/api/pours/" + id + "/facts",
        Map.of(
            "facts",
            List.of(
                shop.fact("asAsked", Map.of("mix", mix)),
                shop.fact("wetted", Map.of("mix", mix), wet))));
    app.act(
        "/api/pours/" + id + "/facts",
        Map.of("facts", List.of(shop.fact("thrown", Map.of("batch", "b1", "why", "it went off")))));
    JsonNode working = shop.learned(made).path("working");
    assertThat(working.path("count").asInt()).isEqualTo(1);
    assertThat(working.path("value").asDouble()).isCloseTo(used + 0.25 * (9 - used), within(0.1));
  }

  /** One copy's filling was weighed: what its piece weighs, less its hardware, is what it kept. */
  @Test
  void whatAWeighedCopyKeptIsTaught() {
    JsonNode made = shop.make("bagged", Map.of("shape", "plate", "targetKg", 20));
    double used = shop.learned(made).path("retentionUsed").asDouble();
    JsonNode session = shop.open(made);
    long id = session.path("id").asLong();
    List<Map<String, Object>> facts = new ArrayList<>();
    int filled = 0;
    for (JsonNode batch : session.path("meant").path("sheet").path("batches")) {
      for (JsonNode mix : batch.path("mixes")) {
        facts.add(shop.fact("asAsked", Map.of("mix", mix.path("key").asString())));
        facts.add(shop.fact("wetted", Map.of("mix", mix.path("key").asString())));
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
        facts.add(shop.fact("filled", fill));
      }
      facts.add(shop.fact("tapped", Map.of("batch", batch.path("key").asString())));
    }
    facts.add(shop.fact("leftWeighed", Map.of("kg", 1, "source", "scale")));
    facts.add(shop.fact("recorded", Map.of()));
    Answer noted = app.act("/api/pours/" + id + "/facts", Map.of("facts", facts));
    assertThat(noted.status()).as(noted.body().toString()).isEqualTo(200);
    // The second was not weighed wet: what it kept is not known.
    shop.takeOut(id, 19.7, 12);
    JsonNode retention = shop.learned(made).path("retention");
    assertThat(retention.path("count").asInt()).isEqualTo(1);
    assertThat(retention.path("value").asDouble())
        .isCloseTo(used + 0.25 * (19.7 / 20.5 - used), within(1e-6));
  }

  /** Two colours beside each other, and a piece that is sold by its mass, as foretold. */
  @Test
  void layersAndTargetsAsForetoldTeachNothing() {
    JsonNode two =
        shop.make(
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
    JsonNode before = shop.learned(two);
    shop.pour(two, 1, 1);
    assertTeaches(two, before, 1, 0);
    JsonNode plate = shop.make("bagged", Map.of("shape", "plate", "targetKg", 20));
    before = shop.learned(plate);
    shop.pour(plate, 1, 1);
    assertTeaches(plate, before, 1, 0);
  }

  /** A pour moves what is learned a quarter of the way to what it showed. */
  private static void assertTeaches(JsonNode made, JsonNode before, double yield, double water) {
    JsonNode now = shop.learned(made);
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
}
