package ironshelf.core.mould.solid;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import ironshelf.core.mould.planar.PlanPoint;
import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.RefusedException;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class SolidRefusalTest {

  @Test
  void anOutlineMustEncloseSomethingOnce() {
    assertThat(code(() -> outline(0, 0, 100, 0))).isEqualTo(FindingCode.OUTLINE_EMPTY);
    assertThat(code(() -> outline(0, 0, 100, 0, 200, 0))).isEqualTo(FindingCode.OUTLINE_EMPTY);
    assertThat(code(() -> outline(0, 0, 100, 100, 100, 0, 0, 90)))
        .isEqualTo(FindingCode.OUTLINE_CROSSES);
    assertThat(code(() -> outline(0, 0, Double.NaN, 0, 5, 5))).isEqualTo(FindingCode.VALUE_MISSING);
  }

  @Test
  void aProfileMustNotFold() {
    assertThat(code(() -> profile(0, 0, 50, 0, 50, 40, 30, 40, 30, 20, 20, 20, 20, 40, 0, 40)))
        .isEqualTo(FindingCode.PROFILE_FOLDS);
    assertThat(code(() -> profile(-1, 0, 50, 0, 50, 40))).isEqualTo(FindingCode.NUMBER_TOO_SMALL);
    assertThat(code(() -> profile(0, 0, 50, 0))).isEqualTo(FindingCode.OUTLINE_EMPTY);
  }

  @Test
  void everySizeMustBeThere() {
    assertThat(
            refusal(() -> new Pyramid(Double.NaN, 0, -1, 20_000, Double.POSITIVE_INFINITY))
                .findings())
        .hasSize(5);
    assertThat(refusal(() -> new PolygonPrism(2, 10, Double.NaN)).findings()).hasSize(2);
    assertThat(code(() -> new Measured(Double.NaN, null))).isEqualTo(FindingCode.VALUE_MISSING);
    assertThat(code(() -> Measured.of(Measured.How.DRY_MIX_FILL, 2, Double.NaN)))
        .isEqualTo(FindingCode.VALUE_MISSING);
    assertThat(code(() -> new Sheet(101, 5))).isEqualTo(FindingCode.NUMBER_TOO_LARGE);
  }

  private static Outline outline(double... xy) {
    return new Outline(
        Stream.iterate(0, i -> i + 2)
            .limit(xy.length / 2)
            .map(i -> PlanPoint.of(xy[i], xy[i + 1]))
            .toList(),
        10);
  }

  private static Revolved profile(double... rz) {
    return new Revolved(
        Stream.iterate(0, i -> i + 2)
            .limit(rz.length / 2)
            .map(i -> new Revolved.Turn(rz[i], rz[i + 1]))
            .toList());
  }

  private static FindingCode code(org.assertj.core.api.ThrowableAssert.ThrowingCallable call) {
    return refusal(call).findings().get(0).code();
  }

  private static RefusedException refusal(
      org.assertj.core.api.ThrowableAssert.ThrowingCallable call) {
    RefusedException refused = catchThrowableOfType(RefusedException.class, call);
    assertThat(refused).isNotNull();
    assertThat(List.copyOf(refused.findings())).isNotEmpty();
    return refused;
  }
}
