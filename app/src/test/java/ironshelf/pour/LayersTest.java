package ironshelf.pour;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import ironshelf.App;
import ironshelf.App.Answer;
import ironshelf.Materials;
import ironshelf.Pouring;
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

/** Two colours at once, a second colour after its wait, one mix over several moulds. */
// Beside other classes; its own tests share an application and go one after the other.
@Execution(ExecutionMode.CONCURRENT)
@ResourceLock("LayersTest")
class LayersTest {

  private static App app;

  @BeforeAll
  static void start() {
    app = App.fresh();
  }

  @AfterAll
  static void stop() {
    app.close();
  }

  @Test
  void twoColoursAtOnceAreTwoPoursBesideEachOther() {
    Pouring tray = Pouring.of(app, "Tide tray", 1);
    JsonNode sheet = tray.sheet(app);
    assertThat(sheet.path("layers").size()).isEqualTo(2);
    // 60 : 40 of a box of 280 x 120 x 24, 0.8064 L, and 8 % for the bowl.
    assertThat(sheet.path("layers").get(0).path("yieldL").asDouble())
        .isCloseTo(0.8064 * 0.6 * 1.08, within(1e-6));
    assertThat(sheet.path("layers").get(1).path("yieldL").asDouble())
        .isCloseTo(0.8064 * 0.4 * 1.08, within(1e-6));
    assertThat(sheet.path("layers").get(1).path("colourway").path("name").asString())
        .isEqualTo("Slate");
    Map<String, Object> pour = tray.pour(sheet, 1);
    pour.put("leftKg", 0.1);
    JsonNode poured = app.act("/api/pours/recorded", pour).body();
    assertThat(poured.path("waiting").size()).isZero();
    assertThat(poured.path("pieces").asInt()).isEqualTo(1);
    // White and black pigment both went in.
    assertThat(poured.path("weighOuts").size()).isEqualTo(4);
    JsonNode piece = latestPiece("Tide tray");
    JsonNode use = app.get("/api/use/pieces/" + piece.path("pieceId").asLong());
    assertThat(use.path("rows").size()).isEqualTo(6);
    assertThat(use.path("wasteKg").asDouble()).isCloseTo(0.1, within(1e-4));
  }

  @Test
  void aSecondColourWaitsAndGoesInOnce() {
    Pouring ebb = Pouring.of(app, "Ebb tray", 1);
    JsonNode poured = ebb.poured(app).body();
    long pourId = poured.path("id").asLong();
    JsonNode waiting = poured.path("waiting").get(0);
    assertThat(waiting.path("layer").asString()).isEqualTo("ebb");
    assertThat(waiting.path("layerColourway").asString()).isEqualTo("Chalk");
    JsonNode group = Pouring.group(app, pourId);
    assertThat(group.path("next").path("layer").asString()).isEqualTo("ebb");
    assertThat(group.path("gateAt").asString()).isEqualTo(waiting.path("mayStartAt").asString());

    // It is not taken out without it, unless somebody says why.
    JsonNode cast = group.path("casts").get(0);
    Map<String, Object> out =
        Map.of(
            "castId", cast.path("id").asLong(),
            "version", cast.path("version").asLong(),
            "pieces", List.of(Map.of("massKg", 1)));
    assertThat(app.act("/api/shelf/take-out", Map.of("casts", List.of(out))).code())
        .isEqualTo("cast.layerMissing");

    Pouring second = Pouring.into(Pouring.product(app, "Ebb tray"), 1, ebb.copies());
    JsonNode sheet = second.sheet(app);
    assertThat(sheet.path("warnings").get(0).path("code").asString()).isEqualTo("layer.early");
    assertThat(sheet.path("layers").size()).isEqualTo(1);
    assertThat(sheet.path("layers").get(0).path("yieldL").asDouble())
        .isCloseTo(0.8064 * 0.4 * 1.08, within(1e-6));
    Map<String, Object> press = second.pour(sheet, 1);
    assertThat(app.act("/api/pours/recorded", press).code()).isEqualTo("layer.tooEarly");
    press.put("earlyReason", "the two colours may run");
    Answer done = app.act("/api/pours/recorded", press);
    assertThat(done.status()).isEqualTo(200);
    assertThat(done.body().path("waiting").size()).isZero();
    assertThat(app.act("/api/pours/recorded", press).code()).isEqualTo("layer.notWaiting");
    assertThat(app.act("/api/pours/sheet", second.sheet()).code()).isEqualTo("layer.notWaiting");
    // From now on the last layer's clock runs.
    JsonNode after = Pouring.group(app, done.body().path("id").asLong());
    assertThat(after.path("next").isMissingNode()).isTrue();
    assertThat(after.path("gateAt").asString()).isEqualTo(done.body().path("readyAt").asString());
  }

  @Test
  void oneMixFillsSeveralMouldsAndKeepsTheirMaterialsApart() {
    Pouring bowls = Pouring.of(app, "Ripple bowl", 1);
    Pouring cups = Pouring.of(app, "Tea-light cup", 2);
    Map<String, Object> wanted = new HashMap<>(bowls.sheet());
    wanted.put(
        "fills",
        List.of(
            Map.of("productId", bowls.productId(), "copyIds", bowls.ids()),
            Map.of("productId", cups.productId(), "copyIds", cups.ids())));
    JsonNode sheet = app.act("/api/pours/sheet", wanted).body();
    double litres = 0;
    for (JsonNode fill : sheet.path("fills")) {
      litres += fill.path("litresEach").asDouble() * fill.path("copies").size();
    }
    assertThat(sheet.path("layers").get(0).path("yieldL").asDouble())
        .isCloseTo(litres * 1.08, within(1e-9));
    assertThat(sheet.path("batches").size()).isEqualTo(1);
    Map<String, Object> pour = bowls.pour(sheet, 1);
    List<Object> fills = new ArrayList<>((List<?>) pour.get("fills"));
    fills.addAll((List<?>) cups.pour(sheet, 1).get("fills"));
    pour.put("fills", fills);
    pour.put("acceptShort", true);
    JsonNode poured = app.act("/api/pours/recorded", pour).body();
    assertThat(poured.path("pieces").asInt()).isEqualTo(3);
    assertThat(poured.path("products").size()).isEqualTo(2);
    // The shelf keeps them as two groups, which come out apart.
    long groups = 0;
    for (JsonNode group : app.get("/api/shelf").path("groups")) {
      groups += group.path("pourId").asLong() == poured.path("id").asLong() ? 1 : 0;
    }
    assertThat(groups).isEqualTo(2);
    // A cup has its share by volume of what went in.
    JsonNode cup =
        app.get("/api/use/pieces/" + latestPiece("Tea-light cup").path("pieceId").asLong());
    double cupL = sheet.path("fills").get(1).path("litresEach").asDouble();
    for (JsonNode row : cup.path("rows")) {
      for (JsonNode line : sheet.path("layers").get(0).path("lines")) {
        if (line.path("name").asString().equals(row.path("material").asString())) {
          assertThat(row.path("actualKg").asDouble())
              .isCloseTo(line.path("massKg").asDouble() * cupL / litres, within(2e-4));
        }
      }
    }
  }

  @Test
  void whatIsNotOneMixIsRefused() {
    Pouring bowl = Pouring.of(app, "Ripple bowl", 1);
    Pouring tile = Pouring.of(app, "Hex tile", 1);
    Map<String, Object> wanted = new HashMap<>(bowl.sheet());
    wanted.put(
        "fills",
        List.of(
            Map.of("productId", bowl.productId(), "copyIds", bowl.ids()),
            Map.of("productId", tile.productId(), "copyIds", tile.ids())));
    assertThat(app.act("/api/pours/sheet", wanted).code()).isEqualTo("pour.notOneMix");
    Pouring none = Pouring.into(Pouring.product(app, "Ripple bowl"), 1, bowl.copies());
    assertThat(app.act("/api/pours/sheet", none.sheet()).code()).isEqualTo("layer.unknown");
  }

  /** docs/method/target-weights.md: stop = mould + hardware + (target - hardware) / retention. */
  @Test
  void aPlateSaysWhereTheScaleStops() {
    JsonNode sheet = Pouring.of(app, "Loading plate 20 kg", 1).sheet(app);
    JsonNode copy = sheet.path("fills").get(0).path("copies").get(0);
    assertThat(copy.path("stopAtKg").asDouble()).isCloseTo(20 / 0.967, within(1e-9));
    assertThat(copy.path("layerKg").get(0).asDouble()).isCloseTo(20 / 0.967, within(1e-9));
    assertThat(copy.path("startsAtKg").asDouble()).as("tared").isCloseTo(0, within(1e-9));
  }

  /** ACI 211.1, 5.3.9: what the sand carries over what it keeps is taken off the mixing water. */
  @Test
  void wetSandBringsItsWater() {
    Pouring tile = Pouring.of(app, "Hex tile", 1);
    JsonNode dry = tile.sheet(app).path("layers").get(0).path("lines");
    JsonNode sand = null;
    for (JsonNode stock : app.get("/api/materials")) {
      if (stock.path("material").path("code").asString().equals("silica-sand")) {
        sand = stock.path("material");
      }
    }
    Map<String, Object> wet =
        Materials.with(sand, Map.of("moisturePercent", 6, "absorptionPercent", 0.7));
    String path = "/api/materials/" + sand.path("id").asLong();
    String seen = "\"" + sand.path("version").asLong() + "\"";
    assertThat(app.put(path, wet, seen).status()).isEqualTo(200);
    JsonNode now = tile.sheet(app).path("layers").get(0).path("lines");
    double drySand = massKg(dry, "aggregate");
    assertThat(massKg(now, "aggregate")).isCloseTo(drySand * 1.06, within(1e-6));
    assertThat(massKg(now, "water"))
        .isCloseTo(massKg(dry, "water") - drySand * 0.053, within(1e-6));
  }

  private static double massKg(JsonNode lines, String role) {
    for (JsonNode line : lines) {
      if (line.path("role").asString().equals(role)) {
        return line.path("massKg").asDouble();
      }
    }
    throw new AssertionError("no " + role);
  }

  private static JsonNode latestPiece(String product) {
    JsonNode latest = null;
    for (JsonNode row : app.get("/api/use?by=piece").path("rows")) {
      boolean own = row.path("of").asString().startsWith(product + ",");
      if (own
          && (latest == null || row.path("pieceId").asLong() > latest.path("pieceId").asLong())) {
        latest = row;
      }
    }
    return latest;
  }
}
