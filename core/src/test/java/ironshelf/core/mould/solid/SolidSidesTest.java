package ironshelf.core.mould.solid;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import ironshelf.core.mould.planar.PlanPoint;
import ironshelf.core.mould.planar.Planes;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Sides, slopes and half cuts of each solid, by the formulas of solid geometry: what is sealed is
 * bought by the side, and what a mould lets go of is told by the slope.
 */
@Tag("accuracy")
class SolidSidesTest {

  /** A cylinder of 100 across with a band of 20 wider from 40 up to its rim at 60. */
  private static final Revolved STEPPED =
      new Revolved(
          List.of(
              new Revolved.Turn(0, 0),
              new Revolved.Turn(50, 0),
              new Revolved.Turn(50, 40),
              new Revolved.Turn(60, 40),
              new Revolved.Turn(60, 60),
              new Revolved.Turn(0, 60)));

  private static final List<PlanPoint> L_SHAPE =
      List.of(
          PlanPoint.of(0, 0),
          PlanPoint.of(80, 0),
          PlanPoint.of(80, 30),
          PlanPoint.of(30, 30),
          PlanPoint.of(30, 50),
          PlanPoint.of(0, 50));

  /** The side below a level, each by its own formula. */
  static Stream<Arguments> sides() {
    double slant = Math.hypot(15, 90);
    return Stream.of(
        Arguments.of(new Box(120, 80, 50), 20.0, 2 * (120 + 80) * 20.0),
        Arguments.of(new Cylinder(90, 60), 25.0, Math.PI * 90 * 25),
        // pi (R + r) s.
        Arguments.of(new Cone(130, 100, 90), 90.0, Math.PI * (65 + 50) * slant),
        // Two thirds up it is 120 across.
        Arguments.of(new Cone(130, 100, 90), 60.0, Math.PI * (60 + 50) * slant * 2 / 3),
        // Two pairs of trapezia, 30 and 10 out over a height of 40: 50 and the root of 1 700.
        Arguments.of(
            new Pyramid(160, 80, 100, 60, 40),
            40.0,
            (100 + 160) * Math.hypot(40, 10) + (60 + 80) * Math.hypot(40, 30)),
        Arguments.of(
            new Pyramid(160, 80, 100, 60, 40),
            20.0,
            (100 + 130) * Math.hypot(20, 5) + (60 + 70) * Math.hypot(20, 15)),
        // A hexagon of 180 across flats: its side is 180 / root 3.
        Arguments.of(new PolygonPrism(6, 180, 32), 32.0, 6 * 180 / Math.sqrt(3) * 32),
        Arguments.of(new PolygonPrism(4, 100, 32), 10.0, 400.0 * 10),
        // A zone of a sphere: pi D z.
        Arguments.of(new Sphere(300, 120), 100.0, Math.PI * 300 * 100),
        // The step itself is side: a ring of 50 to 60.
        Arguments.of(STEPPED, 40.0, 2 * Math.PI * 50 * 40),
        Arguments.of(
            STEPPED,
            60.0,
            2 * Math.PI * 50 * 40 + Math.PI * (3_600 - 2_500) + 2 * Math.PI * 60 * 20),
        Arguments.of(new Outline(L_SHAPE, 40), 10.0, 2 * (80 + 50) * 10.0));
  }

  @ParameterizedTest
  @MethodSource("sides")
  void theSideBelowALevel(Drawn solid, double zMm, double mm2) {
    assertThat(solid.sideBelowMm2(zMm)).isCloseTo(mm2, within(mm2 * 1e-9));
    assertThat(solid.sideBelowMm2(0)).isCloseTo(0, within(1e-9));
    assertThat(solid.sideBelowMm2(-1)).isCloseTo(0, within(1e-9));
  }

  /** The lean of the wall outwards, by the tangent; the steeper of two, the least of all. */
  static Stream<Arguments> drafts() {
    return Stream.of(
        Arguments.of(new Box(120, 80, 50), 0.0),
        Arguments.of(new Cylinder(90, 60), 0.0),
        Arguments.of(new PolygonPrism(5, 90, 60), 0.0),
        Arguments.of(new Outline(L_SHAPE, 40), 0.0),
        Arguments.of(new Cone(130, 100, 90), Math.toDegrees(Math.atan(15 / 90.0))),
        Arguments.of(new Cone(100, 130, 90), -Math.toDegrees(Math.atan(15 / 90.0))),
        Arguments.of(new Pyramid(160, 80, 100, 60, 40), Math.toDegrees(Math.atan(10 / 40.0))),
        Arguments.of(new Pyramid(110, 90, 100, 60, 40), Math.toDegrees(Math.atan(5 / 40.0))),
        // A whole sphere closes over what is in it; half of one stands upright at its rim.
        Arguments.of(new Sphere(200, 0), -90.0),
        // Cut off where it is 173.2 across, half the radius over its middle: 30 degrees over.
        Arguments.of(new Sphere(200, 200 * Math.sqrt(0.75)), -30.0),
        Arguments.of(STEPPED, 0.0));
  }

  @ParameterizedTest
  @MethodSource("drafts")
  void theLeastLeanOfTheWall(Drawn solid, double deg) {
    assertThat(solid.draftDeg()).isCloseTo(deg, within(1e-6));
  }

  /** The half cut is as far from the axis as the level cuts are wide. */
  static Stream<Drawn> solids() {
    return Stream.of(
        new Box(120, 80, 50),
        new Cylinder(90, 60),
        new Cone(130, 100, 90),
        new Pyramid(160, 80, 100, 60, 40),
        new PolygonPrism(6, 180, 32),
        new Sphere(300, 120),
        STEPPED);
  }

  @ParameterizedTest
  @MethodSource("solids")
  void theHalfCutIsHalfAsWideAsTheLevelCuts(Drawn solid) {
    for (ProfilePoint point : solid.halfSection()) {
      double z = point.zMm();
      double across = solid.crossSectionAt(z).polygon().getEnvelopeInternal().getWidth();
      double above =
          solid
              .crossSectionAt(Math.min(solid.heightMm(), z + 1e-6))
              .polygon()
              .getEnvelopeInternal()
              .getWidth();
      assertThat(point.rMm())
          .as("%s at %s", solid, z)
          .isCloseTo(Math.max(across, above) / 2, within(Planes.FLATNESS_MM));
    }
  }

  /** All points of a sphere's half cut are as far from its middle as its radius. */
  @Test
  void aSpheresHalfCutIsAnArc() {
    List<ProfilePoint> arc = new Sphere(300, 120).halfSection();
    assertThat(arc.get(arc.size() - 1).rMm()).isCloseTo(60, within(1e-9));
    assertThat(arc)
        .allSatisfy(
            p -> assertThat(Math.hypot(p.rMm(), p.zMm() - 150)).isCloseTo(150, within(1e-9)));
    assertThat(arc).anyMatch(p -> p.rMm() > 149);
  }

  /**
   * Drawn on a flat, 100 below its middle where it is 200 across flats; on a corner, 100 / cos (180
   * / n) below it, where the number of its sides is odd.
   */
  @Test
  void aPrismIsDrawnUpright() {
    for (int sides : new int[] {3, 4, 5, 6, 7, 8, 12}) {
      var box = new PolygonPrism(sides, 200, 10).crossSectionAt(5).polygon();
      double low = sides % 2 == 0 ? 100 : 100 / Math.cos(Math.PI / sides);
      assertThat(box.getEnvelopeInternal().getMinY()).as("%s", sides).isCloseTo(-low, within(1e-9));
      assertThat(box.getNumPoints()).isEqualTo(sides + 1);
      // Upright about its axis: as far to the left as to the right.
      assertThat(box.getEnvelopeInternal().getMinX())
          .as("%s", sides)
          .isCloseTo(-box.getEnvelopeInternal().getMaxX(), within(1e-9));
    }
  }

  /** Whoever draws a pot too wide is told which of its measures: above its middle the top one. */
  @Test
  void aLevelThatIsTooWideNamesItsMeasure() {
    Cone cone = new Cone(130, 100, 90);
    assertThat(cone.widthFieldAt(46)).isEqualTo("topDiameterMm");
    assertThat(cone.widthFieldAt(45)).isEqualTo("baseDiameterMm");
    Pyramid pyramid = new Pyramid(160, 80, 100, 60, 40);
    assertThat(pyramid.widthFieldAt(21)).isEqualTo("topWidthMm");
    assertThat(pyramid.widthFieldAt(20)).isEqualTo("baseWidthMm");
    assertThat(new PolygonPrism(6, 180, 32).widthFieldAt(5)).isEqualTo("acrossFlatsMm");
    assertThat(new Box(120, 80, 50).widthFieldAt(5)).isEqualTo("widthMm");
    assertThat(new Cylinder(90, 60).widthFieldAt(5)).isEqualTo("diameterMm");
  }

  /** A ring's cut has its bore; a profile that touches the axis has none. */
  @Test
  void aRingHasItsBore() {
    Revolved ring =
        new Revolved(
            List.of(
                new Revolved.Turn(20, 5),
                new Revolved.Turn(50, 5),
                new Revolved.Turn(50, 45),
                new Revolved.Turn(20, 45)));
    assertThat(ring.heightMm()).isEqualTo(40);
    assertThat(ring.litres()).isCloseTo(Math.PI * (2_500 - 400) * 40 / 1e6, within(1e-9));
    assertThat(ring.crossSectionAt(10).areaMm2()).isCloseTo(Math.PI * (2_500 - 400), within(1e-6));
    assertThat(ring.bendsMm()).containsExactly(0.0, 40.0);
    assertThat(STEPPED.crossSectionAt(10).areaMm2()).isCloseTo(Math.PI * 2_500, within(1e-6));
    assertThat(STEPPED.bendsMm()).containsExactly(0.0, 40.0, 60.0);
  }
}
