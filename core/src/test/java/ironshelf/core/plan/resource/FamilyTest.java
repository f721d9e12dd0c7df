package ironshelf.core.plan.resource;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import ironshelf.core.plan.PlanRequest.PlanRecipe;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What one mix holds and takes, worked by hand (docs/method/plan.md, mixes). */
class FamilyTest {

  private static final double EXACT = 1e-9;

  /** Mixed in 10 min, worked within 40, washed for 5, or for 15 before a lighter colour. */
  private static final PlanRecipe BAGGED = new PlanRecipe("bagged", 9.2, 40.0, 4, 10, 4.5, 15.0);

  private static Family family(PlanRecipe rules, double largestL, long dayMin, int people) {
    return new Family("bagged", "grey", 2, rules, largestL, dayMin, people);
  }

  private static PlanRecipe anyAmount(double workingMin) {
    return new PlanRecipe("any", 10, workingMin, 4, 0, 5, null);
  }

  @Test
  void minutesAreWholeAndTheirPartsCountWhole() {
    Family family = family(BAGGED, 30, 540, 1);
    assertThat(family.mixMin(12)).isEqualTo(10);
    assertThat(family.washMin()).isEqualTo(5);
    assertThat(BAGGED.moreWashMin()).isEqualTo(10.5);
    assertThat(new PlanRecipe("r", 1, null, 0, 0, 20, 5.0).moreWashMin()).isZero();
    assertThat(new PlanRecipe("r", 1, null, 0, 0, 20, null).moreWashMin()).isZero();
  }

  @Test
  void packsAreMixedWhole() {
    Family family = family(BAGGED, 35, 540, 1);
    assertThat(family.mixedL(1)).isEqualTo(10);
    assertThat(family.mixedL(10)).isEqualTo(10);
    assertThat(family.mixedL(10.1)).isEqualTo(20);
    assertThat(family.holdsL(35)).isEqualTo(30);
    assertThat(family.holdsL(30)).isEqualTo(30);
    Family loose = family(anyAmount(40), 35, 540, 1);
    assertThat(loose.mixedL(1)).as("the least mix").isEqualTo(4);
    assertThat(loose.mixedL(4.7)).isEqualTo(4.7);
    assertThat(loose.holdsL(35)).isEqualTo(35);
  }

  @Test
  void whatExceedsTheMixerIsMixedInSeveralGoes() {
    Family family = family(anyAmount(40), 12, 540, 1);
    assertThat(family.mixMin(12)).isEqualTo(10);
    assertThat(family.mixMin(12.1)).isEqualTo(20);
    assertThat(family.mixMin(25)).isEqualTo(30);
    assertThat(family.oneMixL(12)).isEqualTo(12);
    assertThat(family.oneMixL(18)).isCloseTo(9, within(EXACT));
    assertThat(family.oneMixL(25)).isCloseTo(25 / 3.0, within(EXACT));
  }

  /** Four casts of 10 min: 10 to mix and 30 to fill are 40; another ten would be too late. */
  @Test
  void asFewFillAsFinishInTheWorkingTime() {
    Family family = family(anyAmount(40), 30, 540, 3);
    assertThat(family.filling(12, Collections.nCopies(3, 10)).helpers()).isZero();
    Filling four = family.filling(12, Collections.nCopies(4, 10));
    assertThat(four.helpers()).isEqualTo(1);
    assertThat(four.lengthMin()).isEqualTo(20);
    assertThat(family.filling(12, Collections.nCopies(9, 10)).helpers()).isEqualTo(2);
    assertThat(family.filling(12, Collections.nCopies(10, 10))).isNull();
    assertThat(family.isOneMix(12, Collections.nCopies(9, 10))).isTrue();
    assertThat(family.isOneMix(12, Collections.nCopies(10, 10))).isFalse();
    assertThat(family(anyAmount(39), 30, 540, 1).filling(12, Collections.nCopies(3, 10))).isNull();
  }

  @Test
  void oneMixFitsTheMixerAndTheDay() {
    List<Integer> three = Collections.nCopies(3, 10);
    Family family = family(anyAmount(40), 12, 540, 1);
    assertThat(family.filling(12, three)).isNotNull();
    assertThat(family.filling(12.001, three)).isNull();
    // 10 to mix, 30 to fill, 5 to wash.
    assertThat(family(anyAmount(40), 12, 45, 1).filling(12, three)).isNotNull();
    assertThat(family(anyAmount(40), 12, 44, 1).filling(12, three)).isNull();
    // And as much again as it is washed for longer before a lighter one: 10.5, counted as 11.
    assertThat(family(BAGGED, 30, 56, 1).filling(12, three)).isNotNull();
    assertThat(family(BAGGED, 30, 55, 1).filling(12, three)).isNull();
    PlanRecipe unbound = new PlanRecipe("r", 10, null, 0, 0, 5, null);
    assertThat(family(unbound, 12, 540, 1).filling(12, Collections.nCopies(20, 20))).isNotNull();
  }

  @Test
  void helpersComeWhenTheMixIsReady() {
    Family family = family(anyAmount(40), 30, 540, 2);
    Filling filling = family.filling(12, Collections.nCopies(4, 10));
    assertThat(family.block(12, filling)).isEqualTo(new Block(10 + 20 + 5, 1, 10, 20));
  }

  /** Casts of 9, 4, 4 and 2 min by two: the second person fills three of them. */
  @Test
  void theNextCastIsForWhoIsFreeFirst() {
    Filling filling = Filling.of(List.of(9, 4, 4, 2), 2);
    assertThat(List.of(filling.filler(0), filling.filler(1), filling.filler(2), filling.filler(3)))
        .containsExactly(0, 1, 1, 1);
    assertThat(List.of(filling.offset(0), filling.offset(1), filling.offset(2), filling.offset(3)))
        .containsExactly(0, 0, 4, 8);
    assertThat(filling.lengthMin()).isEqualTo(10);
    assertThat(Filling.of(List.of(9, 4, 4, 2), 1).offset(3)).isEqualTo(17);
  }
}
