package ironshelf.core.pour.script;

import static ironshelf.core.pour.script.TestPours.fact;
import static ironshelf.core.pour.script.TestPours.facts;
import static ironshelf.core.pour.script.TestPours.full;
import static ironshelf.core.pour.script.TestPours.simple;
import static ironshelf.core.pour.script.TestPours.weighed;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.RefusedException;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What cannot have happened. */
class PourRefusalsTest {

  @Test
  void whatCannotBeIsRefusedAllAtOnce() {
    PourSheet sheet = simple(2, 1, 2);
    assertThat(codes(sheet, facts(full("R1", null)))).containsExactly(FindingCode.POUR_NOT_WET);
    assertThat(codes(sheet, facts(new What.Wetted("m1"))))
        .containsExactly(FindingCode.POUR_BOWL_EMPTY);
    assertThat(codes(sheet, facts(new What.Recorded()))).containsExactly(FindingCode.POUR_UNFILLED);
    assertThat(codes(sheet, facts(weighed("nope", 1), new What.Checked("nope"))))
        .containsExactly(FindingCode.POUR_NAME_UNKNOWN, FindingCode.POUR_NAME_UNKNOWN);
    List<PourFact> ready = facts(weighed("w", 1), weighed("c", 3), new What.Wetted("m1"));
    assertThat(codes(sheet, with(ready, full("R1", 9.0))))
        .containsExactly(FindingCode.POUR_MORE_THAN_BOWL);
    assertThat(codes(sheet, with(ready, full("R1", 2.0), full("R1", 2.0))))
        .containsExactly(FindingCode.POUR_COPY_FULL);
    assertThat(codes(sheet, with(ready, new What.LeftOut("R1", "leaks"), full("R1", null))))
        .containsExactly(FindingCode.POUR_COPY_LEFT_OUT);
    assertThat(codes(sheet, with(ready, full("R1", 2.0), new What.LeftOut("R1", "leaks"))))
        .containsExactly(FindingCode.POUR_COPY_HOLDS);
    assertThat(codes(sheet, with(ready, new What.Abandoned("no power"), new What.Wetted("m1"))))
        .containsExactly(FindingCode.POUR_CLOSED);
    assertThat(codes(sheet, with(ready, new What.MixedMore("b1", "b1", 1))))
        .containsExactly(FindingCode.POUR_NAME_TAKEN);
    assertThat(codes(sheet, List.of(fact(0, "k", weighed("w", 1)), fact(0, "k", weighed("w", 2)))))
        .containsExactly(FindingCode.POUR_KEY_REUSED);
    // The wetting stands on what was weighed.
    assertThat(
            codes(
                sheet,
                List.of(
                    fact(0, "k", weighed("w", 1)),
                    fact(1, "wet", new What.Wetted("m1")),
                    fact(2, "back", new What.TakenBack("k")))))
        .containsExactly(FindingCode.POUR_BOWL_EMPTY);
  }

  private static List<PourFact> with(List<PourFact> facts, What... more) {
    List<PourFact> all = new ArrayList<>(facts);
    for (What what : more) {
      all.add(fact(all.size(), "x" + all.size(), what));
    }
    return all;
  }

  private static List<FindingCode> codes(PourSheet sheet, List<PourFact> facts) {
    RefusedException refused =
        catchThrowableOfType(RefusedException.class, () -> PourScript.of(sheet, facts));
    return refused.findings().stream().map(f -> f.code()).toList();
  }
}
