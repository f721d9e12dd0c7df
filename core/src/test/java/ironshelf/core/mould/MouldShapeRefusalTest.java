package ironshelf.core.mould;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;
import static org.assertj.core.api.Assertions.within;

import ironshelf.core.mould.planar.CrossSection;
import ironshelf.core.mould.planar.Planes;
import ironshelf.core.mould.solid.Box;
import ironshelf.core.mould.solid.Cone;
import ironshelf.core.mould.solid.Cylinder;
import ironshelf.core.mould.solid.Drawn;
import ironshelf.core.mould.solid.Measured;
import ironshelf.core.mould.solid.Sphere;
import ironshelf.core.quantity.Finding;
import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.RefusedException;
import java.util.List;
import org.assertj.core.api.ThrowableAssert.ThrowingCallable;
import org.junit.jupiter.api.Test;

class MouldShapeRefusalTest {

  private static final Drawn POT = new Cone(160, 120, 150);

  @Test
  void aSolidNamesEveryBadSize() {
    assertThat(refusal(() -> new Cone(Double.NaN, -3, Double.POSITIVE_INFINITY)))
        .extracting(Finding::field)
        .containsExactly("topDiameterMm", "baseDiameterMm", "heightMm");
    assertThat(refusal(() -> new Sphere(100, 100)))
        .extracting(Finding::code)
        .containsExactly(FindingCode.FLAT_TOO_WIDE);
    assertThat(refusal(() -> new Box(10, 10, 10_001)))
        .extracting(Finding::code)
        .containsExactly(FindingCode.NUMBER_TOO_LARGE);
  }

  @Test
  void aCoreWiderThanTheCavityIsNamedWithBothWidths() {
    Finding finding = refusal(() -> MouldShape.of(POT, new Cone(170, 96, 135), 15)).get(0);
    assertThat(finding.code()).isEqualTo(FindingCode.CORE_TOO_WIDE);
    assertThat(finding.field()).isEqualTo("core.topDiameterMm");
    assertThat(finding.params()).containsEntry("value", 170.0).containsEntry("cavity", 160.0);
  }

  @Test
  void aCoreMustStandInTheCavityWithoutTouching() {
    Drawn core = new Cone(130, 96, 135);
    assertThat(refusal(() -> MouldShape.of(POT, core, 150)))
        .extracting(Finding::code)
        .containsExactly(FindingCode.CORE_ABOVE_RIM);
    assertThat(refusal(() -> new MouldShape(POT, core, 15, 14, List.of(), 1, List.of(), List.of())))
        .extracting(Finding::code)
        .containsExactly(FindingCode.CORE_TOUCHES);
    assertThat(refusal(() -> new MouldShape(POT, core, 15, -1, List.of(), 0, List.of(), List.of())))
        .extracting(Finding::field)
        .containsExactly("coreOffsetMm", "cavities");
  }

  @Test
  void insertsMustLeaveRoom() {
    assertThat(
            refusal(
                () ->
                    new MouldShape(
                        new Cylinder(100, 100),
                        null,
                        0,
                        0,
                        List.of(new Box(100, 100, 100)),
                        1,
                        List.of(),
                        List.of())))
        .extracting(Finding::code)
        .containsExactly(FindingCode.CAVITY_FULL);
  }

  @Test
  void squareInRoundAndRoundInSquareMeetAtTheirNearest() {
    CrossSection round = CrossSection.circle(50);
    CrossSection square = new CrossSection.Planar(Planes.rectangle(60, 60));
    assertThat(round.gapTo(square)).isEqualTo(50 - Math.hypot(30, 30));
    assertThat(square.gapTo(CrossSection.circle(20))).isEqualTo(10);
    assertThat(square.gapTo(new CrossSection.Planar(Planes.rectangle(50, 20)))).isEqualTo(5);
  }

  @Test
  void coresMustNotTouchEachOther() {
    Drawn box = new Box(300, 100, 50);
    PlacedCore left = new PlacedCore(new Cylinder(60, 40), 10, -80, 0);
    PlacedCore near = new PlacedCore(new Cylinder(60, 40), 10, -30, 0);
    PlacedCore far = new PlacedCore(new Cylinder(60, 40), 10, 80, 0);
    assertThat(shape(box, left, far).allCores()).hasSize(2);
    assertThat(refusal(() -> shape(box, left, near)))
        .extracting(Finding::code)
        .containsExactly(FindingCode.CORES_TOUCH);
    assertThat(refusal(() -> shape(box, new PlacedCore(new Cylinder(60, 40), 10, 125, 0))))
        .extracting(Finding::field)
        .containsExactly("moreCores.0.solid.diameterMm");
  }

  /** A full-length inlay parts a tray in two; it may not reach through the tray's side. */
  @Test
  void anInlayMayRunFromWallToWall() {
    Drawn tray = new Box(300, 100, 20);
    MouldShape parted = shape(tray, new PlacedCore(new Box(300, 20, 10), 0, 0, 20));
    // By hand: 300 x 100 x 20 less 300 x 20 x 10 mm3.
    assertThat(parted.capacityL()).isCloseTo(0.54, within(1e-9));
    assertThat(MouldSum.of(parted, 2200, 0, 8, null).walls()).isNull();
    assertThat(refusal(() -> shape(tray, new PlacedCore(new Box(302, 20, 10), 0, 0, 20))))
        .extracting(Finding::code)
        .containsExactly(FindingCode.CORE_TOO_WIDE);
  }

  @Test
  void whatWasMeasuredHasItsCoresInIt() {
    Measured cavity = new Measured(2, null);
    MouldShape drawn = MouldShape.of(cavity, new Cylinder(100, 100), 5);
    assertThat(drawn.capacityL()).isEqualTo(2);
    assertThat(drawn.vesselL()).isCloseTo(Math.PI / 4, within(1e-9));
    MouldShape measured =
        new MouldShape(cavity, null, 0, 0, List.of(), 1, List.of(), List.of(), 1.5);
    assertThat(measured.vesselL()).isEqualTo(1.5);
    // By hand: 1.5 L at 2.2 kg/L less a pot of 0.3 kg.
    assertThat(MouldSum.of(measured, 2200, 0.3, 0, null).holdDownKg()).isCloseTo(3, within(1e-9));
    assertThat(
            refusal(
                () ->
                    new MouldShape(
                        cavity,
                        new Cylinder(9, 9),
                        0,
                        0,
                        List.of(),
                        1,
                        List.of(new PlacedCore(new Cylinder(9, 9), 0, 0, 0)),
                        List.of(),
                        1.5)))
        .extracting(Finding::code)
        .containsExactly(FindingCode.CORE_IN_MEASURED, FindingCode.CORE_MEASURED_TWICE);
  }

  @Test
  void partsMustBeTheWhole() {
    List<PourPart> parts = List.of(new PourPart("face", 40), new PourPart("back", 50));
    assertThat(refusal(() -> new MouldShape(POT, null, 0, 0, List.of(), 1, List.of(), parts)))
        .extracting(Finding::code)
        .containsExactly(FindingCode.PARTS_SUM);
  }

  private static MouldShape shape(Drawn cavity, PlacedCore... cores) {
    return new MouldShape(cavity, null, 0, 0, List.of(), 1, List.of(cores), List.of());
  }

  private static List<Finding> refusal(ThrowingCallable call) {
    RefusedException refused = catchThrowableOfType(RefusedException.class, call);
    assertThat(refused).isNotNull();
    return refused.findings();
  }
}
