package ironshelf.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

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

/** What goes a route of its own after the mould, each from an empty shop until it is sent. */
@Execution(ExecutionMode.CONCURRENT)
@ResourceLock(JobShop.SHARED)
class OwnRouteJobsTest {

  private static final double BOX_KG = 0.4;

  private static JobShop shop;

  @BeforeAll
  static void open() {
    shop = JobShop.shared();
  }

  private static Map<String, Object> step(String code, Object... more) {
    Map<String, Object> step = new HashMap<>(Map.of("step", code));
    for (int i = 0; i < more.length; i += 2) {
      step.put((String) more[i], more[i + 1]);
    }
    return step;
  }

  private static List<Map<String, Object>> route(List<Map<String, Object>> afterTheMould) {
    List<Map<String, Object>> steps =
        new ArrayList<>(List.of(step("pour"), step("set"), step("demould", "attendedMin", 4)));
    steps.addAll(afterTheMould);
    steps.add(step("pack", "attendedMin", 3));
    return steps;
  }

  private static Map<String, Object> part(Job job, int quantity) {
    return Map.of(
        "productId",
        job.made().path("fills").get(0).path("productId").asLong(),
        "quantity",
        quantity);
  }

  private static double parcelKg(JsonNode sent) {
    double kg = 0;
    for (JsonNode parcel : sent.path("parcels")) {
      kg += parcel.path("massKg").asDouble() - BOX_KG;
    }
    return kg;
  }

  /**
   * Six drops are let into the basin, a week later it is set on its column, each joint with mix of
   * its own: one piece, which weighs what it was put together of.
   */
  @Test
  void bathOfParts() {
    Job drops = shop.part(product("Drop", "tray", "white-neat", 6));
    shop.route(drops.made(), part());
    Job column = shop.part(product("Column", "vase", "white-neat", 1));
    shop.route(column.made(), part());
    Job bath = shop.make(product("Bird bath", "bowl", "white-neat", 1), 1);
    shop.route(
        bath.made(),
        route(
            List.of(
                step("join", "attendedMin", 20, "mixKg", 0.3, "parts", List.of(part(drops, 6))),
                step("wrap", "waitH", 168),
                step("join", "attendedMin", 30, "mixKg", 0.5, "parts", List.of(part(column, 1))),
                step("brush", "attendedMin", 5, "times", 2, "gapMin", 1440))));

    shop.pour(drops.made(), 0, drops.copies(0), 0, null);
    shop.pour(column.made(), 0, column.copies(0), 0, null);
    drops.takeOut(0.2);
    column.takeOut(2.0);
    bath.pour();
    List<Long> basin = bath.takeOut(3.0);
    JsonNode joining = bath.due();
    assertThat(joining.path("step").asString()).isEqualTo("join");
    assertThat(joining.path("parts").get(0).path("wanted").asInt()).isEqualTo(6);
    assertThat(joining.path("parts").get(0).path("ready").asInt()).isEqualTo(6);
    bath.finish();
    assertThat(bath.steps()).isEqualTo(List.of("join", "brush", "pack"));
    assertThat(shop.get("/api/use/pieces/" + basin.get(0)).path("parts")).hasSize(7);
    JsonNode sent = bath.send();
    assertThat(parcelKg(sent)).isCloseTo(3.0 + 6 * 0.2 + 2.0 + 0.3 + 0.5, within(1e-6));
  }

  /** What is sold as it comes out of its mould is ready then, and is not where that is undone. */
  @Test
  void roughAsItComesOut() {
    Job job = shop.make(product("Rough tray", "tray", "white-neat", 2), 2);
    shop.route(job.made(), part());
    job.pour();
    List<Long> trays = job.takeOut(1.1);
    assertThat(job.line().path("ready").asInt()).isEqualTo(2);
    long act = shop.get("/api/shelf/acts").get(0).path("id").asLong();
    shop.act("/api/shelf/acts/" + act + "/undo", Map.of());
    assertThat(job.line().path("ready").asInt()).isZero();
    assertThat(job.line().path("inMould").asInt()).isEqualTo(2);
    assertThat(job.takeOut(1.1)).isEqualTo(trays);
    assertThat(parcelKg(job.send())).isCloseTo(2.2, within(1e-6));
  }

  /** A part is ready for its join as soon as it is out of its mould. */
  private static List<Map<String, Object>> part() {
    return List.of(step("pour"), step("set"), step("demould", "attendedMin", 2));
  }

  private static Map<String, Object> product(String name, String shape, String mix, int copies) {
    return Map.of("name", name, "shape", shape, "mix", mix, "copies", copies);
  }

  /**
   * 0.2 L less a tenth, at 0.86 kg/L, of which 6 % is scent: 154.8 g a vessel are taken from stock
   * once it is sealed and has rested, and it is sent with them.
   */
  @Test
  void scentedVesselInTwoColours() {
    Job job =
        shop.make(
            Map.of(
                "name", "Scented pot",
                "shape", "pot",
                "mix", "white-neat",
                "copies", 2,
                "route", "vessel-scented",
                "colours",
                    List.of(
                        Map.of("code", "white", "sharePercent", 70),
                        Map.of("code", "black", "sharePercent", 30))),
            2);
    long wax = shop.material("soy-wax");
    shop.act("/api/materials/" + wax + "/lots", Map.of("massKg", 5, "price", 40));
    long product = job.made().path("fills").get(0).path("productId").asLong();
    JsonNode kept = shop.get("/api/products/" + product).path("product");
    Map<String, Object> fill =
        Map.of("containerL", 0.2, "fragrancePercent", 6, "convention", "ofWax");
    shop.put(
        "/api/products/" + product + "/wax",
        Map.of("wax", Map.of("waxId", wax, "fill", fill, "wicks", 1)),
        kept.path("version").asLong());
    JsonNode sheet = job.pour();
    assertThat(sheet.path("layers").size()).isEqualTo(2);
    job.takeOut(1.5);
    double before = shop.stockKg(wax);
    job.finish();
    assertThat(job.steps()).containsExactly("trim", "rinse", "seal", "fill", "inspect", "pack");
    double fillKg = 0.2 * 0.9 * 0.86;
    assertThat(before - shop.stockKg(wax)).isCloseTo(2 * fillKg / 1.06, within(4e-4));
    assertThat(parcelKg(job.send())).isGreaterThanOrEqualTo(3.0);
  }

  /**
   * A sphere from whole bags with fibre in it; the flat that its opening leaves is mended with mix
   * and sanded, and only then is it inspected.
   */
  @Test
  void sphereWithFibresMendedFlat() {
    Job job =
        shop.make(
            Map.of(
                "name", "Atlas sphere",
                "shape", "sphere",
                "mix", "bagged",
                "fibre", true,
                "copies", 1),
            1);
    long mortar = shop.material("stamp-mortar");
    shop.act("/api/materials/" + mortar + "/lots", Map.of("massKg", 25, "price", 12));
    shop.route(
        job.made(),
        route(
            List.of(
                step("bath", "waitH", 72, "wetting", "wrapped"),
                step(
                    "pinholes",
                    "attendedMin",
                    10,
                    "materials",
                    List.of(Map.of("materialId", mortar, "massKg", 0.35))),
                step("wrap", "waitH", 24),
                step("sand", "attendedMin", 6),
                step("inspect", "attendedMin", 2))));
    JsonNode sheet = job.pour();
    List<String> names = new ArrayList<>();
    sheet.path("layers").get(0).path("lines").forEach(l -> names.add(l.path("name").asString()));
    assertThat(names).anyMatch(n -> n.contains("fibre"));
    double before = shop.stockKg(mortar);
    job.takeOut(32);
    job.finish();
    assertThat(job.steps()).containsExactly("pinholes", "sand", "inspect", "pack");
    assertThat(before - shop.stockKg(mortar)).isCloseTo(0.35, within(1e-6));
    job.send();
  }

  /** The strip is let into its groove once the board is hard; sealer goes over both. */
  @Test
  void boardWithInlay() {
    Job job =
        shop.make(
            Map.of("name", "Inlaid board", "shape", "board", "mix", "white-neat", "copies", 1), 1);
    Map<String, Object> strip =
        Map.of(
            "name",
            "Oak strip",
            "role",
            "insert",
            "relativeDensity",
            0.7,
            "bulkDensityKgM3",
            700,
            "pieceG",
            84);
    long oak = shop.act("/api/materials", strip).path("id").asLong();
    shop.act("/api/materials/" + oak + "/lots", Map.of("massKg", 0.84, "price", 20));
    shop.route(
        job.made(),
        route(
            List.of(
                step("wrap", "waitH", 48),
                step("dry", "waitH", 72),
                step(
                    "press-in",
                    "attendedMin",
                    8,
                    "materials",
                    List.of(Map.of("materialId", oak, "massKg", 0.084))),
                step("seal", "attendedMin", 2, "times", 2, "gapMin", 15, "gramsPerM2", 90),
                step("rest", "waitH", 24),
                step("inspect", "attendedMin", 2))));
    job.pour();
    JsonNode mould = shop.get("/api/moulds/" + job.group().path("mouldId").asLong());
    List<Long> board = job.takeOut(4.6);
    job.finishUntil("seal");
    coatAndMassOfABox(job.group(), mould);
    job.finish();
    assertThat(job.steps()).containsExactly("press-in", "seal", "inspect", "pack");
    // 2.00 a strip: a tenth of the lot.
    JsonNode use = shop.get("/api/use/pieces/" + board.get(0));
    double inlay = 0;
    for (JsonNode row : use.path("stepRows")) {
      inlay +=
          row.path("material").asString().equals("Oak strip") ? row.path("cost").asDouble() : 0;
    }
    assertThat(inlay).as(use.path("stepRows").toString()).isCloseTo(2.0, within(1e-6));
    job.send();
  }

  /** What the shelf says of sealer and mass, against the six faces and the volume of a box. */
  private void coatAndMassOfABox(JsonNode group, JsonNode mould) {
    JsonNode box = mould.path("shape").path("cavity");
    assertThat(box.path("kind").asString()).isEqualTo("box");
    double l = box.path("lengthMm").asDouble() / 1000;
    double w = box.path("widthMm").asDouble() / 1000;
    double h = box.path("heightMm").asDouble() / 1000;
    String coat =
        "/api/routes/%d/steps/%d/coat?mouldId=%d&pieces=3"
            .formatted(
                group.path("routeId").asLong(),
                group.path("stepNo").asInt(),
                mould.path("id").asLong());
    JsonNode said = shop.get(coat);
    double areaM2 = said.path("areaM2").asDouble();
    // Its sides lean by a few millimetres, so that it comes out.
    assertThat(areaM2).isCloseTo(2 * (l * w + w * h + h * l), withinPercentage(2));
    assertThat(said.path("coat").path("eachKg").asDouble()).isCloseTo(areaM2 * 0.09, within(1e-9));
    assertThat(said.path("coat").path("allKg").asDouble())
        .isCloseTo(3 * areaM2 * 0.09, within(1e-9));
    // What the first piece really took counts before that.
    assertThat(shop.get(coat + "&tookKg=0.035").path("coat").path("allKg").asDouble())
        .isCloseTo(0.105, within(1e-9));
    JsonNode page = shop.get("/api/products/" + group.path("productId").asLong());
    double dryKg =
        l
            * w
            * h
            * page.path("freshDensityKgM3").asDouble()
            * page.path("recipe").path("retention").asDouble();
    assertThat(page.path("usual").path("massKg").asDouble()).isCloseTo(dryKg, withinPercentage(4));
  }
}
