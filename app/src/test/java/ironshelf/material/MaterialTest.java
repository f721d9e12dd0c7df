package ironshelf.material;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import ironshelf.App;
import ironshelf.App.Answer;
import ironshelf.Materials;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** Materials that the shop makes, takes, buys and retires. */
@ExtendWith(App.Extension.class)
class MaterialTest {

  private static final Map<String, Object> SAND =
      Map.of("role", "aggregate", "relativeDensity", 2.65, "bulkDensityKgM3", 1500);

  @Test
  void everyShippedClassCanBeTaken(App app) {
    JsonNode shipped = app.get("/api/starting-materials");
    assertThat(shipped.size()).isGreaterThan(40);
    for (JsonNode one : shipped) {
      String path = "/api/starting-materials/" + one.path("code").asString();
      Answer taken = app.post(path, "{}");
      assertThat(taken.status()).as(path).isEqualTo(201);
      // A second time it is the same one.
      assertThat(app.post(path, "{}").body().path("id")).isEqualTo(taken.body().path("id"));
      if (!one.path("pack").asString().isEmpty()) {
        assertThat(taken.body().path("packKg").asDouble()).as(path).isPositive();
      }
    }
    assertThat(app.post("/api/starting-materials/gold", "{}").status()).isEqualTo(404);
  }

  /** NIST Handbook 44, appendix C: 80 lb are 36.287 kg; 6 bags are 217.72 kg. */
  @Test
  void anOwnMaterialIsMadeBoughtByTheBagAndCounted(App app) {
    Answer made = app.act("/api/materials", of("Shore sand", Map.of("pack", "80 lb bag")));
    assertThat(made.status()).as(made.body().toString()).isEqualTo(201);
    assertThat(made.body().path("packKg").asDouble()).isCloseTo(36.287, within(1e-3));
    long id = made.body().path("id").asLong();
    String at = "/api/materials/" + id;
    assertThat(app.act(at + "/amount", Map.of("text", "6 bags")).body().path("massKg").asDouble())
        .isCloseTo(217.724, within(1e-3));
    app.act(at + "/lots", Map.of("amount", "6 bags", "price", 54));
    // 20 L at 1500 kg/m3 are 30 kg.
    app.act(at + "/lots", Map.of("amount", "20 L", "price", 9));
    JsonNode stock = Materials.find(app, "Shore sand");
    assertThat(stock.path("remainingKg").asDouble()).isCloseTo(247.724, within(1e-3));
    assertThat(stock.path("lots").get(0).path("price").asDouble()).isEqualTo(54);
    assertThat(stock.path("lots").get(0).path("code").asString()).isEqualTo("SS-1");
    assertThat(stock.has("remainingPieces")).isFalse();
    Map<String, Object> counted = Map.of("role", "insert", "pieceG", 12, "pack", "");
    Answer hooks = app.act("/api/materials", of("Hook", counted));
    assertThat(hooks.status()).as(hooks.body().toString()).isEqualTo(201);
    app.act(
        "/api/materials/" + hooks.body().path("id").asLong() + "/lots", Map.of("amount", "0.6 kg"));
    assertThat(Materials.find(app, "Hook").path("remainingPieces").asInt()).isEqualTo(50);
    // The newest lot says what a kilogram costs: 9 for 30 kg.
    assertThat(stock.path("material").path("lastLotPerKg").asDouble()).isCloseTo(0.3, within(1e-6));
  }

  @Test
  void whatIsUsedCannotBeRetiredAndWhatIsNotCan(App app) {
    long cement = Materials.find(app, "Rapid-setting cement").path("material").path("id").asLong();
    Answer refused = app.put("/api/materials/" + cement + "/retired", Map.of("retired", true), "");
    assertThat(refused.status()).isEqualTo(409);
    assertThat(refused.body().path("detail").asString()).contains("Rapid neat 4 : 1");
    long own = app.act("/api/materials", of("Idle sand", Map.of())).body().path("id").asLong();
    Answer retired = app.put("/api/materials/" + own + "/retired", Map.of("retired", true), "");
    assertThat(retired.body().path("retired").asBoolean()).isTrue();
    // What is bought again is there again.
    app.act("/api/materials/" + own + "/lots", Map.of("massKg", 5));
    assertThat(Materials.find(app, "Idle sand").path("material").path("retired").asBoolean())
        .isFalse();
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "{} | name",
        "{'name':'X1'} | role",
        "{'name':'X1','role':'glue'} | role",
        "{'name':'X1','role':'binder'} | relativeDensity",
        "{'name':'X1','role':'binder','relativeDensity':-3,'bulkDensityKgM3':1400} | relativeDensity",
        "{'name':'X1','role':'binder','relativeDensity':3} | bulkDensityKgM3",
        "{'name':'X1','role':'binder','relativeDensity':3,'bulkDensityKgM3':0} | bulkDensityKgM3",
        "{'name':'X1','role':'binder','relativeDensity':3,'bulkDensityKgM3':1400,'cementPercent':0} | cementPercent",
        "{'name':'X1','role':'admixture','relativeDensity':1,'bulkDensityKgM3':1000,'solidsPercent':120} | solidsPercent",
        "{'name':'X1','role':'binder','relativeDensity':3,'bulkDensityKgM3':1400,'pack':'a heap'} | pack",
        "{'name':'X1','role':'binder','relativeDensity':3,'bulkDensityKgM3':1400,'pricePerPack':-5} | pricePerPack",
        "{'name':'X1','role':'binder','relativeDensity':3,'bulkDensityKgM3':1400,'leadDays':999} | leadDays",
        "{'name':'X1','role':'binder','relativeDensity':3,'bulkDensityKgM3':1400,'colour':'red'} | colour",
      })
  void badMaterialsAreRefused(String body, String field, App app) {
    Answer refused = app.post("/api/materials", body.replace('\'', '"'));
    assertRefused(refused, field);
    assertThat(app.get("/api/materials").toString()).doesNotContain("\"X1\"");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "{} | amount",
        "{'amount':''} | amount",
        "{'amount':'a few'} | amount",
        "{'amount':'6 pieces'} | amount",
        "{'amount':'3 mm'} | amount",
        "{'massKg':-1} | massKg",
        "{'massKg':0} | massKg",
        "{'massKg':1e9} | massKg",
        "{'massKg':5,'price':-1} | price",
        "{'massKg':5,'staleOn':'soon'} | staleOn",
      })
  void badDeliveriesAreRefused(String body, String field, App app) {
    JsonNode before = Materials.find(app, "Portland cement, grey").path("remainingKg");
    long id = Materials.find(app, "Portland cement, grey").path("material").path("id").asLong();
    String path = "/api/materials/" + id + "/lots";
    Map<String, String> key = Map.of("Idempotency-Key", UUID.randomUUID().toString());
    assertRefused(app.post(path, body.replace('\'', '"'), key), field);
    assertThat(Materials.find(app, "Portland cement, grey").path("remainingKg")).isEqualTo(before);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "{} | name",
        "{'name':'X2','workingMinAt20C':60,'demouldAgeH':24} | parts",
        "{'name':'X2','workingMinAt20C':60,'demouldAgeH':24,'parts':[]} | parts",
        "{'name':'X2','demouldAgeH':24,'parts':[CEMENT]} | workingMinAt20C",
        "{'name':'X2','workingMinAt20C':60,'parts':[CEMENT]} | demouldAgeH",
        "{'name':'X2','workingMinAt20C':-1,'demouldAgeH':24,'parts':[CEMENT]} | workingMinAt20C",
        "{'name':'X2','workingMinAt20C':60,'demouldAgeH':24,'parts':[{'basis':'partsByVolume','amount':1}]} | parts.0.materialId",
        "{'name':'X2','workingMinAt20C':60,'demouldAgeH':24,'parts':[{'material':'silica-sand','basis':'partsByVolume','amount':1}]} | parts",
        "{'name':'X2','workingMinAt20C':60,'demouldAgeH':24,'parts':[CEMENT,{'material':'carton','basis':'partsByVolume','amount':1}]} | parts.1",
        "{'name':'X2','workingMinAt20C':60,'demouldAgeH':24,'parts':[CEMENT,{'material':'water','basis':'partsByMass','amount':1}]} | parts",
        "{'name':'X2','workingMinAt20C':60,'demouldAgeH':24,'strength28Mpa':-4,'parts':[CEMENT]} | strength28Mpa",
        "{'name':'X2','workingMinAt20C':60,'demouldAgeH':24,'parts':[{'material':'portland-grey','basis':'partsByVolume','amount':'1/2'}]} | parts.0.amount",
      })
  void badRecipesAreRefused(String body, String field, App app) {
    String cement = "{'material':'portland-grey','basis':'partsByVolume','amount':1}";
    assertRefused(
        app.post("/api/recipes", body.replace("CEMENT", cement).replace('\'', '"')), field);
    assertThat(app.get("/api/recipes").toString()).doesNotContain("\"X2\"");
  }

  private static void assertRefused(Answer answer, String field) {
    assertThat(answer.status()).as(answer.body().toString()).isEqualTo(400);
    List<String> fields =
        answer.body().path("errors").valueStream().map(e -> e.path("field").asString()).toList();
    assertThat(fields).contains(field);
    answer
        .body()
        .path("errors")
        .forEach(e -> assertThat(e.path("message").asString()).matches("(?s).+\\. .+\\."));
  }

  private static Map<String, Object> of(String name, Map<String, Object> more) {
    Map<String, Object> body = new HashMap<>(SAND);
    body.put("name", name);
    body.putAll(more);
    return body;
  }
}
