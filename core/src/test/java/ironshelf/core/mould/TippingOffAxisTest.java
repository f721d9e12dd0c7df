package ironshelf.core.mould;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import ironshelf.core.mould.solid.Box;
import ironshelf.core.mould.solid.Cylinder;
import ironshelf.core.mould.solid.Drawn;
import ironshelf.core.quantity.RefusedException;
import java.util.List;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Holes that stand off the middle, at any height: the centre of mass is the block's own less each
 * hole's, by their volumes (statics: sums of moments).
 */
@Tag("accuracy")
class TippingOffAxisTest {

  private static final Box BLOCK = new Box(200, 160, 100);
  private static final double BLOCK_MM3 = 200.0 * 160 * 100;

  private static MouldShape with(PlacedCore... cores) {
    return new MouldShape(BLOCK, null, 0, 0, List.of(), 1, List.of(cores), List.of());
  }

  private static PlacedCore at(Drawn solid, double lift, double x, double y) {
    return new PlacedCore(solid, lift, x, y);
  }

  /** Two sockets of different size, one in the floor and one in the rim. */
  @Test
  void twoHolesAtTheirHeights() {
    double low = 40.0 * 40 * 30;
    double high = 60.0 * 20 * 50;
    Tipping.Result tipped =
        Tipping.of(
            with(at(new Box(40, 40, 30), 0, 50, 30), at(new Box(60, 20, 50), 50, -40, -50)),
            2_000,
            0,
            0,
            false);
    double volume = BLOCK_MM3 - low - high;
    double x = (-low * 50 + high * 40) / volume;
    double y = (-low * 30 + high * 50) / volume;
    double z = (BLOCK_MM3 * 50 - low * 15 - high * 75) / volume;
    assertThat(tipped.massKg()).isCloseTo(volume * 2_000 / 1e9, within(1e-9));
    assertThat(tipped.centreOfMassMm()).isCloseTo(z, within(1e-2));
    double reach = Math.min(100 - Math.abs(x), 80 - Math.abs(y));
    assertThat(tipped.baseReachMm()).isCloseTo(reach, within(1e-6));
    assertThat(tipped.tipAngleDeg()).isCloseTo(Math.toDegrees(Math.atan2(reach, z)), within(1e-2));
  }

  /** Along the width as along the length: the nearer edge is the one that it falls over. */
  @ParameterizedTest
  @CsvSource({"50, 0", "-50, 0", "0, 40", "0, -40", "50, 40", "-50, 40"})
  void aBoreMovesTheCentreAwayFromItself(double x, double y) {
    double bore = Math.PI * 400 * 100;
    Tipping.Result tipped =
        Tipping.of(with(at(new Cylinder(40, 100), 0, x, y)), 2_000, 0, 0, false);
    double share = bore / (BLOCK_MM3 - bore);
    double reach = Math.min(100 - share * Math.abs(x), 80 - share * Math.abs(y));
    // The cut of a bore is a circle: exact.
    assertThat(tipped.baseReachMm()).isCloseTo(reach, within(1e-6));
    assertThat(tipped.centreOfMassMm()).isCloseTo(50, within(1e-2));
  }

  /** A fitting on the axis draws the centre back, by its share of the mass. */
  @Test
  void aFittingDrawsTheCentreBack() {
    MouldShape bored = with(at(new Cylinder(40, 100), 0, 0, 40));
    Tipping.Result bare = Tipping.of(bored, 2_000, 0, 0, false);
    Tipping.Result lamp = Tipping.of(bored, 2_000, bare.massKg(), 250, false);
    assertThat(80 - lamp.baseReachMm()).isCloseTo((80 - bare.baseReachMm()) / 2, within(1e-6));
    assertThat(lamp.centreOfMassMm()).isCloseTo((50 + 250) / 2.0, within(1e-2));
    assertThat(lamp.massKg()).isCloseTo(2 * bare.massKg(), within(1e-9));
  }

  /** Six degrees are enough; a hair less is said. */
  @Test
  void theLeastAngleItselfIsEnough() {
    Box slim = new Box(100, 100, 200);
    double mass = slim.litres() * 2;
    // tan 6 = 50 / z: the centre stands at 475.7, with a fitting as heavy as the piece at 851.4.
    double height = 2 * 50 / Math.tan(Math.toRadians(6)) - 100;
    MouldShape piece = MouldShape.of(slim, null, 0);
    assertThat(Tipping.of(piece, 2_000, mass, height - 0.01, false).warnings()).isEmpty();
    assertThat(Tipping.of(piece, 2_000, mass, height + 0.01, false).warnings()).hasSize(1);
  }

  @Test
  void nonsenseIsRefused() {
    MouldShape piece = MouldShape.of(BLOCK, null, 0);
    assertThatThrownBy(() -> Tipping.of(piece, 99, 0, 0, false))
        .isInstanceOf(RefusedException.class);
    assertThatThrownBy(() -> Tipping.of(piece, 2_000, -1, 0, false))
        .isInstanceOf(RefusedException.class);
    assertThatThrownBy(() -> Tipping.of(piece, 2_000, 0, -1, false))
        .isInstanceOf(RefusedException.class);
  }
}
