package ironshelf.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;
import org.junit.jupiter.api.parallel.ResourceLock;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Own moulds and own recipes, kept one by one and not by the set-up, each from an empty shop until
 * it is sent.
 */
@Execution(ExecutionMode.CONCURRENT)
@ResourceLock(JobShop.SHARED)
class OwnMouldJobsTest {

  private static JobShop shop;

  @BeforeAll
  static void open() {
    shop = JobShop.shared();
  }

  private static Map<String, Object> box(double length, double width, double height) {
    return Map.of("kind", "box", "lengthMm", length, "widthMm", width, "heightMm", height);
  }

  private static long mould(String name, String family, Map<String, Object> shape) {
    Map<String, Object> mould = new HashMap<>();
    mould.put("name", name);
    mould.put("family", family);
    mould.put("kind", "melamine");
    mould.put("price", 30);
    mould.put("faces", List.of(Map.of("name", "wall", "mustBond", false)));
    mould.put("shape", shape);
    return shop.act("/api/moulds", mould).path("id").asLong();
  }

  private static Map<String, Object> part(String material, String basis, double amount) {
    return Map.of("material", material, "basis", basis, "amount", amount);
  }

  /** A recipe of its own with one colour; gives its page. */
  private static JsonNode recipe(String name, List<Map<String, Object>> parts) {
    JsonNode made =
        shop.act(
            "/api/recipes",
            Map.of(
                "name", name,
                "workingMinAt20C", 60,
                "demouldAgeH", 24,
                "sealAfterH", 168,
                "parts", parts));
    return made.path("recipe");
  }

  private static long colour(long recipe, String name, List<Map<String, Object>> doses) {
    return shop.act(
            "/api/recipes/" + recipe + "/colourways",
            Map.of("name", name, "swatch", "#4a6b5d", "doses", doses))
        .path("id")
        .asLong();
  }

  /** Keeps a product and a copy of its mould; gives it as the set-up would. */
  private static JsonNode keep(Map<String, Object> product, long colourwayId, int copies) {
    JsonNode kept = shop.act("/api/products", product).path("product");
    long mouldId = kept.path("mouldId").asLong();
    ObjectNode made = new JsonMapper().createObjectNode();
    made.put("colourwayId", colourwayId);
    ObjectNode fill = made.putArray("fills").addObject();
    fill.put("productId", kept.path("id").asLong());
    ArrayNode ids = fill.putArray("copyIds");
    for (int i = 0; i < copies; i++) {
      Map<String, Object> copy = Map.of("code", "J" + mouldId + "-" + i);
      JsonNode mould = shop.act("/api/moulds/" + mouldId + "/copies", copy);
      ids.add(mould.path("copies").get(i).path("id").asLong());
    }
    return made;
  }

  private static double massKg(JsonNode layer, String material) {
    double kg = 0;
    for (JsonNode line : layer.path("lines")) {
      kg += line.path("name").asString().contains(material) ? line.path("massKg").asDouble() : 0;
    }
    return kg;
  }

  /**
   * Boards screwed to a trough of 900 x 300 x 250 with two blocks and two drain plugs in it: what
   * is left between them is poured.
   */
  @Test
  void builtUpForm() {
    Map<String, Object> plug = Map.of("kind", "cylinder", "diameterMm", 20, "heightMm", 40);
    long mould =
        mould(
            "Trough form",
            "vessels",
            Map.of(
                "cavity", box(900, 300, 250),
                "coreLiftMm", 0,
                "coreOffsetMm", 0,
                "cavities", 1,
                "moreCores",
                    List.of(
                        Map.of("solid", box(380, 220, 210), "liftMm", 40, "xMm", -215, "yMm", 0),
                        Map.of("solid", box(380, 220, 210), "liftMm", 40, "xMm", 215, "yMm", 0),
                        Map.of("solid", plug, "liftMm", 0, "xMm", -215, "yMm", 0),
                        Map.of("solid", plug, "liftMm", 0, "xMm", 215, "yMm", 0))));
    JsonNode recipe =
        recipe(
            "Trough mix",
            List.of(
                part("portland-grey", "partsByMass", 1),
                part("silica-sand", "partsByMass", 3),
                part("water", "partsByMass", 0.5)));
    long plain = colour(recipe.path("firstId").asLong(), "plain", List.of());
    JsonNode made =
        keep(
            Map.of(
                "name",
                "Trough",
                "mouldId",
                mould,
                "recipeId",
                recipe.path("firstId").asLong(),
                "price",
                240),
            plain,
            1);
    Job job = shop.order(made, 1);
    JsonNode sheet = job.pour();
    double litres = (900 * 300 * 250 - 2 * 380 * 220 * 210 - 2 * Math.PI * 10 * 10 * 40) / 1e6;
    assertThat(sheet.path("fills").get(0).path("litresEach").asDouble())
        .isCloseTo(litres, within(1e-6));
    job.takeOut(70);
    job.finish();
    job.send();
  }

  /**
   * A latex of 28 % solids brings 72 % of itself as water: what is weighed out of the tap is so
   * much less, and the dye is weighed by the binder.
   */
  @Test
  void basinWithDyeAndLatex() {
    long mould =
        mould(
            "Basin form",
            "vessels",
            Map.of(
                "cavity", box(400, 300, 140),
                "core", box(340, 240, 110),
                "coreLiftMm", 30,
                "coreOffsetMm", 0,
                "cavities", 1));
    JsonNode recipe =
        recipe(
            "Basin mix",
            List.of(
                part("portland-white", "partsByMass", 1),
                part("silica-sand", "partsByMass", 2),
                part("latex", "partsByMass", 0.1),
                part("water", "partsByMass", 0.4)));
    long id = recipe.path("firstId").asLong();
    Map<String, Object> dye =
        Map.of(
            "name",
            "Sea green dye",
            "role",
            "pigment",
            "relativeDensity",
            1.1,
            "bulkDensityKgM3",
            1100,
            "solidsPercent",
            100);
    long green = shop.act("/api/materials", dye).path("id").asLong();
    long dyed = colour(id, "sea", List.of(Map.of("materialId", green, "percentOfBinder", 3)));
    JsonNode made =
        keep(Map.of("name", "Basin", "mouldId", mould, "recipeId", id, "price", 180), dyed, 1);
    Job job = shop.order(made, 1);
    JsonNode sheet = job.pour();
    JsonNode layer = sheet.path("layers").get(0);
    double binder = massKg(layer, "hite");
    double latex = massKg(layer, "latex");
    assertThat(latex).isCloseTo(0.1 * binder, within(1e-6));
    assertThat(massKg(layer, "Water")).isCloseTo((0.4 - 0.1 * 0.72) * binder, within(1e-6));
    double dyeKg = 0;
    for (JsonNode line : layer.path("lines")) {
      dyeKg += line.path("materialId").asLong() == green ? line.path("massKg").asDouble() : 0;
    }
    assertThat(dyeKg).isCloseTo(0.03 * binder, within(1e-6));
    double litres = (400 * 300 * 140 - 340 * 240 * 110) / 1e6;
    assertThat(sheet.path("fills").get(0).path("litresEach").asDouble())
        .isCloseTo(litres, within(1e-6));
    // Archimedes: the core is held down by what it displaces, with a fifth more to be sure
    // (docs/method/moulds.md).
    double density = layer.path("freshDensityKgM3").asDouble();
    assertThat(sheet.path("fills").get(0).path("holdDownKg").asDouble())
        .isCloseTo(1.2 * 340 * 240 * 110 / 1e9 * density, within(1e-6));
    job.takeOut(15);
    job.finish();
    job.send();
  }

  /** The second colour goes into its own area once the first is stiff, two hours after. */
  @Test
  void twoZones() {
    long mould =
        mould(
            "Tile form",
            "pavers",
            Map.of("cavity", box(300, 300, 40), "coreLiftMm", 0, "coreOffsetMm", 0, "cavities", 1));
    JsonNode recipe =
        recipe(
            "Zoned mix",
            List.of(
                part("portland-white", "partsByMass", 1),
                part("silica-sand", "partsByMass", 2),
                part("water", "partsByMass", 0.45)));
    long id = recipe.path("firstId").asLong();
    long pale = colour(id, "pale", List.of());
    long black = shop.material("oxide-black");
    long dark = colour(id, "dark", List.of(Map.of("materialId", black, "percentOfBinder", 4)));
    List<Map<String, Object>> zones =
        List.of(
            Map.of("name", "field", "sharePercent", 75),
            Map.of("name", "border", "sharePercent", 25, "colourwayId", dark, "waitH", 2));
    JsonNode made =
        keep(
            Map.of("name", "Bordered tile", "mouldId", mould, "recipeId", id, "layers", zones),
            pale,
            2);
    Job job = shop.order(made, 2);
    JsonNode first = job.pour();
    double litres = 0.3 * 0.3 * 0.04 * 1000 * 2 * 1.08;
    assertThat(first.path("layers").get(0).path("yieldL").asDouble())
        .isCloseTo(0.75 * litres, within(1e-9));
    JsonNode waiting = job.group();
    assertThat(waiting.path("next").path("layer").asString()).isEqualTo("border");
    // Too early it is refused with its reason asked for, and nothing is changed by that.
    assertThat(
            shop.sheet(made, 0, job.copies(0), 1).path("warnings").get(0).path("code").asString())
        .isEqualTo("layer.early");
    job.due();
    JsonNode second = job.pourLayer(1);
    assertThat(second.path("warnings").toString()).doesNotContain("layer.early");
    assertThat(second.path("layers").get(0).path("yieldL").asDouble())
        .isCloseTo(0.25 * litres, within(1e-9));
    List<String> names = new ArrayList<>();
    second.path("layers").get(0).path("lines").forEach(l -> names.add(l.path("name").asString()));
    assertThat(names).anyMatch(n -> n.contains("lack"));
    job.takeOut(8);
    job.finish();
    job.send();
    assertThat(job.line().path("sent").asInt()).isEqualTo(2);
  }
}
