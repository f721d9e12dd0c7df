package ironshelf.core.mould;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import ironshelf.core.mould.solid.Cylinder;
import ironshelf.core.mould.solid.Drawn;
import ironshelf.core.mould.solid.Revolved;
import ironshelf.core.mould.solid.Revolved.Turn;
import ironshelf.core.mould.solid.Sphere;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

@Tag("accuracy")
class WallTest {

  private static final long SEED = 17;
  private static final int SCANNED = 20_000;

  /** A ring of 1 mm on a core, half-way between two of 512 levels: 100 less 90. */
  @Test
  void aSpikeOfACoreIsNotMissed() {
    Drawn core =
        revolved(
            new double[][] {{0, 0}, {40, 0}, {40, 100}, {90, 101}, {40, 102}, {40, 300}, {0, 300}});
    Wall wall = Wall.between(new Cylinder(200, 300), new PlacedCore(core, 10, 0, 0));
    assertThat(wall.gapMm()).isCloseTo(10, within(1e-9));
    assertThat(wall.atMm()).isCloseTo(111, within(1e-6));
    Wall off = Wall.between(new Cylinder(200, 300), new PlacedCore(core, 10, 3, 4));
    assertThat(off.gapMm()).isCloseTo(5, within(1e-9));
  }

  /** A shelf that steps out level has two widths at its height: the wider counts. */
  @Test
  void aStepIsLookedAtFromBothSides() {
    Drawn stepped =
        revolved(new double[][] {{0, 0}, {60, 0}, {60, 80}, {30, 80}, {30, 150}, {0, 150}});
    Drawn waisted =
        revolved(
            new double[][] {
              {0, 0}, {100, 0}, {100, 90}, {75, 90}, {75, 95}, {100, 95}, {100, 200}, {0, 200}
            });
    // Below the step 75 - 60 never meet: the core's wide part ends at 20 + 80 = 100.
    assertThat(Wall.between(waisted, new PlacedCore(stepped, 20, 0, 0)).gapMm())
        .isCloseTo(15, within(1e-6));
    assertThat(Wall.between(waisted, new PlacedCore(stepped, 5, 0, 0)).gapMm())
        .isCloseTo(40, within(1e-6));
  }

  /** A sphere in a sphere, lifted: against 2 000 000 levels written out apart. */
  @Test
  void betweenSpheresItIsExact() {
    for (double[] s :
        new double[][] {{400, 340, 20, 120}, {356, 240, 75, 150}, {300, 299, 0.4, 0}}) {
      Sphere cavity = new Sphere(s[0], s[3]);
      Sphere core = new Sphere(s[1], 0);
      double depth = Math.min(s[1], cavity.heightMm() - s[2]);
      double least = Double.MAX_VALUE;
      for (int i = 0; i <= 2_000_000; i++) {
        double z = s[2] + depth * i / 2_000_000;
        double outer = Math.sqrt(Math.max(0, z * (s[0] - z)));
        double inner = Math.sqrt(Math.max(0, (z - s[2]) * (s[1] - z + s[2])));
        least = Math.min(least, outer - inner);
      }
      assertThat(Wall.between(cavity, new PlacedCore(core, s[2], 0, 0)).gapMm())
          .isCloseTo(least, within(1e-6));
    }
  }

  /**
   * Turned profiles of any kind, off the axis: never more than a dense scan finds, nor far less.
   */
  @Test
  void noDenseScanFindsLess() {
    Random random = new Random(SEED);
    for (int n = 0; n < 60; n++) {
      double[][] outer = profile(random, 150, 40, 200);
      double[][] inner = profile(random, 60, 30, 150 + random.nextInt(80));
      double lift = random.nextInt(40);
      double x = random.nextInt(12);
      Wall wall = Wall.between(revolved(outer), new PlacedCore(revolved(inner), lift, x, 0));
      double depth = Math.min(inner[inner.length - 1][1], 200 - lift);
      double least = Double.MAX_VALUE;
      for (int i = 0; i <= SCANNED; i++) {
        double z = lift + depth * i / SCANNED;
        least = Math.min(least, radiusAt(outer, z) - radiusAt(inner, z - lift) - x);
      }
      assertThat(wall.gapMm()).isLessThanOrEqualTo(least + 1e-6);
      // A profile leans at most 80 mm in 1: between two scanned levels it moves by that much.
      assertThat(wall.gapMm()).isGreaterThan(least - 160 * depth / SCANNED);
    }
  }

  /** A half profile from the floor up: its radius at rising heights, back along the axis. */
  private static double[][] profile(Random random, double radius, double varies, double height) {
    List<double[]> points = new ArrayList<>();
    int bends = 2 + random.nextInt(5);
    double z = 0;
    for (int i = 0; i < bends; i++) {
      points.add(new double[] {radius + random.nextDouble() * varies, z});
      z += 1 + random.nextInt((int) (height / bends));
    }
    points.add(new double[] {radius + random.nextDouble() * varies, height});
    return points.toArray(double[][]::new);
  }

  private static double radiusAt(double[][] profile, double z) {
    for (int i = 1; i < profile.length; i++) {
      double[] a = profile[i - 1];
      double[] b = profile[i];
      if (z <= b[1]) {
        return a[0] + (b[0] - a[0]) * (z - a[1]) / (b[1] - a[1]);
      }
    }
    return profile[profile.length - 1][0];
  }

  private static Revolved revolved(double[][] points) {
    List<Turn> turns = new ArrayList<>();
    if (points[0][0] > 0) {
      turns.add(new Turn(0, points[0][1]));
    }
    for (double[] p : points) {
      turns.add(new Turn(p[0], p[1]));
    }
    double[] last = points[points.length - 1];
    if (last[0] > 0) {
      turns.add(new Turn(0, last[1]));
    }
    return new Revolved(turns);
  }
}
