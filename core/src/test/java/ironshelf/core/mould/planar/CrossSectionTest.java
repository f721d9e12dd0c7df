package ironshelf.core.mould.planar;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import ironshelf.core.mould.planar.CrossSection.Planar;
import ironshelf.core.mould.planar.CrossSection.Round;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Geometry;

/**
 * Level cuts: areas, edges and the gap to an inner one, by the formulas of circle and rectangle.
 */
@Tag("accuracy")
class CrossSectionTest {

  private static final Planar SQUARE = new Planar(Planes.rectangle(100, 100));

  @Test
  void aRingIsALargeCircleLessASmallOne() {
    Round ring = new Round(50, 20, 0, 0);
    assertThat(ring.areaMm2()).isCloseTo(Math.PI * (2_500 - 400), within(1e-9));
    // Its edge runs outside and inside.
    assertThat(ring.perimeterMm()).isCloseTo(2 * Math.PI * 70, within(1e-9));
    Geometry polygon = ring.polygon();
    assertThat(polygon.getNumPoints()).isGreaterThan(40);
    double cutOff = Planes.FLATNESS_MM * ring.perimeterMm();
    assertThat(polygon.getArea()).isCloseTo(ring.areaMm2(), within(cutOff));
    assertThat(polygon.contains(Planes.point(0, 0))).isFalse();
    assertThat(polygon.contains(Planes.point(30, 0))).isTrue();
  }

  @Test
  void aSquareHasItsEdgeAndItsMiddle() {
    CrossSection moved = SQUARE.movedBy(7, -3);
    assertThat(moved.areaMm2()).isCloseTo(10_000, within(1e-9));
    assertThat(moved.perimeterMm()).isCloseTo(400, within(1e-9));
    assertThat(moved.centroid().x).isCloseTo(7, within(1e-9));
    assertThat(moved.centroid().y).isCloseTo(-3, within(1e-9));
    assertThat(SQUARE.movedBy(0, 0)).isSameAs(SQUARE);
    assertThat(SQUARE.movedBy(0, 2)).isNotSameAs(SQUARE);
  }

  @Test
  void circlesKeepApartByTheirRadiiAndTheirMiddles() {
    CrossSection outer = CrossSection.circle(50);
    assertThat(outer.gapTo(CrossSection.circle(30))).isCloseTo(20, within(1e-9));
    // 3, 4 off the middle is 5 off it.
    assertThat(outer.gapTo(CrossSection.circle(30).movedBy(3, 4))).isCloseTo(15, within(1e-9));
    assertThat(outer.gapTo(CrossSection.circle(30).movedBy(24, 7))).isCloseTo(-5, within(1e-9));
    assertThat(outer.movedBy(3, 4).gapTo(CrossSection.circle(30).movedBy(3, 4)))
        .isCloseTo(20, within(1e-9));
  }

  /** What stands round a bore has a gap outside and one inside; the smaller one counts. */
  @Test
  void aRingKeepsApartOnBothSides() {
    CrossSection ring = new Round(50, 10, 0, 0);
    assertThat(ring.gapTo(new Round(40, 30, 0, 0))).isCloseTo(10, within(1e-9));
    assertThat(ring.gapTo(new Round(45, 12, 0, 0))).isCloseTo(2, within(1e-9));
    // Moved by 3 it is that much nearer to the bore.
    assertThat(ring.gapTo(new Round(40, 15, 3, 0))).isCloseTo(2, within(1e-9));
  }

  /** A square of 40 in a circle of 50: its corner is 28.28 off the middle. */
  @Test
  void aSquareInACircleComesNearestByItsCorner() {
    Planar square = new Planar(Planes.rectangle(40, 40));
    CrossSection circle = CrossSection.circle(50);
    assertThat(circle.gapTo(square)).isCloseTo(50 - Math.sqrt(800), within(1e-9));
    assertThat(circle.movedBy(5, 0).gapTo(square.movedBy(5, 0)))
        .isCloseTo(50 - Math.sqrt(800), within(1e-9));
    // Round a bore of 10 the square covers it: the ring is not round about its middle any more.
    assertThat(new Round(50, 10, 0, 0).gapTo(square)).isNegative();
  }

  @Test
  void aCircleInASquareComesNearestByItsSide() {
    assertThat(SQUARE.gapTo(CrossSection.circle(30))).isCloseTo(20, within(1e-9));
    assertThat(SQUARE.gapTo(CrossSection.circle(30).movedBy(15, 0))).isCloseTo(5, within(1e-9));
    assertThat(SQUARE.gapTo(CrossSection.circle(30).movedBy(25, 0))).isCloseTo(-5, within(1e-9));
    // With its middle outside it reaches through by its radius and as far as it is off.
    assertThat(SQUARE.gapTo(CrossSection.circle(30).movedBy(60, 0))).isCloseTo(-40, within(1e-9));
  }

  @Test
  void aSquareInASquareComesNearestByItsSideOrReachesThrough() {
    Planar inner = new Planar(Planes.rectangle(40, 60));
    assertThat(SQUARE.gapTo(inner)).isCloseTo(20, within(1e-9));
    assertThat(SQUARE.gapTo(inner.movedBy(25, 0))).isCloseTo(5, within(1e-9));
    assertThat(SQUARE.gapTo(inner.movedBy(33, 0))).isCloseTo(-3, within(1e-9));
    // A bore in the middle of the inner one is no face of it that the outer one meets.
    CrossSection ring = new Round(40, 5, 0, 0);
    assertThat(SQUARE.gapTo(ring)).isCloseTo(10, within(Planes.FLATNESS_MM));
  }

  /** A figure that encloses nothing has its middle at the axis. */
  @Test
  void nothingHasItsMiddleAtTheAxis() {
    Planar none = new Planar(Planes.rectangle(10, 10).difference(Planes.rectangle(20, 20)));
    assertThat(none.areaMm2()).isZero();
    assertThat(none.centroid().x).isZero();
    assertThat(none.centroid().y).isZero();
  }
}
