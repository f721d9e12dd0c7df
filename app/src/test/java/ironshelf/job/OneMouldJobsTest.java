package ironshelf.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;
import org.junit.jupiter.api.parallel.ResourceLock;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;

/**
 * What a small shop makes in one mould and one pour: each is set up, ordered, poured, taken out,
 * finished, packed and sent by an own shop. What the mould holds is worked out here by the formulas
 * of the solids; what is weighed out must fill it with the eight percent that stay in the bowl.
 */
// Beside other classes; journeys share a shop and its clock, and go one after the other.
@Execution(ExecutionMode.CONCURRENT)
@ResourceLock(JobShop.SHARED)
class OneMouldJobsTest {

  private static final double EXTRA = 1.08;
  private static final double BOX_KG = 0.4;

  private static JobShop shop;

  @BeforeAll
  static void open() {
    shop = JobShop.shared();
  }

  /**
   * @param litres of one casting
   * @param steps that its route has after the mould, waits not counted
   */
  record Made(
      String name,
      String shape,
      String mix,
      Map<String, Double> measures,
      int copies,
      double litres,
      List<String> steps) {

    @Override
    public String toString() {
      return name;
    }
  }

  /** pi h (D2 + D d + d2) / 12, in litres of millimetres. */
  private static double frustum(double top, double bottom, double height) {
    return Math.PI * height * (top * top + top * bottom + bottom * bottom) / 12 / 1e6;
  }

  private static double cylinder(double diameter, double height) {
    return frustum(diameter, diameter, height);
  }

  /** A sphere of 300 less the cap that an opening of 120 cuts off: pi h2 (3 r - h) / 3. */
  private static double openedSphere(double diameter, double opening) {
    double r = diameter / 2;
    double h = r - Math.sqrt(r * r - opening * opening / 4);
    return (Math.PI * diameter * diameter * diameter / 6 - Math.PI * h * h * (3 * r - h) / 3) / 1e6;
  }

  private static double box(double length, double width, double height) {
    return length * width * height / 1e6;
  }

  static Stream<Made> jobs() {
    return Stream.of(
        new Made(
            "Pot of two tubs",
            "pot",
            "sand-cement",
            Map.of("innerTopMm", 130.0, "innerBaseMm", 96.0),
            2,
            frustum(160, 120, 150) - frustum(130, 96, 135),
            List.of("trim", "seal", "inspect", "pack")),
        new Made(
            "Twenty soap dishes from bags",
            "kit",
            "white-neat",
            Map.of("waterKg", 0.12),
            20,
            0.12 / 0.998,
            List.of("trim", "seal", "inspect", "pack")),
        new Made(
            "Nested box of hypertufa",
            "box",
            "hypertufa",
            Map.of(),
            1,
            box(300, 200, 150) - box(220, 120, 110),
            List.of("trim", "inspect", "pack")),
        new Made(
            "Rapid tray",
            "tray",
            "rapid-neat-4-1",
            Map.of(),
            3,
            box(240, 120, 20),
            List.of("trim", "rinse", "seal", "inspect", "pack")),
        new Made(
            "Outline paver",
            "paver",
            "sand-cement-stone",
            Map.of("lengthMm", 500.0, "widthMm", 350.0),
            2,
            box(500, 350, 50),
            List.of("inspect", "pack")),
        new Made(
            "Lettered stone",
            "frame",
            "stamp",
            Map.of("lengthMm", 300.0, "widthMm", 200.0),
            1,
            box(300, 200, 50),
            List.of("inspect", "pack")),
        new Made(
            "Sphere from whole bags",
            "sphere",
            "bagged",
            Map.of(),
            1,
            openedSphere(300, 120),
            List.of("trim", "inspect", "pack")),
        new Made(
            "Plate to the scale",
            "plate",
            "sand-cement-stone",
            Map.of(),
            2,
            cylinder(450, 60) - cylinder(51, 60),
            List.of("trim", "inspect", "pack")),
        new Made(
            "Draped cloth",
            "drape",
            "drape",
            Map.of(),
            1,
            box(700, 700, 8),
            List.of("trim", "seal", "inspect", "pack")));
  }

  private static Map<String, Object> product(Made job) {
    Map<String, Object> product = new HashMap<>();
    product.put("name", job.name());
    product.put("shape", job.shape());
    product.put("mix", job.mix());
    product.put("measures", job.measures());
    product.put("copies", job.copies());
    JsonNode colours =
        shop.preview(Map.of("shape", job.shape(), "mix", job.mix(), "measures", job.measures()))
            .path("colours");
    product.put("colours", List.of(Map.of("code", colours.get(0).path("code").asString())));
    return product;
  }

  private static double massKg(JsonNode sheet) {
    double sum = 0;
    for (JsonNode line : sheet.path("layers").get(0).path("lines")) {
      sum += line.path("massKg").asDouble();
    }
    return sum;
  }

  @ParameterizedTest
  @MethodSource("jobs")
  void fromTheSetUpUntilItIsSent(Made made) {
    Map<String, Object> product = product(made);
    Job job = shop.make(product, made.copies());
    assertThat(job.line().path("toPour").asInt()).isEqualTo(made.copies());

    JsonNode sheet = job.pour();
    JsonNode fill = sheet.path("fills").get(0);
    assertThat(fill.path("litresEach").asDouble()).isCloseTo(made.litres(), within(5e-5));
    double litres = made.litres() * made.copies() * EXTRA;
    double density = sheet.path("layers").get(0).path("freshDensityKgM3").asDouble();
    assertThat(massKg(sheet)).isCloseTo(litres * density / 1000, within(litres * 1e-3));
    assertThat(job.line().path("inMould").asInt()).isEqualTo(made.copies());

    double dryKg = made.litres() * density / 1000 * JobShop.RETENTION;
    assertThat(job.takeOut(dryKg)).hasSize(made.copies());
    assertThat(job.line().path("curing").asInt()).isEqualTo(made.copies());
    job.finish();
    assertThat(job.steps()).isEqualTo(made.steps());
    assertThat(job.line().path("ready").asInt()).isEqualTo(made.copies());

    JsonNode sent = job.send();
    assertThat(job.line().path("sent").asInt()).isEqualTo(made.copies());
    double sentKg = 0;
    for (JsonNode parcel : sent.path("parcels")) {
      sentKg += parcel.path("massKg").asDouble() - BOX_KG;
    }
    assertThat(sentKg).isCloseTo(dryKg * made.copies(), within(made.copies() * 1e-3));
  }
}
