package ironshelf.core.mould;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Properties of every solid, over seeded random ones. */
class SolidTest {

  private static final long SEED = 20_261_124;

  static Stream<Solid> solids() {
    Random random = new Random(SEED);
    return Stream.generate(() -> solid(random)).limit(200);
  }

  private static Solid solid(Random random) {
    double a = 10 + random.nextDouble() * 500;
    double b = 10 + random.nextDouble() * 500;
    double c = 10 + random.nextDouble() * 500;
    return switch (random.nextInt(4)) {
      case 0 -> new Box(a, b, c);
      case 1 -> new Cylinder(a, b);
      case 2 -> new Cone(a, b, c);
      default -> new Sphere(a, a * random.nextDouble() * 0.99);
    };
  }

  private static Solid scaled(Solid solid, double k) {
    if (solid instanceof Box b) {
      return new Box(b.lengthMm() * k, b.widthMm() * k, b.heightMm() * k);
    }
    if (solid instanceof Cylinder c) {
      return new Cylinder(c.diameterMm() * k, c.heightMm() * k);
    }
    if (solid instanceof Cone c) {
      return new Cone(c.topDiameterMm() * k, c.baseDiameterMm() * k, c.heightMm() * k);
    }
    Sphere s = (Sphere) solid;
    return new Sphere(s.diameterMm() * k, s.flatDiameterMm() * k);
  }

  @ParameterizedTest
  @MethodSource("solids")
  void scalingByKMultipliesVolumeByItsCube(Solid solid) {
    double expected = solid.volumeL() * Math.pow(1.7, 3);
    assertThat(scaled(solid, 1.7).volumeL()).isCloseTo(expected, within(expected * 1e-9));
  }

  /** An independent road to the same volume: the trapezium rule over 20 000 level cuts. */
  @ParameterizedTest
  @MethodSource("solids")
  void theFormulaIsTheSumOfItsCuts(Solid solid) {
    int steps = 20_000;
    double step = solid.heightMm() / steps;
    double sum = 0;
    for (int i = 0; i < steps; i++) {
      sum +=
          step
              * (solid.crossSectionAt(i * step).areaMm2()
                  + solid.crossSectionAt((i + 1) * step).areaMm2())
              / 2;
    }
    assertThat(solid.volumeL() * 1e6).isCloseTo(sum, within(sum * 1e-6));
  }

  @ParameterizedTest
  @MethodSource("solids")
  void volumeRisesWithTheLevel(Solid solid) {
    double before = 0;
    for (int i = 0; i <= 50; i++) {
      double here = solid.volumeBelowMm3(solid.heightMm() * i / 50);
      assertThat(here).isGreaterThanOrEqualTo(before);
      before = here;
    }
    assertThat(solid.volumeBelowMm3(-5)).isZero();
    assertThat(solid.volumeBelowMm3(1e9)).isCloseTo(before, within(before * 1e-12));
  }

  @ParameterizedTest
  @MethodSource("solids")
  void theProfileRunsFromFloorToRim(Solid solid) {
    List<Solid.ProfilePoint> profile = solid.profile();
    assertThat(profile.get(0).zMm()).isCloseTo(0, within(1e-9));
    assertThat(profile.get(profile.size() - 1).zMm()).isCloseTo(solid.heightMm(), within(1e-6));
  }
}
