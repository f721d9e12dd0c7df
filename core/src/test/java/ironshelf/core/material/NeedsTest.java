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
