package ironshelf.core.cure.binder;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Check values: docs/method/temperatures.md; EN 1992-1-1, 3.1.2(6); ACI 209R-92, 2.2.1. */
@Tag("accuracy")
class StrengthCurveTest {

  private static final double DAY = 24;

  @Test
  void publishedValues() {
    assertThat(new StrengthCurve.En1992(0.25).shareAt(7 * DAY)).isCloseTo(0.779, within(5e-4));
    assertThat(new StrengthCurve.Aci209(4.0, 0.85).shareAt(7 * DAY)).isCloseTo(0.704, within(5e-4));
    assertThat(new StrengthCurve.Aci209(4.0, 0.85).shareAt(28 * DAY))
        .isCloseTo(1.007, within(5e-4));
    assertThat(new StrengthCurve.En1992(0.2).shareAt(28 * DAY)).isCloseTo(1, within(1e-12));
  }

  @Test
  void everyShippedCurveRisesFromNothing() {
    for (BinderClass binderClass : BinderClasses.shipped().all()) {
      double before = binderClass.curve().shareAt(0);
      assertThat(before).isZero();
      for (double h = 0.5; h < 2000; h *= 1.1) {
        double here = binderClass.curve().shareAt(h);
        assertThat(here).as(binderClass.code() + " at " + h).isGreaterThanOrEqualTo(before);
        before = here;
      }
    }
  }

  @Test
  void ownPointsAreMetExactly() {
    StrengthCurve curve = BinderClasses.shipped().find("rapid-neat").orElseThrow().curve();
    assertThat(curve.shareAt(3)).isEqualTo(0.45);
    assertThat(curve.shareAt(24)).isCloseTo(0.65, within(1e-12));
    assertThat(curve.shareAt(168)).isCloseTo(0.85, within(1e-12));
    assertThat(curve.shareAt(9_999)).isEqualTo(1);
    assertThat(curve.shareAt(1.5)).isCloseTo(0.225, within(1e-12));
  }

  @Test
  void pointsMustRise() {
    assertThatThrownBy(
            () ->
                new StrengthCurve.Points(
                    List.of(new StrengthCurve.Point(24, 0.5), new StrengthCurve.Point(3, 0.6))))
        .hasMessageContaining("points.1");
  }
}
