package ironshelf.core.mould;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import ironshelf.core.mould.solid.Box;
import ironshelf.core.mould.solid.Cone;
import ironshelf.core.mould.solid.Cylinder;
import ironshelf.core.mould.solid.Measured;
import ironshelf.core.mould.solid.Sphere;
import ironshelf.core.mould.starting.CommonWeight;
import ironshelf.core.quantity.Finding;
import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.RefusedException;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

@Tag("accuracy")
class TippingTest {

  private static final long SEED = 77;

  /** Statics, by hand: a cylinder's centre of mass is half way up, so tan a = r / (h / 2). */
  @Test
  void aCylinder() {
    Tipping.Result tall = tip(MouldShape.of(new Cylinder(100, 400), null, 0), 0, 0, false);
    assertThat(tall.centreOfMassMm()).isCloseTo(200, within(1e-6));
    // The base is a polygon to 0.1 mm here.
    assertThat(tall.baseReachMm()).isCloseTo(50, within(0.1));
    assertThat(tall.tipAngleDeg()).isCloseTo(14.04, within(0.05));
    assertThat(tall.warnings()).isEmpty();
  }

  /**
   * A full cone's centroid stands at a quarter: here the frustum's h (A + 2 sqrt(AB) + 3B)/4(...).
   */
  @Test
  void aFrustumEitherWayUp() {
    double r = 60;
    double big = 80;
    double h = 150;
    double fromBase =
        h * (r * r + 2 * r * big + 3 * big * big) / (4 * (r * r + r * big + big * big));
    MouldShape pot = MouldShape.of(new Cone(160, 120, 150), null, 0);
    assertThat(tip(pot, 0, 0, false).centreOfMassMm()).isCloseTo(fromBase, within(1e-3));
    assertThat(tip(pot, 0, 0, true).centreOfMassMm()).isCloseTo(h - fromBase, within(1e-3));
    assertThat(tip(pot, 0, 0, true).baseReachMm()).isCloseTo(80, within(0.1));
  }

  /** By hand: 4.8 kg at 100 mm and 1.2 kg at 600 mm balance at 200 mm. */
  @Test
  void aFittingRaisesTheCentre() {
    MouldShape block = MouldShape.of(new Box(100, 120, 200), null, 0);
    Tipping.Result lamp = Tipping.of(block, 2000, 1.2, 600, false);
    assertThat(lamp.massKg()).isCloseTo(6, within(1e-9));
    assertThat(lamp.centreOfMassMm()).isCloseTo(200, within(1e-6));
    assertThat(lamp.tipAngleDeg()).isCloseTo(Math.toDegrees(Math.atan(0.25)), within(1e-6));
    assertThat(Tipping.of(block, 2000, 20, 900, false).warnings()).hasSize(1);
  }

  /** By hand: a block of 100 x 100 x 50 with a bore of 40, 25 mm off its middle. */
  @Test
  void aBoreOffTheMiddleMovesTheCentre() {
    MouldShape block =
        new MouldShape(
            new Box(100, 100, 50),
            null,
            0,
            0,
            List.of(),
            1,
            List.of(new PlacedCore(new Cylinder(40, 50), 0, 25, 0)),
            List.of(),
            null);
    double bore = Math.PI * 20 * 20;
    double off = bore * 25 / (10_000 - bore);
    Tipping.Result tipped = tip(block, 0, 0, false);
    assertThat(tipped.centreOfMassMm()).isCloseTo(25, within(0.01));
    assertThat(tipped.baseReachMm()).isCloseTo(50 - off, within(1e-6));
    assertThat(tipped.tipAngleDeg())
        .isCloseTo(Math.toDegrees(Math.atan((50 - off) / 25)), within(0.02));
    // What is mounted on the axis pulls it back: as much again halves the way.
    double massKg = Tipping.of(block, 2000, 0, 0, false).massKg();
    assertThat(Tipping.of(block, 2000, massKg, 25, false).baseReachMm())
        .isCloseTo(50 - off / 2, within(1e-6));
  }

  /** A tapered pot with a core and a blind bore off its axis, against a million thrown points. */
  @Test
  void againstAMonteCarloCentre() {
    MouldShape pot =
        new MouldShape(
            new Cone(200, 140, 120),
            new Cylinder(60, 100),
            40,
            0,
            List.of(),
            1,
            List.of(new PlacedCore(new Cylinder(30, 60), 20, 52, 0)),
            List.of(),
            null);
    Random random = new Random(SEED);
    double sumX = 0;
    int in = 0;
    for (int i = 0; i < 1_000_000; i++) {
      double x = 200 * random.nextDouble() - 100;
      double y = 200 * random.nextDouble() - 100;
      double z = 120 * random.nextDouble();
      boolean cavity = Math.hypot(x, y) <= 70 + 30 * z / 120;
      boolean core = z >= 40 && Math.hypot(x, y) <= 30;
      boolean bore = z >= 20 && z <= 80 && Math.hypot(x - 52, y) <= 15;
      if (cavity && !core && !bore) {
        sumX += x;
        in++;
      }
    }
    assertThat(tip(pot, 0, 0, false).baseReachMm()).isCloseTo(70 + sumX / in, within(0.3));
  }

  /** A whole sphere stands on a point at any density, so it has no angle to fall at. */
  @Test
  void aSphereRolls() {
    Tipping.Result sphere = tip(MouldShape.of(new Sphere(300, 100), null, 0), 0, 0, false);
    assertThat(sphere.tipAngleDeg()).isNull();
    assertThat(sphere.warnings()).extracting(Finding::code).containsExactly(FindingCode.ROLLS);
    // On its flat of 100 mm it stands: the centre is near the middle, 141 mm up.
    Tipping.Result turned = tip(MouldShape.of(new Sphere(300, 100), null, 0), 0, 0, true);
    assertThat(turned.tipAngleDeg()).isBetween(15.0, 25.0);
  }

  @Test
  void whatWasOnlyMeasuredHasNoShape() {
    assertThatThrownBy(() -> tip(MouldShape.of(new Measured(2, null), null, 0), 0, 0, false))
        .isInstanceOf(RefusedException.class);
  }

  /** Two pours in one mould: half of a box is half its height, whatever the order. */
  @Test
  void partsEndAtTheirLevel() {
    MouldShape tray =
        new MouldShape(
            new Box(300, 200, 40),
            null,
            0,
            0,
            List.of(),
            1,
            List.of(),
            List.of(new PourPart("face", 50), new PourPart("back", 50)));
    List<MouldResult.PartResult> parts = MouldSum.of(tray, 2000, 0, 0, null).parts();
    assertThat(parts).extracting(MouldResult.PartResult::volumeL).containsExactly(1.2, 1.2);
    assertThat(parts.get(0).levelMm()).isCloseTo(20, within(1e-6));
    assertThat(parts.get(1).levelMm()).isCloseTo(40, within(1e-6));
  }

  /**
   * Whatever fits: the wall off centre is never thicker than centred, and there is room for mix.
   */
  @Test
  void wallsAndCapacitiesOfRandomMoulds() {
    Random random = new Random(SEED);
    int made = 0;
    for (int i = 0; i < 400; i++) {
      double top = 40 + 400 * random.nextDouble();
      double base = 40 + 400 * random.nextDouble();
      double height = 30 + 300 * random.nextDouble();
      double share = 0.3 + 0.9 * random.nextDouble();
      double offset = 20 * random.nextDouble();
      try {
        MouldShape shape =
            new MouldShape(
                new Cone(top, base, height),
                new Cone(top * share, base * share, height),
                10,
                offset,
                List.of(),
                1,
                List.of(),
                List.of());
        MouldResult result = MouldSum.of(shape, 2200, 0, 0, null);
        assertThat(result.walls().thinnestMm())
            .as("seed %s, %s", SEED, i)
            .isLessThanOrEqualTo(result.walls().nominalMm());
        assertThat(result.capacityL()).isPositive();
        assertThat(result.capacityL()).isLessThan(result.cavityL());
        made++;
      } catch (RefusedException doesNotFit) {
        assertThat(doesNotFit.findings()).isNotEmpty();
      }
    }
    assertThat(made).isGreaterThan(50);
  }

  @Test
  void whatHoldsACoreDown() {
    assertThat(CommonWeight.of(3.4)).isEqualTo(new CommonWeight("kettle-weight", 1, 4));
    assertThat(CommonWeight.of(0.2).name()).isEqualTo("full half-litre bottle");
    assertThat(CommonWeight.of(50).count()).isEqualTo(3);
  }

  private static Tipping.Result tip(MouldShape s, double kg, double mm, boolean upsideDown) {
    return Tipping.of(s, 2200, kg, mm, upsideDown);
  }
}
