package ironshelf.core.mould.solid;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import ironshelf.core.mould.planar.PlanPoint;
import ironshelf.core.mould.planar.ReadyOutline;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Properties of every drawn solid, over seeded random ones; the seed is in their names. */
@Tag("accuracy")
class SolidTest {

  private static final long SEED = 20_261_124;

  static Stream<Drawn> solids() {
    Random random = new Random(SEED);
    return Stream.generate(() -> scaled(random, 1)).limit(160);
  }

  /** The next random solid, all its lengths times k. */
  private static Drawn scaled(Random random, double k) {
    double a = k * (10 + random.nextDouble() * 500);
    double b = k * (10 + random.nextDouble() * 500);
    double c = k * (10 + random.nextDouble() * 500);
    double share = random.nextDouble();
    return switch (random.nextInt(8)) {
      case 0 -> new Box(a, b, c);
      case 1 -> new Cylinder(a, b);
      case 2 -> new Cone(a, b, c);
      case 3 -> new Pyramid(a, b, b, a, c);
      case 4 -> new PolygonPrism(3 + random.nextInt(10), a, b);
      case 5 -> new Outline(new ReadyOutline.Leaf(a, b).points(), c);
      case 6 -> vase(a, b, c);
      default -> new Sphere(a, a * share * 0.99);
    };
  }

  private static Drawn vase(double a, double b, double h) {
    return new Revolved(
        List.of(
            new Revolved.Turn(0, 0),
            new Revolved.Turn(a, 0),
            new Revolved.Turn(b, h / 2),
            new Revolved.Turn(a / 2, h),
            new Revolved.Turn(0, h)));
  }

  @Test
  void scalingByKMultipliesVolumeByItsCube() {
    Random one = new Random(SEED);
    Random other = new Random(SEED);
    for (int i = 0; i < 160; i++) {
      double expected = scaled(one, 1).litres() * Math.pow(1.7, 3);
      Drawn larger = scaled(other, 1.7);
      assertThat(larger.litres()).as("%s", larger).isCloseTo(expected, within(expected * 1e-9));
    }
  }

  /** An independent road to the same volume: the trapezium rule over 4 000 level cuts. */
  @ParameterizedTest
  @MethodSource("solids")
  void theFormulaIsTheSumOfItsCuts(Drawn solid) {
    int steps = 4_000;
    double step = solid.heightMm() / steps;
    double sum = 0;
    double before = solid.crossSectionAt(0).areaMm2();
    for (int i = 1; i <= steps; i++) {
      double here = solid.crossSectionAt(i * step).areaMm2();
      sum += step * (before + here) / 2;
      before = here;
    }
    assertThat(solid.litres() * 1e6).isCloseTo(sum, within(sum * 2e-6));
  }

  @ParameterizedTest
  @MethodSource("solids")
  void volumeAndSideRiseWithTheLevel(Drawn solid) {
    double before = 0;
    double side = 0;
    for (int i = 0; i <= 50; i++) {
      double z = solid.heightMm() * i / 50;
      assertThat(solid.volumeBelowMm3(z)).isGreaterThanOrEqualTo(before);
      assertThat(solid.sideBelowMm2(z)).isGreaterThanOrEqualTo(side * (1 - 1e-12));
      before = solid.volumeBelowMm3(z);
      side = solid.sideBelowMm2(z);
    }
    assertThat(solid.volumeBelowMm3(-5)).isZero();
    assertThat(solid.volumeBelowMm3(1e9)).isCloseTo(before, within(before * 1e-12));
  }

  @ParameterizedTest
  @MethodSource("solids")
  void theHalfSectionRunsFromFloorToRim(Drawn solid) {
    List<ProfilePoint> half = solid.halfSection();
    assertThat(half.get(0).zMm()).isCloseTo(0, within(1e-9));
    assertThat(half.get(half.size() - 1).zMm()).isCloseTo(solid.heightMm(), within(1e-6));
  }

  /** docs/method/moulds.md: hexagon 180 across flats by 32: 0.8979 L. */
  @Test
  void aHexagon() {
    assertThat(new PolygonPrism(6, 180, 32).litres()).isCloseTo(0.8979, within(5e-5));
  }

  /** A revolved rectangle is a cylinder; with a bore, a disc of 9.420 L (docs/method/moulds.md). */
  @Test
  void aRevolvedRectangleIsACylinder() {
    Drawn turned = ring(0, 60, 80);
    assertThat(turned.litres()).isCloseTo(new Cylinder(120, 80).litres(), within(1e-12));
    assertThat(turned.sideBelowMm2(80))
        .isCloseTo(new Cylinder(120, 80).sideBelowMm2(80), within(1e-6));
    assertThat(ring(25.5, 225, 60).litres()).isCloseTo(9.420, within(5e-4));
  }

  private static Drawn ring(double bore, double radius, double height) {
    return new Revolved(
        List.of(
            new Revolved.Turn(bore, 0),
            new Revolved.Turn(radius, 0),
            new Revolved.Turn(radius, height),
            new Revolved.Turn(bore, height)));
  }

  @Test
  void aRevolvedTrapeziumIsAFrustum() {
    Drawn turned =
        new Revolved(
            List.of(
                new Revolved.Turn(0, 0),
                new Revolved.Turn(60, 0),
                new Revolved.Turn(80, 150),
                new Revolved.Turn(0, 150)));
    Cone cone = new Cone(160, 120, 150);
    for (double z : new double[] {0, 10, 75, 150}) {
      assertThat(turned.volumeBelowMm3(z)).isCloseTo(cone.volumeBelowMm3(z), within(1e-6));
      assertThat(turned.crossSectionAt(z).areaMm2())
          .isCloseTo(cone.crossSectionAt(z).areaMm2(), within(0.01));
    }
    assertThat(turned.draftDeg()).isCloseTo(cone.draftDeg(), within(1e-9));
  }

  /** A tapered box whose sides taper alike is a pyramid: h/3 (A + B + sqrt(A B)). */
  @Test
  void aTaperedBox() {
    double a = 120 * 80;
    double b = 60 * 40;
    assertThat(new Pyramid(120, 80, 60, 40, 90).litres() * 1e6)
        .isCloseTo(90.0 / 3 * (a + b + Math.sqrt(a * b)), within(1e-6));
  }

  /**
   * Water fill m / 0.998. Common practice: a level fill of 7 lb 8 oz of dry mix needs 10 lb of it,
   * here of a mix with 1 800 kg of dry mix a cubic metre.
   */
  @Test
  void measuredInstead() {
    assertThat(Measured.of(Measured.How.WATER_FILL, 0.998, Double.NaN).litres()).isEqualTo(1);
    double level = 7.5 * 0.45359237;
    assertThat(Measured.of(Measured.How.DRY_MIX_FILL, level, 1_800).litres() * 1.8)
        .isCloseTo(10 * 0.45359237, within(1e-12));
    assertThat(Measured.of(Measured.How.LAST_POURS, 4.5, 2250).litres()).isEqualTo(2);
    assertThat(new Sheet(0.5, 8).litres()).isEqualTo(4);
  }

  /** Two half circles make a circle: pi r2, arcs flattened to 0.1 mm. */
  @Test
  void arcsCloseACircle() {
    Drawn circle =
        new Outline(List.of(new PlanPoint(-100, 0, 100), new PlanPoint(100, 0, 100)), 10);
    double exact = Math.PI * 100 * 100 * 10;
    assertThat(circle.litres() * 1e6).isBetween(exact * (1 - 2 * 0.1 / 100), exact);
  }
}
