package ironshelf.core.mould.solid;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import ironshelf.core.mould.planar.PlanPoint;
import ironshelf.core.mould.solid.MeshSolid.Layer;
import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.RefusedException;
import java.util.List;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/**
 * A tapered box, 40 square at its floor and 100 square at its rim 90 higher, as three levels of a
 * mesh: s(z) = 40 + 2 z / 3, and what is below a level (s3 - 40^3) / 2.
 */
@Tag("accuracy")
class MeshSolidTest {

  private static List<PlanPoint> square(double side, double xMm) {
    double h = side / 2;
    return List.of(
        PlanPoint.of(xMm - h, -h),
        PlanPoint.of(xMm + h, -h),
        PlanPoint.of(xMm + h, h),
        PlanPoint.of(xMm - h, h));
  }

  private static double side(double z) {
    return 40 + 2 * z / 3;
  }

  private static double below(double z) {
    return (Math.pow(side(z), 3) - 64_000) / 2;
  }

  private static Layer layer(double z) {
    double slant = Math.hypot(z, (side(z) - 40) / 2);
    return new Layer(
        z, below(z) / 1e6, 2 * (40 + side(z)) * slant / 1e6, List.of(square(side(z), 0)));
  }

  private static final MeshSolid TAPERED =
      new MeshSolid(List.of(layer(0), layer(30), layer(90)), Math.toDegrees(Math.atan(1 / 3.0)));

  /** The volume follows the areas between the levels: exact where sides run straight. */
  @Test
  void betweenItsLevelsItHoldsWhatTheTaperedBoxHolds() {
    Pyramid box = new Pyramid(100, 100, 40, 40, 90);
    for (double z = 0; z <= 90; z += 2.5) {
      assertThat(TAPERED.volumeBelowMm3(z)).as("%s", z).isCloseTo(below(z), within(1e-6));
      assertThat(TAPERED.volumeBelowMm3(z))
          .as("%s", z)
          .isCloseTo(box.volumeBelowMm3(z), within(1e-6));
    }
    assertThat(TAPERED.heightMm()).isEqualTo(90);
    assertThat(TAPERED.litres()).isCloseTo(below(90) / 1e6, within(1e-12));
    assertThat(TAPERED.volumeBelowMm3(-5)).isZero();
    assertThat(TAPERED.volumeBelowMm3(95)).isCloseTo(below(90), within(1e-6));
  }

  @Test
  void aCutIsThatOfTheNearerLevel() {
    assertThat(area(0)).isCloseTo(1_600, within(1e-9));
    assertThat(area(14)).isCloseTo(1_600, within(1e-9));
    assertThat(area(16)).isCloseTo(3_600, within(1e-9));
    assertThat(area(59)).isCloseTo(3_600, within(1e-9));
    assertThat(area(61)).isCloseTo(10_000, within(1e-9));
    assertThat(area(90)).isCloseTo(10_000, within(1e-9));
    // There it steps: that is where it is looked at.
    assertThat(TAPERED.bendsMm()).containsExactly(0.0, 15.0, 60.0, 90.0);
  }

  private static double area(double z) {
    return TAPERED.crossSectionAt(z).areaMm2();
  }

  /** At its levels the side is the mesh's own; between them it grows evenly. */
  @Test
  void theSideGrowsEvenlyBetweenLevels() {
    double at30 = 2 * (40 + 60) * Math.hypot(30, 10);
    double at90 = 2 * (40 + 100) * Math.hypot(90, 30);
    assertThat(TAPERED.sideBelowMm2(30)).isCloseTo(at30, within(1e-6));
    assertThat(TAPERED.sideBelowMm2(90)).isCloseTo(at90, within(1e-6));
    assertThat(TAPERED.sideBelowMm2(10)).isCloseTo(at30 / 3, within(1e-6));
    assertThat(TAPERED.sideBelowMm2(45)).isCloseTo(at30 + (at90 - at30) / 4, within(1e-6));
  }

  /** The half cut is drawn as far as it reaches on the side where it reaches farther. */
  @Test
  void theHalfCutReachesAsFarAsTheMesh() {
    assertThat(TAPERED.halfSection())
        .containsExactly(
            new ProfilePoint(20, 0), new ProfilePoint(30, 30), new ProfilePoint(50, 90));
    MeshSolid left =
        new MeshSolid(
            List.of(
                new Layer(0, 0, 0, List.of(square(40, -7))),
                new Layer(10, 0.016, 0.0016, List.of(square(40, 7))),
                new Layer(20, 0.032, 0.0032, List.of(square(40, 0)))),
            0);
    assertThat(left.halfSection())
        .containsExactly(
            new ProfilePoint(27, 0), new ProfilePoint(27, 10), new ProfilePoint(20, 20));
    assertThat(left.widthFieldAt(5)).isEqualTo("layers");
  }

  @Test
  void anOutlineWithinAnotherIsAHole() {
    MeshSolid ring = new MeshSolid(List.of(ring(0), ring(10), ring(20)), 0);
    assertThat(ring.crossSectionAt(10).areaMm2()).isCloseTo(2_500 - 400, within(1e-9));
    assertThat(ring.crossSectionAt(10).perimeterMm()).isCloseTo(280, within(1e-9));
  }

  private static Layer ring(double z) {
    return new Layer(z, 2_100 * z / 1e6, 200 * z / 1e6, List.of(square(50, 0), square(20, 0)));
  }

  @Test
  void whatIsNoMeshIsRefused() {
    refused(FindingCode.LIST_EMPTY, "layers", List.of(layer(0), layer(30)));
    refused(FindingCode.POINTS_NOT_RISING, "layers.2", List.of(layer(0), layer(30), layer(30)));
    refused(FindingCode.POINTS_NOT_RISING, "layers.1", List.of(layer(30), layer(0), layer(90)));
    Layer less = new Layer(90, 0.01, 0.1, List.of(square(100, 0)));
    refused(FindingCode.POINTS_NOT_RISING, "layers.2", List.of(layer(0), layer(30), less));
    assertThatThrownBy(() -> new MeshSolid(List.of(layer(0), layer(30), layer(90)), 91))
        .isInstanceOf(RefusedException.class);
    assertThatThrownBy(() -> new MeshSolid(List.of(), 0)).isInstanceOf(RefusedException.class);
    // A level of which nothing is added is one all the same: a lid.
    Layer lid = new Layer(120, below(90) / 1e6, 0.1, List.of(square(100, 0)));
    assertThat(new MeshSolid(List.of(layer(0), layer(90), lid), 0).heightMm()).isEqualTo(120);
  }

  @Test
  void whatIsNoLevelIsRefused() {
    List<PlanPoint> line = List.of(PlanPoint.of(0, 0), PlanPoint.of(1, 0));
    assertThatThrownBy(() -> new Layer(0, 0, 0, List.of(square(10, 0), line)))
        .isInstanceOfSatisfying(
            RefusedException.class,
            e -> assertThat(e.findings().get(0).field()).isEqualTo("rings.1"));
    assertThatThrownBy(() -> new Layer(-1, 0, 0, List.of(square(10, 0))))
        .isInstanceOf(RefusedException.class);
    assertThatThrownBy(() -> new Layer(0, -1, 0, List.of(square(10, 0))))
        .isInstanceOf(RefusedException.class);
    assertThatThrownBy(() -> new Layer(0, 0, -1, List.of(square(10, 0))))
        .isInstanceOf(RefusedException.class);
    assertThatThrownBy(() -> new Layer(0, 0, 0, List.of())).isInstanceOf(RefusedException.class);
  }

  private static void refused(FindingCode code, String field, List<Layer> layers) {
    assertThatThrownBy(() -> new MeshSolid(layers, 0))
        .isInstanceOfSatisfying(
            RefusedException.class,
            e -> {
              assertThat(e.findings().get(0).code()).isEqualTo(code);
              assertThat(e.findings().get(0).field()).isEqualTo(field);
            });
  }
}
