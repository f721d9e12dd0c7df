package ironshelf.recipe;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import ironshelf.App;
import ironshelf.App.Answer;
import ironshelf.Materials;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Recipes in versions, colourways, and what the shop knows better of its materials. */
@ExtendWith(App.Extension.class)
class RecipeTest {

  private static final JsonMapper JSON = new JsonMapper();

  @Test
  void aShippedRecipeIsTakenIn(App app) {
    assertThat(app.get("/api/starting-recipes").size()).isEqualTo(11);
    Answer taken = app.post("/api/starting-recipes/bagged", "{}");
    assertThat(taken.status()).isEqualTo(201);
    // docs/method/mixes.md: a bag of 80 lb fills 0.60 ft3; at its middle water about 2440 kg/m3.
    assertThat(taken.body().path("freshDensityKgM3").asDouble()).isCloseTo(2441, within(3.0));
    assertThat(taken.body().path("lackPrice").size()).isGreaterThan(0);
    // Common practice: about 35 MPa, sold as 5000 psi (34.5 MPa).
    assertThat(taken.body().path("recipe").path("strength28Mpa").asDouble()).isEqualTo(34.5);
    assertThat(app.post("/api/starting-recipes/bagged", "{}").code()).isEqualTo("name.taken");
    assertThat(app.post("/api/starting-recipes/nothing", "{}").status()).isEqualTo(404);
  }

  @Test
  void aNewVersionLeavesPoursAsTheyWere(App app) {
    JsonNode before = app.post("/api/starting-recipes/white-neat", "{}").body();
    long id = before.path("recipe").path("id").asLong();
    ObjectNode change = (ObjectNode) JSON.readTree(before.path("kept").toString());
    change.put("demouldAgeH", 20);
    String at = "/api/recipes/" + id + "/versions";
    Answer next = app.post(at, change.toString(), Map.of("If-Match", "\"1\""));
    assertThat(next.status()).isEqualTo(201);
    assertThat(next.body().path("recipe").path("versionNo").asInt()).isEqualTo(2);
    assertThat(next.body().path("recipe").path("firstId").asLong()).isEqualTo(id);
    assertThat(next.body().path("versions").size()).isEqualTo(2);
    assertThat(app.get("/api/recipes/" + id).path("recipe").path("demouldAgeH").asDouble())
        .isEqualTo(24);
    assertThat(app.get("/api/recipes/" + id).path("latest").asBoolean()).isFalse();
    assertThat(app.post(at, change.toString(), Map.of("If-Match", "\"1\"")).status())
        .isEqualTo(412);
    change.put("greenUntilAgeH", 3);
    change.putArray("parts");
    Answer refused = app.post(at, change.toString(), Map.of("If-Match", "\"2\""));
    assertThat(refused.status()).isEqualTo(400);
    assertThat(refused.body().path("errors").size()).isEqualTo(2);
  }

  @Test
  void colourwaysAreKeptAndChanged(App app) {
    JsonNode recipe = app.get("/api/recipes").get(0);
    long id = recipe.path("recipe").path("firstId").asLong();
    long pigment =
        recipe.path("colourways").get(0).path("doses").get(0).path("materialId").asLong();
    String body =
        "{\"name\":\"Test shade\",\"swatch\":\"#102030\",\"waterOffsetPercent\":-2,"
            + "\"doses\":[{\"materialId\":"
            + pigment
            + ",\"percentOfBinder\":2.5}]}";
    Answer kept = app.post("/api/recipes/" + id + "/colourways", body);
    assertThat(kept.status()).isEqualTo(201);
    assertThat(app.post("/api/recipes/" + id + "/colourways", body).code()).isEqualTo("name.taken");
    Answer changed =
        app.put(
            "/api/colourways/" + kept.body().path("id").asLong(),
            JSON.readTree(body.replace("2.5", "3.5")),
            "\"0\"");
    assertThat(changed.body().path("doses").get(0).path("percentOfBinder").asDouble())
        .isEqualTo(3.5);
    assertThat(app.post("/api/recipes/" + id + "/colourways", "{\"swatch\":\"red\"}").status())
        .isEqualTo(400);
  }

  /** By hand: 12 % of a bag of 20 kg that is all cement are 2.4 kg, 600 spoons of 4 g. */
  @Test
  void aColourIsDosedInSpoonsAndTooMuchOfItIsSaid(App app) {
    JsonNode cement = Materials.find(app, "Rapid-setting cement").path("material");
    assertThat(cement.path("cementKgABag").asDouble()).isEqualTo(20);
    JsonNode oxide = Materials.find(app, "Iron oxide black").path("material");
    assertThat(oxide.has("cementKgABag")).isFalse();
    String at = "/api/materials/" + oxide.path("id").asLong();
    String version = "\"" + oxide.path("version").asLong() + "\"";
    assertThat(app.put(at, Materials.with(oxide, Map.of("spoonG", 4)), version).status())
        .isEqualTo(200);
    JsonNode recipe = withBinder(app, cement.path("id").asLong());
    String brick =
        "{\"name\":\"Brick\",\"swatch\":\"#a05040\",\"waterOffsetPercent\":0,"
            + "\"doses\":[{\"materialId\":%d,\"percentOfBinder\":12}]}";
    app.post(
        "/api/recipes/" + recipe.path("firstId").asLong() + "/colourways",
        brick.formatted(oxide.path("id").asLong()));
    JsonNode page = app.get("/api/recipes/" + recipe.path("id").asLong());
    int last = page.path("colourways").size() - 1;
    assertThat(page.path("dosing").size()).isEqualTo(last + 1);
    JsonNode dosing = page.path("dosing").get(last);
    assertThat(dosing.path("pigmentPercent").asDouble()).isCloseTo(12, within(1e-9));
    assertThat(dosing.path("spoonsABag").get(0).asDouble()).isCloseTo(600, within(1e-9));
    assertThat(dosing.path("warnings").get(0).path("code").asString()).isEqualTo("pigment.high");
    assertThat(page.path("dosing").get(0).path("warnings").size()).isZero();
  }

  /**
   * By hand: 3 parts of sand with 10 % of water bring 0.3; half of 0.45 is less. The page stands,
   * and says it at the colour.
   */
  @Test
  void aColourThatCannotBeMixedSaysWhy(App app) {
    long cement = Materials.find(app, "Rapid-setting cement").path("material").path("id").asLong();
    long water = Materials.find(app, "Water").path("material").path("id").asLong();
    long sand =
        app.act(
                "/api/materials",
                Map.of(
                    "name",
                    "Wet river sand",
                    "role",
                    "aggregate",
                    "relativeDensity",
                    2.65,
                    "bulkDensityKgM3",
                    1500,
                    "moisturePercent",
                    10))
            .body()
            .path("id")
            .asLong();
    Answer mix =
        app.act(
            "/api/recipes",
            Map.of(
                "name",
                "Wet mix",
                "workingMinAt20C",
                60,
                "demouldAgeH",
                24,
                "parts",
                List.of(byMass(cement, 1), byMass(sand, 3), byMass(water, 0.45))));
    assertThat(mix.status()).as(mix.body().toString()).isEqualTo(201);
    long recipe = mix.body().path("recipe").path("firstId").asLong();
    Answer dry =
        app.post(
            "/api/recipes/" + recipe + "/colourways",
            "{\"name\":\"Dry\",\"swatch\":\"#202020\",\"waterOffsetPercent\":-50,\"doses\":[]}");
    assertThat(dry.status()).isEqualTo(201);
    JsonNode dosing = app.get("/api/recipes/" + recipe).path("dosing");
    JsonNode last = dosing.get(dosing.size() - 1);
    assertThat(last.path("warnings").get(0).path("code").asString())
        .isEqualTo("recipe.waterExceeded");
    assertThat(last.path("pigmentPercent").asDouble()).isZero();
    assertThat(app.get("/api/recipes").size()).isGreaterThan(1);
  }

  private static Map<String, Object> byMass(long material, double parts) {
    return Map.of("materialId", material, "basis", "partsByMass", "amount", parts);
  }

  private static JsonNode withBinder(App app, long material) {
    for (JsonNode page : app.get("/api/recipes")) {
      for (JsonNode line : page.path("lines")) {
        if (line.path("materialId").asLong() == material) {
          return page.path("recipe");
        }
      }
    }
    throw new AssertionError("no recipe with " + material);
  }

  /** By hand: a scoop of 1 L that weighs 1.31 kg is 1310 kg/m3; 24.50 for 20 kg is 1.225 a kg. */
  @Test
  void aWeighedScoopIsWhatScoopsAreFrom(App app) {
    JsonNode cement = Materials.find(app, "Rapid-setting cement");
    String at = "/api/materials/" + cement.path("material").path("id").asLong();
    Answer changed =
        app.put(
            at,
            Materials.with(cement.path("material"), Map.of("scoopKg", 1.31)),
            "\"" + cement.path("material").path("version").asLong() + "\"");
    assertThat(changed.body().path("bulkDensityKgM3").asDouble()).isCloseTo(1310, within(1e-9));
    assertThat(changed.body().path("measured").asBoolean()).isTrue();
    Map<String, Object> before = Materials.with(cement.path("material"), Map.of("scoopKg", 1.25));
    assertThat(app.put(at, before, "\"99\"").status()).isEqualTo(412);
    Answer back = app.put(at, before, "\"" + changed.body().path("version").asLong() + "\"");
    assertThat(back.body().path("bulkDensityKgM3").asDouble()).isCloseTo(1250, within(1e-9));
    JsonNode neat = app.get("/api/recipes").get(0);
    assertThat(neat.path("costPerL").asDouble()).isGreaterThan(1);
  }

  @Test
  void lotsAreReceivedCountedOpenedAndWasted(App app) {
    long sand = Materials.find(app, "Silica sand, dry, fine").path("material").path("id").asLong();
    String lots = "/api/materials/" + sand + "/lots";
    Map<String, Object> delivery = Map.of("code", "TEST-LOT", "massKg", 50);
    assertThat(app.act(lots, delivery, "lot-key").status()).isEqualTo(200);
    assertThat(app.act(lots, delivery, "lot-key").status()).isEqualTo(200);
    assertThat(app.act(lots, delivery).code()).isEqualTo("name.taken");
    JsonNode lot = lot(app, "TEST-LOT");
    assertThat(lot.path("remainingKg").asDouble()).isEqualTo(50);
    String at = "/api/lots/" + lot.path("id").asLong();
    app.act(at + "/count", Map.of("massKg", 48.5, "reason", "scale"));
    app.act(at + "/waste", Map.of("massKg", 0.5, "reason", "spilt"));
    app.post(at + "/open", "{}");
    assertThat(lot(app, "TEST-LOT").path("remainingKg").asDouble()).isEqualTo(48);
    assertThat(lot(app, "TEST-LOT").path("openedOn").asString()).isNotEmpty();
    JsonNode moves = app.get("/api/materials/" + sand + "/movements").path("items");
    assertThat(moves.get(0).path("kind").asString()).isEqualTo("wasted");
    assertThat(moves.get(1).path("massKg").asDouble()).isEqualTo(-1.5);
    assertThat(app.act(at + "/count", Map.of("massKg", -1, "reason", "")).status()).isEqualTo(400);
  }

  private static JsonNode lot(App app, String code) {
    for (JsonNode stock : app.get("/api/materials")) {
      for (JsonNode lot : stock.path("lots")) {
        if (lot.path("code").asString().equals(code)) {
          return lot;
        }
      }
    }
    throw new AssertionError("no lot " + code);
  }
}
