package ironshelf.setup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import ironshelf.App;
import ironshelf.App.Answer;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;
import org.junit.jupiter.api.parallel.ResourceLock;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** From an empty shop to a product that can be poured. */
// Beside other classes; its own tests share an application and go one after the other.
@Execution(ExecutionMode.CONCURRENT)
@ResourceLock("SetUpTest")
class SetUpTest {

  private static App app;

  @BeforeAll
  static void start() {
    app = App.empty();
  }

  @AfterAll
  static void stop() {
    app.close();
  }

  @Test
  void anEmptyShopIsNotSetUpAndHasNothing() {
    assertThat(app.get("/api/workshop").path("setUp").asBoolean()).isFalse();
    assertThat(app.get("/api/starting-shapes").size()).isGreaterThanOrEqualTo(14);
  }

  @Test
  void everyShapeCanBeHadInEveryMixThatSuitsIt() {
    for (JsonNode shape : app.get("/api/starting-shapes")) {
      for (JsonNode mix : shape.path("mixes")) {
        Answer preview =
            preview(Map.of("shape", shape.path("code").asString(), "mix", mix.asString()));
        assertThat(preview.status()).as(shape.path("code") + " in " + mix).isEqualTo(200);
        assertThat(preview.body().path("freshKg").asDouble()).isPositive();
        assertThat(preview.body().path("days").asDouble()).isPositive();
      }
    }
  }

  /** ACI 211.1 by way of the pot of 0.9607 L: its wet mass is that times the mix's density. */
  @Test
  void thePreviewIsTheMouldsSumInTheMixsDensity() {
    JsonNode pot =
        preview(
                Map.of(
                    "shape", "pot",
                    "mix", "rapid-neat-4-1",
                    "measures", Map.of("innerTopMm", 130, "innerBaseMm", 96)))
            .body();
    double density = pot.path("freshDensityKgM3").asDouble();
    // Neat 4 : 1 is 2237 kg/m3 without air (absolute volume); with 2 % of it, that much less.
    assertThat(density).isCloseTo(2237 * 0.98, within(1.0));
    assertThat(pot.path("freshKg").asDouble()).isCloseTo(0.9607 * density / 1000, within(1e-3));
    assertThat(pot.path("route").asString()).isEqualTo("Bathed vessel");
  }

  @Test
  void hypertufaNeverGetsABathByDefault() {
    JsonNode box = preview(Map.of("shape", "box", "mix", "hypertufa")).body();
    assertThat(box.path("route").asString()).isEqualTo("Brushed hypertufa");
    assertThat(box.path("leastWallMm").asDouble()).isEqualTo(40);
  }

  /** By hand: 20 kg dry at 0.967 is 20.68 kg of wet mix. */
  @Test
  void whatIsSoldByItsMassTakesWhatItIsToWeigh() {
    Map<String, Object> plate = new HashMap<>(Map.of("shape", "plate", "mix", "bagged"));
    plate.put("targetKg", 20);
    plate.put("fibre", true);
    JsonNode sum = preview(plate).body();
    assertThat(sum.path("freshKg").asDouble()).isCloseTo(20 / 0.967, within(1e-6));
    assertThat(sum.path("hasFibre").asBoolean()).isTrue();
    plate.put("targetKg", 60);
    assertThat(preview(plate).body().path("warnings").toString()).contains("target.overfills");
  }

  @Test
  void aProductIsMadeOnceWithAllThatItTakes() {
    Map<String, Object> vase =
        Map.of(
            "name",
            "Harbour vase",
            "shape",
            "vase",
            "mix",
            "rapid-neat-4-1",
            "copies",
            3,
            "price",
            28,
            "colours",
            List.of(Map.of("code", "black"), Map.of("code", "sand")));
    Answer made = app.act("/api/set-up/product", vase, "vase-key");
    assertThat(made.status()).as(made.body().toString()).isEqualTo(201);
    assertThat(app.act("/api/set-up/product", vase, "vase-key").body()).isEqualTo(made.body());
    assertThat(app.act("/api/set-up/product", vase).code()).isEqualTo("name.taken");
    long id = made.body().path("productId").asLong();
    JsonNode page = app.get("/api/products/" + id);
    assertThat(page.path("colourways").size()).isEqualTo(2);
    assertThat(app.get("/api/products/" + id + "/route").path("route").path("id").asLong())
        .isPositive();
    JsonNode sheet =
        app.act(
                "/api/pours/sheet",
                Map.of(
                    "fills", List.of(plain(made.body().path("fills").get(0))),
                    "colourwayId", made.body().path("colourwayId").asLong()))
            .body();
    assertThat(sheet.path("fills").get(0).path("copies").size()).isEqualTo(3);
    assertThat(sheet.path("layers").get(0).path("lines").toString()).contains("Iron oxide black");
    // Everything stands in the list of materials, and none of it is in stock.
    assertThat(app.get("/api/missing").toString()).contains("Rapid-setting cement in stock");
  }

  /** A piece of several colours is had in those, and is offered once. */
  @Test
  void severalColoursInOnePieceAreOneOffer() {
    Map<String, Object> two =
        Map.of(
            "name", "Two-tone tray",
            "shape", "kit-dry",
            "mix", "white-neat",
            "measures", Map.of("dryKg", 1.4),
            "colours",
                List.of(
                    Map.of("code", "white", "sharePercent", 60),
                    Map.of("code", "black", "sharePercent", 40)));
    Answer made = app.act("/api/set-up/product", two);
    assertThat(made.status()).as(made.body().toString()).isEqualTo(201);
    JsonNode page = app.get("/api/products/" + made.body().path("productId").asLong());
    assertThat(page.path("colourways").size()).isEqualTo(1);
    assertThat(page.path("product").path("layers").size()).isEqualTo(2);
    Map<String, Object> three = new HashMap<>(two);
    three.put("copies", 3);
    JsonNode preview = preview(three).body();
    assertThat(preview.path("dryMixKg").asDouble()).isCloseTo(1.4, within(1e-6));
    assertThat(preview.path("atOnceDryMixKg").asDouble()).isCloseTo(4.2, within(1e-6));
    assertThat(preview.path("atOnceFreshKg").asDouble())
        .isCloseTo(3 * preview.path("freshKg").asDouble(), within(1e-6));
    assertThat(preview.path("layersDryMixKg").get(0).asDouble()).isCloseTo(0.84, within(1e-6));
    assertThat(preview.path("layersDryMixKg").get(1).asDouble()).isCloseTo(0.56, within(1e-6));
  }

  /** An own shop has no invented services: what leaves it is delivered, or booked elsewhere. */
  @Test
  void anOwnShopHasNoInventedCarrierAndNoInventedOrders() {
    assertThat(app.get("/api/carriers").toString()).doesNotContain("van").contains("Collected");
    assertThat(app.post("/api/shop-feed/fetched", "{}").status()).isLessThan(300);
    assertThat(app.get("/api/orders").path("items").size()).isZero();
  }

  @Test
  void aCupComesWithItsLid() {
    Answer made =
        app.act(
            "/api/set-up/product",
            Map.of("name", "Tea-light cup", "shape", "cup-with-lid", "mix", "rapid-neat-4-1"));
    assertThat(made.body().path("fills").size()).isEqualTo(2);
    assertThat(app.get("/api/products").toString()).contains("Tea-light cup lid");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "{} | shape",
        "{'shape':'teapot','mix':'bagged'} | shape",
        "{'shape':'pot'} | mix",
        "{'shape':'pot','mix':'mud'} | mix",
        "{'shape':'pot','mix':'sand-cement','copies':0} | copies",
        "{'shape':'pot','mix':'sand-cement','copies':5000} | copies",
        "{'shape':'pot','mix':'sand-cement','kind':'paper'} | kind",
        "{'shape':'pot','mix':'sand-cement','route':'nowhere'} | route",
        "{'shape':'pot','mix':'sand-cement','targetKg':-2} | targetKg",
        "{'shape':'pot','mix':'sand-cement','measures':{'topMm':-3}} | topMm",
        "{'shape':'pot','mix':'sand-cement','measures':{'depthMm':3}} | depthMm",
        "{'shape':'pot','mix':'sand-cement','measures':{'innerTopMm':170}} | innerTopMm",
        "{'shape':'pot','mix':'sand-cement','price':-3} | price",
        "{'shape':'paver','mix':'bagged','svgPath':'M0 0 L'} | svgPath",
        "{'shape':'pot','mix':'sand-cement','colours':[{'code':'red','sharePercent':60},{'code':'black','sharePercent':60}]} | colours",
      })
  void badAnswersAreRefusedAndNothingIsKept(String body, String field) {
    String json = body.replace('\'', '"');
    int before = app.get("/api/products").size();
    Answer refused =
        app.post(
            "/api/set-up/product", json, Map.of("Idempotency-Key", UUID.randomUUID().toString()));
    assertThat(refused.status()).as(refused.body().toString()).isEqualTo(400);
    assertThat(refused.body().path("errors").get(0).path("field").asString()).isEqualTo(field);
    assertThat(refused.body().path("errors").get(0).path("message").asString())
        .matches("(?s).+\\. .+\\.");
    assertThat(app.get("/api/products").size()).isGreaterThanOrEqualTo(before);
    assertThat(app.get("/api/moulds").toString()).doesNotContain("teapot");
  }

  private static Answer preview(Map<String, Object> wanted) {
    return app.act("/api/set-up/preview", wanted);
  }

  private static Map<String, Object> plain(JsonNode fill) {
    List<Long> copies = fill.path("copyIds").valueStream().map(JsonNode::asLong).toList();
    return Map.of("productId", fill.path("productId").asLong(), "copyIds", copies);
  }
}
