package ironshelf.core.pour.script;

import static ironshelf.core.pour.script.TestPours.fact;
import static ironshelf.core.pour.script.TestPours.facts;
import static ironshelf.core.pour.script.TestPours.now;
import static ironshelf.core.pour.script.TestPours.step;
import static ironshelf.core.pour.script.TestPours.weighed;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;
import static org.assertj.core.api.Assertions.within;

import ironshelf.core.material.Role;
import ironshelf.core.pour.script.PourSheet.PlannedBatch;
import ironshelf.core.pour.script.PourSheet.PlannedCopy;
import ironshelf.core.pour.script.PourSheet.PlannedLayer;
import ironshelf.core.pour.script.PourSheet.PlannedLine;
import ironshelf.core.pour.script.PourSheet.PlannedMix;
import ironshelf.core.pour.script.PourSheet.PlannedPortion;
import ironshelf.core.pour.script.PourState.Fill;
import ironshelf.core.pour.script.PourState.Step;
import ironshelf.core.pour.script.PourState.StepStatus;
import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.RefusedException;
import ironshelf.core.recipe.Placement;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/**
 * Four copies of a litre, three quarters of it light and one dark, worked by hand: of each litre
 * 0.5 kg of water and 1.5 kg of cement (2 kg/L); the dark mix takes 0.1 kg of pigment, of 0.2 L,
 * last.
 */
@Tag("accuracy")
class TwoColoursTest {

  private static final double CEMENT_L_KG = 1 / 3.0;

  private static PourSheet sheet() {
    PlannedMix light =
        new PlannedMix(
            "light",
            List.of(
                new PlannedLine("lw", "water", Role.WATER, 1, 0.01, 1, false, null),
                new PlannedLine("lc", "cement", Role.BINDER, 4.5, 0.09, CEMENT_L_KG, false, null),
                new PlannedLine("lw2", "water", Role.WATER, 0.5, 0.005, 1, true, 0.6)));
    PlannedMix dark =
        new PlannedMix(
            "dark",
            List.of(
                new PlannedLine("dw", "water", Role.WATER, 0.5, 0.005, 1, false, null),
                new PlannedLine("dc", "cement", Role.BINDER, 1.5, 0.03, CEMENT_L_KG, false, null),
                new PlannedLine("dp", "oxide", Role.PIGMENT, 0.1, 0.001, 0.2, true, null)));
    List<PlannedCopy> copies = new ArrayList<>();
    List<PlannedPortion> portions = new ArrayList<>();
    for (String key : List.of("R1", "R2", "R3", "R4")) {
      copies.add(new PlannedCopy(key, 1, 1));
      portions.add(new PlannedPortion(key, 1));
    }
    return new PourSheet(
        Placement.POURED,
        List.of("moulds"),
        12,
        8,
        List.of(new PlannedLayer("light", 0.75), new PlannedLayer("dark", 0.25)),
        copies,
        List.of(new PlannedBatch("b1", List.of(light, dark), portions)));
  }

  private static PourScript mixed() {
    return PourScript.of(
        sheet(),
        facts(
            new What.Checked("moulds"),
            weighed("lw", 1),
            weighed("lc", 4.5),
            new What.Wetted("light"),
            weighed("lw2", 0.5),
            weighed("dw", 0.5),
            weighed("dc", 1.5),
            new What.Wetted("dark"),
            weighed("dp", 0.1)));
  }

  private static PourScript then(PourScript script, What... whats) {
    List<PourFact> facts = new ArrayList<>();
    for (What what : whats) {
      int minute = script.facts().size() + facts.size();
      facts.add(fact(minute, "t" + minute, what));
    }
    return script.plus(facts);
  }

  private static What part(String copy, Double kg) {
    return new What.Filled(copy, "b1", false, kg, kg == null ? null : Source.SCALE, null);
  }

  private static What full(String copy, double kg) {
    return new What.Filled(copy, "b1", true, kg, Source.SCALE, null);
  }

  @Test
  void theStepsFillTheBowlsOneAfterTheOther() {
    PourScript script = PourScript.of(sheet(), List.of());
    List<Step> steps = script.state().steps();
    assertThat(steps)
        .extracting(Step::key)
        .containsExactly(
            "check/moulds",
            "lw",
            "lc",
            "wet/light",
            "lw2",
            "dw",
            "dc",
            "wet/dark",
            "dp",
            "fill/b1/R1",
            "fill/b1/R2",
            "fill/b1/R3",
            "fill/b1/R4",
            "finish/b1",
            "left",
            "record");
    // Of 8.1 kg in all.
    assertThat(step(script, "lw").bowl()).isCloseTo(1 / 8.1, within(1e-12));
    assertThat(step(script, "lw2").bowl()).isCloseTo(6 / 8.1, within(1e-12));
    assertThat(step(script, "dp").bowl()).isCloseTo(1, within(1e-12));
    assertThat(step(script, "lw").weigh().bitByBit()).isFalse();
    assertThat(step(script, "lw2").weigh().bitByBit()).isTrue();
    assertThat(step(script, "lw2").weigh().mostKg()).isEqualTo(0.6);
    assertThat(step(script, "dp").weigh().bitByBit()).isFalse();
    // Before anything is in, a copy is asked for as the sheet says: 0.75 L of 2 kg/L, and 0.25 L
    // of dark mix, which weighs 2.1 kg and fills 1.02 L.
    assertThat(step(script, "fill/b1/R1").fill().kgByMix())
        .hasEntrySatisfying("light", kg -> assertThat(kg).isCloseTo(1.5, within(1e-12)))
        .hasEntrySatisfying(
            "dark", kg -> assertThat(kg).isCloseTo(0.25 * 2.1 / 1.02, within(1e-12)));
    assertThat(step(script, "fill/b1/R1").fill().kg())
        .isCloseTo(1.5 + 0.25 * 2.1 / 1.02, within(1e-12));
    assertThat(script.state().clock()).isNull();
    assertThat(script.state().fillingMin()).isNull();
  }

  @Test
  void whatFollowsIsAskedForTimesTheFactor() {
    PourScript script =
        PourScript.of(sheet(), facts(weighed("lw", 1.2), new What.Followed("light", 1.2)));
    assertThat(step(script, "lw2").weigh().askedKg()).isCloseTo(0.6, within(1e-12));
    assertThat(step(script, "lw2").weigh().mostKg()).isCloseTo(0.72, within(1e-12));
    assertThat(step(script, "dc").weigh().askedKg()).isEqualTo(1.5);
    // 9.3 kg in all: the light mix is a fifth more.
    assertThat(step(script, "lw").bowl()).isCloseTo(1.2 / 9.3, within(1e-12));
  }

  /** 2 kg by the scale, where 2.015 were asked: of each mix by what it weighs. */
  @Test
  void aFillingByTheScaleIsSharedByWhatEachMixWeighs() {
    PourScript script = then(mixed(), full("R1", 2.0));
    double light = 1.5;
    double dark = 0.25 * 2.1 / 1.02;
    assertThat(script.state().copies().get(0).mixes())
        .hasEntrySatisfying(
            "light", kg -> assertThat(kg).isCloseTo(2 * light / (light + dark), within(1e-12)))
        .hasEntrySatisfying(
            "dark", kg -> assertThat(kg).isCloseTo(2 * dark / (light + dark), within(1e-12)));
    assertThat(script.state().copies().get(0).measured()).isTrue();
    assertThat(script.state().copies().get(1).measured()).isFalse();
    assertThat(script.state().bowl().outKg()).isCloseTo(2, within(1e-12));
  }

  /** 2 kg for each of two copies, though the dark bowl cannot give the second one its share. */
  @Test
  void aBowlThatIsNearlyEmptyGivesWhatItHas() {
    PourScript script =
        then(
            mixed(),
            new What.SplitOff("rust", "dark", 1.5, "Rust"),
            full("R1", 2.0),
            full("R2", 2.0));
    PourState.CopyState second = script.state().copies().get(1);
    assertThat(second.kg()).isCloseTo(2, within(1e-9));
    // 0.6 kg of dark mix were left for two copies; a scale may be off by 3 % of what went in.
    double first = script.state().copies().get(0).mixes().get("dark");
    double dark = 0.6 - first + 0.03 * 2.1;
    assertThat(second.mixes().get("dark")).isCloseTo(dark, within(1e-9));
    assertThat(second.mixes().get("light")).isCloseTo(2 - dark, within(1e-9));
  }

  /** Half of what a copy still takes, of each mix its share: 0.375 L and 0.125 L. */
  @Test
  void aPartThatNobodyWeighedIsHalfOfEachMix() {
    PourScript script = then(mixed(), part("R1", null), part("R1", null));
    PourState.CopyState copy = script.state().copies().get(0);
    assertThat(copy.fill()).isEqualTo(Fill.PART);
    assertThat(copy.measured()).isFalse();
    // Then half of the other half.
    assertThat(copy.litres()).isCloseTo(0.75, within(1e-9));
    assertThat(copy.mixes().get("light")).isCloseTo(0.75 * 1.5, within(1e-9));
    Step rest = step(script, "fill/b1/R1");
    assertThat(rest.status()).isEqualTo(StepStatus.LATER);
    assertThat(rest.fill().kgByMix().get("light")).isCloseTo(0.25 * 1.5, within(1e-9));
    assertThat(now(script).key()).isEqualTo("fill/b1/R2");
  }

  @Test
  void theClockRunsFromTheFirstMixThatMetWater() {
    PourScript script = mixed();
    PourState.Clock clock = script.state().clock();
    assertThat(clock.batch()).isEqualTo("b1");
    assertThat(clock.wettedAt()).isEqualTo(TestPours.START.plus(Duration.ofMinutes(3)));
    assertThat(clock.workUntil()).isEqualTo(TestPours.START.plus(Duration.ofMinutes(15)));
    assertThat(then(script, new What.Tapped("b1")).state().clock()).isNull();
  }

  /** The fact before each was noted a minute before. */
  @Test
  void fillingIsTimedFromTheActBefore() {
    assertThat(then(mixed(), full("R1", 2.0), full("R2", 2.0)).state().fillingMin()).isEqualTo(2);
  }

  @Test
  void whatNobodyMeasuredIsNamed() {
    PourScript script =
        PourScript.of(
            sheet(),
            facts(
                weighed("lw", 1),
                new What.AsAsked("light"),
                new What.PutIn("dark", "latex", Role.ADMIXTURE, 0.05, 1, Source.ASSUMED),
                weighed("dw", 0.5),
                new What.SplitOff("rust", "light", 1, "Rust")));
    PourState state = script.state();
    assertThat(state.batches().get(0).measured()).isFalse();
    assertThat(state.batches().get(0).mixes().get(0).assumed()).containsExactly("cement", "water");
    assertThat(state.batches().get(0).mixes().get(1).assumed()).containsExactly("latex");
    assertThat(state.batches().get(1).mixes().get(0).assumed()).containsExactly("cement", "water");
    assertThat(state.batches().get(1).measured()).isFalse();
    assertThat(mixed().state().batches().get(0).measured()).isTrue();
    PourScript typed =
        then(mixed(), new What.PutIn("dark", "latex", Role.ADMIXTURE, 0.05, 1, Source.TYPED));
    assertThat(typed.state().batches().get(0).measured()).isTrue();
    assertThat(typed.state().bowl().litres()).isCloseTo(3 + 1.02 + 0.05, within(1e-9));
  }

  /** What was added at the bench is mixed again in the next batch, in proportion. */
  @Test
  void aFurtherBatchHasWhatWasAdded() {
    PourScript script =
        then(
            mixed(),
            new What.PutIn("dark", "latex", Role.ADMIXTURE, 0.04, 0.5, Source.SCALE),
            new What.MixedMore("b2", "b1", 4.04 / 2));
    // 3 L of light and 1.04 L of dark mix went in: half as much again.
    assertThat(step(script, "b2/0/1").weigh().askedKg()).isCloseTo(2.25, within(1e-12));
    assertThat(step(script, "b2/0/1").weigh().toleranceKg()).isCloseTo(0.045, within(1e-12));
    assertThat(step(script, "b2/0/2").weigh().mostKg()).isCloseTo(0.3, within(1e-12));
    assertThat(step(script, "b2/1/3").weigh().material()).isEqualTo("latex");
    assertThat(step(script, "b2/1/3").weigh().askedKg()).isCloseTo(0.02, within(1e-12));
  }

  /** A copy that nobody planned is filled from the batch that was wetted last, after the others. */
  @Test
  void aCopyThatWasAddedHasAStepOfItsOwn() {
    What added = new What.Added(new PlannedCopy("X1", 0.5, 1), "Cup", null);
    assertThat(then(PourScript.of(sheet(), List.of()), added).state().steps())
        .extracting(Step::key)
        .doesNotContain("fill/b1/X1");
    PourScript script = then(mixed(), added);
    assertThat(step(script, "fill/b1/X1").fill().kgByMix().get("light"))
        .isCloseTo(0.75, within(1e-12));
    assertThat(script.state().copies().get(4).added()).isTrue();
    assertThat(script.state().copies().get(0).added()).isFalse();
    assertThat(script.state().steps())
        .extracting(Step::key)
        .endsWith("fill/b1/X1", "left", "record");
  }

  /** A reading at the very edge of the tolerance is within it. */
  @Test
  void onlyWhatIsOffByMoreThanItsToleranceIsAdvisedOn() {
    assertThat(PourScript.of(sheet(), facts(weighed("lc", 4.59))).state().advice()).isEmpty();
    PourState off = PourScript.of(sheet(), facts(weighed("lc", 4.5901))).state();
    assertThat(off.advice()).hasSize(1);
    assertThat(off.advice().get(0).finding().params())
        .containsEntry("material", "cement")
        .containsEntry("value", 4.5901)
        .containsEntry("asked", 4.5);
    assertThat(PourScript.of(sheet(), facts(weighed("lc", 4.4099))).state().advice()).hasSize(1);
    // Once it met water it is too late to change it.
    assertThat(
            PourScript.of(sheet(), facts(weighed("lc", 4.7), new What.Wetted("light")))
                .state()
                .advice())
        .isEmpty();
  }

  @Test
  void whatAPourRefusesNamesWhatIsLeft() {
    PourScript script = mixed();
    assertThat(code(script, full("R1", 8.344))).isEqualTo(FindingCode.POUR_MORE_THAN_BOWL);
    // 8.1 kg and 3 %: a scale may be off by so much.
    assertThat(then(script, full("R1", 8.343)).state().copies().get(0).kg())
        .isCloseTo(8.343, within(1e-9));
    assertThat(code(script, new What.Filled("R1", "b1", true, null, null, 2)))
        .isEqualTo(FindingCode.NUMBER_TOO_LARGE);
    assertThat(code(script, new What.SplitOff("rust", "light", 6.001, "Rust")))
        .isEqualTo(FindingCode.POUR_MORE_THAN_BOWL);
    assertThat(then(script, new What.SplitOff("rust", "light", 6, "Rust")).state().batches())
        .hasSize(2);
    assertThat(code(script, new What.LeftWeighed(8.101, Source.SCALE)))
        .isEqualTo(FindingCode.POUR_MORE_THAN_BOWL);
    assertThat(then(script, new What.LeftWeighed(8.1, Source.SCALE)).state().bowl().leftMeasured())
        .isTrue();
    assertThat(code(script, new What.Thrown("b1", 8.101, "set")))
        .isEqualTo(FindingCode.POUR_MORE_THAN_BOWL);
    PourScript gone = then(script, new What.Thrown("b1", null, "set"));
    assertThat(gone.state().bowl().thrownKg()).isCloseTo(8.1, within(1e-9));
    assertThat(code(gone, new What.Thrown("b1", 1.0, "set")))
        .isEqualTo(FindingCode.POUR_BOWL_EMPTY);
    assertThat(code(gone, full("R1", 0.001))).isEqualTo(FindingCode.POUR_BOWL_EMPTY);
    PourScript dry = PourScript.of(sheet(), List.of());
    assertThat(code(dry, new What.MixedMore("b2", "b1", 1))).isEqualTo(FindingCode.POUR_BOWL_EMPTY);
    assertThat(code(dry, new What.Emptied("b1"))).isEqualTo(FindingCode.POUR_NOT_WET);
    assertThat(code(script, new What.Added(new PlannedCopy("R1", 1, 1), null, null)))
        .isEqualTo(FindingCode.POUR_NAME_TAKEN);
    assertThat(code(then(script, full("R1", 2)), new What.Abandoned("no power")))
        .isEqualTo(FindingCode.POUR_COPY_HOLDS);
  }

  /** Nothing is to be done any more once a pour came to nothing. */
  @Test
  void aPourThatWasAbandonedHasNoNextStep() {
    PourScript script = then(mixed(), new What.Abandoned("no power"));
    assertThat(script.state().status()).isEqualTo(PourState.Status.ABANDONED);
    assertThat(now(script)).isNull();
    assertThat(step(script, "fill/b1/R1").status()).isEqualTo(StepStatus.SKIPPED);
    assertThat(script.state().clock()).isNull();
  }

  private static FindingCode code(PourScript script, What what) {
    RefusedException refused =
        catchThrowableOfType(RefusedException.class, () -> then(script, what));
    assertThat(refused).as(what.toString()).isNotNull();
    return refused.findings().get(0).code();
  }
}
