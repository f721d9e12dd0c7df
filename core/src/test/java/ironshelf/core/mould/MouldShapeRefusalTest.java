package ironshelf.core.mould;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

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

  @Test
  void whatWasMeasuredTakesNoCore() {
    assertThat(refusal(() -> MouldShape.of(new Measured(2, null), new Cylinder(10, 10), 5)))
        .extracting(Finding::code)
        .containsExactly(FindingCode.CORE_IN_MEASURED);
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
