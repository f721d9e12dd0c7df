package ironshelf.core.material;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import ironshelf.core.material.Needs.Held;
import ironshelf.core.material.Needs.Purchase;
import ironshelf.core.material.Needs.Supply;
import ironshelf.core.material.Needs.Use;
import ironshelf.core.quantity.RefusedException;
import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** docs/method/materials.md, worked by hand. */
@Tag("accuracy")
class NeedsTest {

  private static final LocalDate MONDAY = LocalDate.of(2027, 3, 1);

  @Test
  void aWeekIsBoughtInWholePacksBeforeItIsShort() {
    Needs needs =
        Needs.of(
            List.of(new Held(30, null)),
            List.of(use(0, 20), use(1, 20), use(3, 10), use(9, 20)),
            new Supply(25.0, 5, null));
    assertThat(needs.shortOn()).isEqualTo(MONDAY.plusDays(1));
    // Tuesday is 10 short and Thursday takes 10: one bag; the week after takes one more.
    assertThat(needs.purchases())
        .containsExactly(
            new Purchase(MONDAY.minusDays(4), MONDAY.plusDays(1), 25, 1),
            new Purchase(MONDAY.plusDays(4), MONDAY.plusDays(9), 25, 1));
    assertThat(needs.unusedStaleKg()).isZero();
  }

  @Test
  void whatGoesStaleFirstIsUsedFirstAndThenNoMore() {
    Needs needs =
        Needs.of(
            List.of(new Held(10, null), new Held(10, MONDAY.plusDays(2))),
            List.of(use(0, 4), use(5, 10)),
            new Supply(null, 0, 90));
    assertThat(needs.shortOn()).isNull();
    assertThat(needs.unusedStaleKg()).isEqualTo(6);
    Needs late =
        Needs.of(List.of(new Held(10, MONDAY)), List.of(use(0, 4)), new Supply(null, 3, 90));
    assertThat(late.purchases()).containsExactly(new Purchase(MONDAY.minusDays(3), MONDAY, 4, 0));
  }

  /** The seventh day after belongs to the next week's purchase. */
  @Test
  void aWeekIsSevenDaysLong() {
    Needs needs =
        Needs.of(List.of(), List.of(use(0, 5), use(6, 4), use(7, 3)), new Supply(null, 2, null));
    assertThat(needs.purchases())
        .containsExactly(
            new Purchase(MONDAY.minusDays(2), MONDAY, 9, 0),
            new Purchase(MONDAY.plusDays(5), MONDAY.plusDays(7), 3, 0));
    assertThat(needs.shortOn()).isEqualTo(MONDAY);
  }

  /** Two uses of a day are one; a gram is not worth a purchase, two are. */
  @Test
  void aGramIsNotWorthAPurchase() {
    Held held = new Held(9.999, null);
    Supply bags = new Supply(25.0, 0, null);
    assertThat(Needs.of(List.of(held), List.of(use(0, 4), use(0, 6)), bags).purchases()).isEmpty();
    assertThat(Needs.of(List.of(held), List.of(use(0, 4), use(0, 6.001)), bags).purchases())
        .containsExactly(new Purchase(MONDAY, MONDAY, 25, 1));
    // A full bag and less than a gram is a bag; two grams more are two.
    assertThat(Needs.of(List.of(), List.of(use(0, 25.0005)), bags).purchases().get(0).packs())
        .isEqualTo(1);
    assertThat(Needs.of(List.of(), List.of(use(0, 25.002)), bags).purchases().get(0).packs())
        .isEqualTo(2);
  }

  /** Of a bag of 25 that keeps 3 days, 5 are used; on the tenth day there is another. */
  @Test
  void whatIsBoughtGoesStaleToo() {
    Needs needs = Needs.of(List.of(), List.of(use(0, 5), use(9, 5)), new Supply(25.0, 1, 3));
    assertThat(needs.purchases())
        .containsExactly(
            new Purchase(MONDAY.minusDays(1), MONDAY, 25, 1),
            new Purchase(MONDAY.plusDays(8), MONDAY.plusDays(9), 25, 1));
    assertThat(needs.unusedStaleKg()).isEqualTo(20);
  }

  /** On its day a lot is stale; until the day before it is used. */
  @Test
  void onItsDayALotIsStale() {
    Supply loose = new Supply(null, 0, null);
    List<Use> uses = List.of(use(0, 1), use(4, 2));
    assertThat(Needs.of(List.of(new Held(3, MONDAY.plusDays(4))), uses, loose).purchases())
        .containsExactly(new Purchase(MONDAY.plusDays(4), MONDAY.plusDays(4), 2, 0));
    assertThat(Needs.of(List.of(new Held(3, MONDAY.plusDays(4))), uses, loose).unusedStaleKg())
        .isEqualTo(2);
    Needs dayLater = Needs.of(List.of(new Held(9, MONDAY.plusDays(5))), uses, loose);
    assertThat(dayLater.purchases()).isEmpty();
    // What goes stale after the last use is nobody's loss yet.
    assertThat(dayLater.unusedStaleKg()).isZero();
    assertThat(Needs.of(List.of(new Held(9, MONDAY)), List.of(), loose).unusedStaleKg()).isZero();
  }

  @Test
  void nonsenseIsRefused() {
    assertThatThrownBy(() -> new Supply(0.0, 400, 0)).isInstanceOf(RefusedException.class);
    assertThatThrownBy(() -> new Use(MONDAY, Double.NaN)).isInstanceOf(RefusedException.class);
    assertThatThrownBy(() -> new Held(-1, null)).isInstanceOf(RefusedException.class);
  }

  private static Use use(int days, double massKg) {
    return new Use(MONDAY.plusDays(days), massKg);
  }
}
