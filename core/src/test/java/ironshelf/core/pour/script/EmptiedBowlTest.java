package ironshelf.core.pour.script;

import static ironshelf.core.pour.script.TestPours.fact;
import static ironshelf.core.pour.script.TestPours.facts;
import static ironshelf.core.pour.script.TestPours.full;
import static ironshelf.core.pour.script.TestPours.simple;
import static ironshelf.core.pour.script.TestPours.step;
import static ironshelf.core.pour.script.TestPours.weighed;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import ironshelf.core.pour.script.PourState.Fill;
import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.RefusedException;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** A bowl that is empty before all is full, worked by hand. */
class EmptiedBowlTest {

  /** By hand: 3 L mixed for three of 1 L; two are full, and the bowl is empty all the same. */
  @Test
  void aBowlThatIsEmptyIsEmptyWhateverTheSumSays() {
    PourScript script =
        PourScript.of(
            simple(3, 1, 3),
            facts(
                weighed("w", 1.5),
                weighed("c", 4.5),
                new What.Wetted("m1"),
                full("R1", 2.0),
                full("R2", 2.0),
                new What.Emptied("b1")));
    PourState state = script.state();
    assertThat(state.bowl().leftKg()).isZero();
    assertThat(state.bowl().unaccountedKg()).isCloseTo(2, within(1e-9));
    assertThat(state.advice())
        .extracting(a -> a.finding().code())
        .containsExactly(FindingCode.POUR_SHORT, FindingCode.POUR_UNACCOUNTED);
    assertThatThrownBy(() -> script.plus(List.of(fact(9, "no", full("R3", null)))))
        .isInstanceOf(RefusedException.class);

    // What was spilt is accounted for; what is mixed more comes next and fills R3.
    Map<String, Object> lost = state.advice().get(1).remedies().get(0).values();
    PourScript more =
        script.plus(
            List.of(
                fact(9, "t", new What.Thrown("b1", (Double) lost.get("kg"), "spilt")),
                fact(10, "m", new What.MixedMore("b2", "b1", 1.1))));
    assertThat(more.state().bowl().unaccountedKg()).isCloseTo(0, within(1e-9));
    assertThat(more.state().bowl().thrownKg()).isCloseTo(2, within(1e-9));
    assertThat(step(more, "fill/b1/R3").status()).isEqualTo(PourState.StepStatus.SKIPPED);
    assertThat(step(more, "fill/b2/R3").status()).isEqualTo(PourState.StepStatus.LATER);
  }

  /** A copy that holds a part may stay as it is; then nothing is short any more. */
  @Test
  void aPartMayStayAsItIs() {
    PourScript script =
        PourScript.of(
            simple(1, 1, 1),
            facts(
                weighed("w", 0.25),
                weighed("c", 0.75),
                new What.Wetted("m1"),
                new What.Filled("R1", "b1", false, 0.5, Source.SCALE, null),
                new What.Emptied("b1"),
                new What.LeftOut("R1", "the mix ran short")));
    PourState.CopyState copy = script.state().copies().get(0);
    assertThat(copy.fill()).isEqualTo(Fill.PART);
    assertThat(copy.leftOut()).isEqualTo("the mix ran short");
    assertThat(script.state().advice())
        .extracting(a -> a.finding().code())
        .doesNotContain(FindingCode.POUR_SHORT);
    assertThat(step(script, "fill/b1/R1").status()).isEqualTo(PourState.StepStatus.SKIPPED);
  }
}
