package ironshelf.core.pour.script;

import static ironshelf.core.pour.script.TestPours.asPlanned;
import static ironshelf.core.pour.script.TestPours.fact;
import static ironshelf.core.pour.script.TestPours.facts;
import static ironshelf.core.pour.script.TestPours.full;
import static ironshelf.core.pour.script.TestPours.now;
import static ironshelf.core.pour.script.TestPours.simple;
import static ironshelf.core.pour.script.TestPours.step;
import static ironshelf.core.pour.script.TestPours.weighed;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import ironshelf.core.material.Role;
import ironshelf.core.pour.script.PourState.Fill;
import ironshelf.core.pour.script.PourState.StepKind;
import ironshelf.core.quantity.FindingCode;
import ironshelf.core.recipe.Addition;
import ironshelf.core.recipe.starting.StartingRecipe;
import ironshelf.core.recipe.starting.StartingRecipes;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

@Tag("accuracy")
class PourScriptTest {

  /**
   * By hand: 4 copies of 1 L and 4.4 L mixed; 10 % too little cement went in, so 2.2 kg of water
   * and 5.94 kg of cement make 4.18 L of 1.947 kg/L.
   */
  @Test
  void whatReallyWentInDecidesWhatItFills() {
    PourScript script =
        PourScript.of(
            simple(4, 1, 4.4), facts(weighed("w", 2.2), weighed("c", 5.94), new What.Wetted("m1")));
    assertThat(script.state().bowl().inKg()).isCloseTo(8.14, within(1e-9));
    assertThat(script.state().bowl().litres()).isCloseTo(4.18, within(1e-9));
    PourState.Step fill =
        script.state().steps().stream().filter(s -> s.kind() == StepKind.FILL).findFirst().get();
    assertThat(fill.fill().kg()).isCloseTo(8.14 / 4.18, within(1e-9));
  }

  @Test
  void whatIsOffIsOfferedToTheOthersAndFollowed() {
    PourScript script = PourScript.of(simple(4, 1, 4.4), facts(weighed("w", 2.42)));
    PourState.Advice advice = script.state().advice().get(0);
    assertThat(advice.finding().code()).isEqualTo(FindingCode.POUR_OFF_PROPORTION);
    assertThat(advice.remedies().get(0).values()).containsEntry("factor", 2.42 / 2.2);
    PourScript followed = script.plus(List.of(fact(2, "f", new What.Followed("m1", 2.42 / 2.2))));
    assertThat(followed.state().advice()).isEmpty();
    // 6.6 kg of cement, a tenth more.
    assertThat(step(followed, "c").weigh().askedKg()).isCloseTo(7.26, within(1e-9));
  }

  @Test
  void whatWasWeighedBeforeIsToppedUpWhenItFollows() {
    PourScript script =
        PourScript.of(simple(4, 1, 4.4), facts(weighed("w", 2.2), weighed("c", 7.26)))
            .plus(List.of(fact(2, "f", new What.Followed("m1", 1.1))));
    assertThat(now(script).kind()).isEqualTo(StepKind.CHECK);
    assertThat(step(script, "w").status()).isNotEqualTo(PourState.StepStatus.DONE);
    assertThat(step(script, "w").weigh().askedKg()).isCloseTo(0.22, within(1e-9));
    assertThat(step(script, "c").status()).isEqualTo(PourState.StepStatus.DONE);
  }

  /**
   * By hand: of 8 kg one copy took 2 and another 1 when the bowl was empty: 5 kg are missing. The
   * part is tipped back and the bowl is not empty any more: it holds that 1 kg, and 5 are lost.
   */
  @Test
  void whatIsMissingStaysMissingWhenAPartIsTippedBack() {
    PourScript full =
        PourScript.of(
            simple(4, 1, 4),
            facts(weighed("w", 2), weighed("c", 6), new What.Wetted("m1"), full("R1", 2.0)));
    assertThat(full.state().batches().get(0).lostKg()).isZero();
    PourScript empty =
        full.plus(
            List.of(
                fact(7, "part", new What.Filled("R2", "b1", false, 1.0, Source.SCALE, null)),
                fact(8, "empty", new What.Emptied("b1"))));
    double lostKg = empty.state().batches().get(0).lostKg();
    assertThat(lostKg).isCloseTo(5, within(1e-9));
    assertThat(empty.state().bowl().unaccountedKg()).isCloseTo(5, within(1e-9));

    PourScript tipped = full.plus(List.of(fact(9, "lost", new What.Thrown("b1", lostKg, "lost"))));
    assertThat(tipped.state().bowl().leftKg()).isCloseTo(1, within(1e-9));
    assertThat(tipped.state().bowl().thrownKg()).isCloseTo(5, within(1e-9));
    assertThat(tipped.state().bowl().unaccountedKg()).isCloseTo(0, within(1e-9));
  }

  /** By hand: 4 L mixed, two copies took 1.1 L by the scale, the third got a part of 0.5 L. */
  @Test
  void aMixThatIsShortAsksForMore() {
    PourScript script =
        PourScript.of(
            simple(4, 1, 4),
            facts(
                weighed("w", 2),
                weighed("c", 6),
                new What.Wetted("m1"),
                full("R1", 2.2),
                full("R2", 2.2),
                new What.Filled("R3", "b1", false, 1.0, Source.SCALE, null)));
    PourState state = script.state();
    assertThat(state.copies().get(2).fill()).isEqualTo(Fill.PART);
    assertThat(state.batches().get(0).leftL()).isCloseTo(1.3, within(1e-9));
    PourState.Advice advice = state.advice().get(0);
    assertThat(advice.finding().code()).isEqualTo(FindingCode.POUR_SHORT);
    // Half of R3 and all of R4 less 1.3 L, and a tenth on top for the bowl.
    assertThat((double) advice.remedies().get(0).values().get("litres"))
        .isCloseTo(0.2 * 1.1, within(1e-9));
    // 0.22 L of 2 kg/L, a quarter of it water.
    assertThat(advice.remedies().get(0).values())
        .hasEntrySatisfying(
            "materials",
            kg ->
                assertThat(((Map<?, ?>) kg).values())
                    .satisfiesExactlyInAnyOrder(
                        water -> assertThat((Double) water).isCloseTo(0.11, within(1e-9)),
                        cement -> assertThat((Double) cement).isCloseTo(0.33, within(1e-9))));
    // R3 would stay as it is, with its half; R4 would stay empty.
    assertThat(advice.remedies().get(1).values()).containsEntry("copy", "R3");
    assertThat(advice.remedies().get(2).values()).containsEntry("copy", "R4");

    PourScript more = script.plus(List.of(fact(9, "more", new What.MixedMore("b2", "b1", 0.22))));
    assertThat(more.state().batches()).hasSize(2);
    // 0.22 L of 2 kg/L: 0.11 kg of water and 0.33 kg of cement.
    assertThat(step(more, "b2/0/0").weigh().askedKg()).isCloseTo(0.11, within(1e-9));
    assertThat(step(more, "b2/0/1").weigh().askedKg()).isCloseTo(0.33, within(1e-9));
  }

  @Test
  void twoBatchesInOneCopyAreMarked() {
    PourScript script =
        PourScript.of(
            simple(1, 1, 1),
            facts(
                weighed("w", 0.25),
                weighed("c", 0.75),
                new What.Wetted("m1"),
                new What.Filled("R1", "b1", false, null, null, null),
                new What.MixedMore("b2", "b1", 0.6),
                new What.AsAsked("b2/0"),
                new What.Wetted("b2/0"),
                new What.Filled("R1", "b2", true, null, null, null)));
    PourState.CopyState copy = script.state().copies().get(0);
    assertThat(copy.twice()).isTrue();
    assertThat(copy.fill()).isEqualTo(Fill.FULL);
    assertThat(copy.mixes()).containsOnlyKeys("m1", "b2/0");
    // A part that nobody weighed is half of what it still takes, here all that there was.
    assertThat(copy.mixes().get("m1")).isCloseTo(1, within(1e-9));
    assertThat(copy.measured()).isFalse();
  }

  @Test
  void whatNobodyWeighedNeverTakesMoreThanThereWas() {
    PourScript script =
        PourScript.of(
            simple(3, 1, 2.5),
            facts(
                weighed("w", 1.25),
                weighed("c", 3.75),
                new What.Wetted("m1"),
                full("R1", null),
                full("R2", null),
                full("R3", null)));
    assertThat(script.state().bowl().outKg()).isCloseTo(5, within(1e-9));
    assertThat(script.state().copies())
        .allSatisfy(c -> assertThat(c.kg()).isCloseTo(5 / 3.0, within(1e-9)));
  }

  /** In 5, of which 1 becomes another colour with 0.05 kg of pigment, 0.5 is thrown. */
  @Test
  void aBowlSplitOffIsAnotherColour() {
    PourScript script =
        PourScript.of(
            simple(2, 1, 2.5),
            facts(
                weighed("w", 1.25),
                weighed("c", 3.75),
                new What.Wetted("m1"),
                new What.SplitOff("rust", "m1", 1, "Rust"),
                new What.PutIn("rust/0", "oxide", Role.PIGMENT, 0.05, 0.2, Source.SCALE),
                new What.Thrown("b1", 0.5, "went off"),
                full("R1", 2.0),
                new What.Filled("R2", "rust", true, 1.0, Source.SCALE, null)));
    PourState state = script.state();
    assertThat(state.batches().get(1).colour()).isEqualTo("Rust");
    assertThat(state.batches().get(1).mixes().get(0).inByMaterial())
        .hasEntrySatisfying("water", kg -> assertThat(kg).isCloseTo(0.25, within(1e-9)))
        .hasEntrySatisfying("oxide", kg -> assertThat(kg).isCloseTo(0.05, within(1e-9)));
    assertThat(state.bowl().inKg()).isCloseTo(5.05, within(1e-9));
    assertThat(state.bowl().leftKg()).isCloseTo(5.05 - 3 - 0.5, within(1e-9));
    assertThat(state.bowl().unaccountedKg()).isCloseTo(0, within(1e-9));
  }

  @Test
  void whatIsNotAccountedForIsAskedAbout() {
    PourScript script =
        PourScript.of(
            simple(1, 1, 2),
            facts(
                weighed("w", 1),
                weighed("c", 3),
                new What.Wetted("m1"),
                full("R1", 2.0),
                new What.LeftWeighed(1.6, Source.SCALE)));
    assertThat(script.state().bowl().unaccountedKg()).isCloseTo(0.4, within(1e-9));
    assertThat(script.state().advice().get(0).finding().code())
        .isEqualTo(FindingCode.POUR_UNACCOUNTED);
  }

  @Test
  void threeOfFourCavities() {
    PourSheet whole = simple(1, 2, 2);
    PourSheet sheet =
        new PourSheet(
            whole.placement(),
            whole.checks(),
            10,
            10,
            whole.layers(),
            List.of(new PourSheet.PlannedCopy("R1", 2, 4)),
            whole.batches());
    PourScript script =
        PourScript.of(
            sheet,
            facts(
                weighed("w", 1),
                weighed("c", 3),
                new What.Wetted("m1"),
                new What.Filled("R1", "b1", true, null, null, 3)));
    assertThat(script.state().copies().get(0).cavities()).isEqualTo(3);
    assertThat(script.state().copies().get(0).kg()).isCloseTo(3, within(1e-9));
  }

  @Test
  void takenBackNeverWas() {
    PourScript before = PourScript.of(simple(2, 1, 2), facts(weighed("w", 1)));
    PourScript after =
        before.plus(List.of(fact(5, "a", weighed("c", 9)), fact(6, "b", new What.TakenBack("a"))));
    assertThat(after.state()).isEqualTo(before.state());
  }

  static List<String> schools() {
    return StartingRecipes.shipped().all().stream().map(StartingRecipe::code).toList();
  }

  /** Every school, done exactly as it says: each step comes once, and nothing is left over. */
  @ParameterizedTest
  @MethodSource("schools")
  void aPerfectMorningGoesThroughStepByStep(String school) {
    PourSheet sheet = TestPours.sheet(school, 6, 0.9, 4.0);
    PourScript script = PourScript.of(sheet, List.of());
    double askedKg =
        sheet.batches().stream()
            .flatMap(b -> b.mixes().stream())
            .flatMap(m -> m.lines().stream())
            .mapToDouble(PourSheet.PlannedLine::askedKg)
            .sum();
    int steps = script.state().steps().size();
    for (int i = 0; i < steps; i++) {
      PourState.Step now = now(script);
      assertThat(now).as("step %s of %s", i, school).isNotNull();
      What what =
          now.kind() == StepKind.LEFT
              ? new What.LeftWeighed(script.state().bowl().leftKg(), Source.SCALE)
              : asPlanned(now);
      script = script.plus(List.of(fact(i, "k" + i, what)));
      assertThat(script.state().advice()).as("after %s", now.key()).isEmpty();
    }
    assertThat(script.state().status()).isEqualTo(PourState.Status.RECORDED);
    assertThat(script.state().bowl().inKg()).isCloseTo(askedKg, within(1e-9));
    // 6 x 0.9 L and 8 % over: the bowl's share is what is left, to the last gram.
    assertThat(script.state().bowl().litres()).isCloseTo(5.4 * 1.08, within(1e-6));
    assertThat(script.state().bowl().leftKg())
        .isCloseTo(script.state().bowl().inKg() * 0.08 / 1.08, within(1e-6));
  }

  @Test
  void aPieceLargerThanTheMixerGetsItInEqualParts() {
    PourSheet sheet = TestPours.sheet("sand-cement", 1, 29, 12.0);
    assertThat(sheet.batches()).hasSize(3);
    PourScript script = PourScript.of(sheet, List.of());
    for (int i = 0; now(script) != null && i < 100; i++) {
      script = script.plus(List.of(fact(i, "k" + i, asPlanned(now(script)))));
    }
    PourState.CopyState copy = script.state().copies().get(0);
    assertThat(copy.fill()).isEqualTo(Fill.FULL);
    assertThat(copy.mixes()).hasSize(3);
    assertThat(copy.litres()).isCloseTo(29, within(1e-6));
  }

  /** docs/method/pour.md: colour in the water, in the powder, or last; fibre once it is mixed. */
  @ParameterizedTest
  @EnumSource(Addition.class)
  void linesComeInTheOrderOfTheSchool(Addition addition) {
    StartingRecipe faced =
        StartingRecipes.shipped().all().stream()
            .filter(r -> r.recipe().ingredients().stream().anyMatch(i -> i.role() == Role.FIBRE))
            .findFirst()
            .orElseThrow();
    ironshelf.core.recipe.Ingredient black =
        ironshelf.core.recipe.Ingredient.of(
            "black", Role.PIGMENT, ironshelf.core.recipe.Basis.PERCENT_OF_BINDER, 3, 4.8, null);
    PourSheet sheet =
        TestPours.sheet(
            faced.recipe().inColourway(List.of(black), 0), addition, List.of(1.0), 2, 1, null);
    List<PourSheet.PlannedLine> lines = sheet.batches().get(0).mixes().get(0).lines();
    List<Role> roles = lines.stream().map(PourSheet.PlannedLine::role).toList();
    assertThat(roles.get(roles.size() - 1)).isEqualTo(Role.FIBRE);
    int colour = roles.indexOf(Role.PIGMENT);
    switch (addition) {
      case COLOUR_IN_WATER -> assertThat(colour).isLessThan(roles.indexOf(Role.BINDER));
      case COLOUR_IN_POWDER -> assertThat(colour).isLessThan(roles.indexOf(Role.WATER));
      case COLOUR_LAST -> assertThat(colour).isGreaterThan(roles.lastIndexOf(Role.WATER));
    }
  }
}
