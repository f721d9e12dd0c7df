package ironshelf.core.mould.starting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;
import static org.assertj.core.api.Assertions.within;

import ironshelf.core.mould.MouldResult;
import ironshelf.core.mould.MouldSum;
import ironshelf.core.mould.wear.MouldKinds;
import ironshelf.core.quantity.Finding;
import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.RefusedException;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class StartingShapesTest {

  private static final double DRY_KG_PER_L = 1.8;

  static List<StartingShape> shipped() {
    return StartingShapes.shipped();
  }

  /** Each makes a mould as it stands, of a kind that is known, without a warning. */
  @ParameterizedTest
  @MethodSource("shipped")
  void eachStandsAsItIs(StartingShape shape) {
    var kind = MouldKinds.shipped().find(shape.kind()).orElseThrow();
    assertThat(shape.typical()).isNotEmpty();
    for (StartingShape.Part part : shape.typical()) {
      MouldResult sum = MouldSum.of(part.shape(), 2200, 0, 0, kind.wallKind());
      assertThat(sum.capacityL()).isBetween(0.05, 40.0);
      assertThat(sum.warnings())
          .filteredOn(w -> w.code() != FindingCode.MOULD_HEAVY)
          .as(shape.code())
          .isEmpty();
    }
  }

  /** Two of everything would be a copy-and-paste slip. */
  @Test
  void codesAndMeasuresAreUnique() {
    assertThat(shipped()).extracting(StartingShape::code).doesNotHaveDuplicates();
    assertThat(shipped())
        .allSatisfy(
            s -> {
              assertThat(s.measures()).extracting(Measure::name).doesNotHaveDuplicates();
              assertThat(s.measures()).extracting(Measure::place).doesNotHaveDuplicates();
            });
  }

  /** The tapered pot of 160/120 x 150 with a core of 130/96 lifted 15 holds 0.9607 L. */
  @Test
  void thePotIsTheOneOfTheSum() {
    assertThat(litres("pot", Map.of("innerTopMm", 130.0, "innerBaseMm", 96.0)))
        .isCloseTo(0.9607, within(5e-5));
  }

  /** By geometry: a disc of 450 x 60 with a bore of 51 holds 9.420 L. */
  @Test
  void thePlateIsADiscWithABore() {
    assertThat(litres("plate", Map.of())).isCloseTo(9.420, within(5e-4));
  }

  /** By hand: 300 x 200 x 150 less 220 x 120 x 110 mm3 is 6.096 L. */
  @Test
  void theBoxIsABoxLessABox() {
    assertThat(litres("box", Map.of())).isCloseTo(6.096, within(1e-9));
  }

  /** Water at 20 degrees is 0.998 kg/L; dry mix of 1.8 kg a litre fills 1.4 / 1.8 L. */
  @Test
  void kitsAreMeasured() {
    assertThat(litres("kit", Map.of("waterKg", 2.0))).isCloseTo(2.004, within(1e-3));
    assertThat(litres("kit-dry", Map.of("dryKg", 1.4))).isCloseTo(0.7778, within(1e-4));
  }

  @Test
  void aRefusalStandsAtTheMeasureThatItFollowsFrom() {
    assertThat(refused("pot", Map.of("innerTopMm", 170.0)))
        .extracting(Finding::field)
        .containsExactly("innerTopMm");
    assertThat(refused("pot", Map.of("baseMm", 150.0)))
        .extracting(Finding::field)
        .containsExactly("baseMm");
    assertThat(refused("sphere", Map.of("openingMm", 400.0)))
        .extracting(Finding::field)
        .containsExactly("openingMm");
    assertThat(refused("tray", Map.of("lengthMm", -1.0, "widthMm", Double.NaN, "depthMm", 3.0)))
        .extracting(Finding::field)
        .containsExactlyInAnyOrder("lengthMm", "widthMm", "depthMm");
  }

  private static double litres(String code, Map<String, Double> given) {
    return StartingShapes.find(code)
        .orElseThrow()
        .parts(given, DRY_KG_PER_L)
        .get(0)
        .shape()
        .capacityL();
  }

  private static List<Finding> refused(String code, Map<String, Double> given) {
    RefusedException refused =
        catchThrowableOfType(RefusedException.class, () -> litres(code, given));
    assertThat(refused).isNotNull();
    return refused.findings();
  }
}
