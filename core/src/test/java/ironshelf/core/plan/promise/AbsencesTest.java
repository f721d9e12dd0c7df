package ironshelf.core.plan.promise;

import static org.assertj.core.api.Assertions.assertThat;

import ironshelf.core.plan.BegunCast;
import ironshelf.core.plan.PlanRequest;
import ironshelf.core.plan.PlanRequest.Demand;
import ironshelf.core.plan.RandomShop;
import java.time.LocalDate;
import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;

/** Days on which people are away, drawn for each person and day. */
class AbsencesTest {

  private static final PlanRequest TWO = RandomShop.of(2, 6).change().people(2).request();

  private static LocalDate lastDue() {
    return TWO.demands().stream().map(d -> d.due()).max(LocalDate::compareTo).orElseThrow();
  }

  private static Absences drawn(PlanRequest plan, double percent) {
    return Absences.drawn(plan, percent, new SplittableRandom(5));
  }

  @Test
  void nobodyIsAwayWhereNobodyEverIs() {
    assertThat(drawn(TWO, 0).closed()).isEqualTo(TWO.calendar().closed());
    assertThat(drawn(TWO, 0).begun()).isEqualTo(TWO.begun());
  }

  /** From the first day to two months after the last due day, each day is closed. */
  @Test
  void whereAllAreAwayTheShopIsClosed() {
    Absences absences = drawn(TWO, 100);
    LocalDate first = TWO.start().toLocalDate();
    assertThat(absences.closed())
        .containsAll(first.datesUntil(lastDue().plusDays(60)).toList())
        .doesNotContain(lastDue().plusDays(60));
    assertThat(absences.begun()).isEqualTo(TWO.begun());
  }

  /** Half of the days of two people: both on a quarter of the days, one of them on a half. */
  @Test
  void oneWhoIsAwayIsBusyForTheDay() {
    LocalDate last = TWO.start().toLocalDate().plusDays(Absences.MOST_DAYS);
    Absences absences = drawn(due(900), 50);
    assertThat(absences.closed().size() / (double) Absences.MOST_DAYS).isBetween(0.2, 0.3);
    assertThat(absences.closed()).allMatch(last::isAfter);
    long open = TWO.start().toLocalDate().datesUntil(last).filter(TWO.calendar()::isOpenOn).count();
    assertThat(absences.begun().size() / (double) open).isBetween(0.42, 0.58);
    BegunCast away = absences.begun().get(0);
    assertThat(away.rest().get(1).workMin()).isEqualTo((int) TWO.calendar().minutesADay());
    assertThat(absences.begun()).extracting(BegunCast::name).doesNotHaveDuplicates();
  }

  /** An order of the year after next has its chances like any other. */
  @Test
  void whatIsDueYearsAheadIsSimulatedToo() {
    Simulation.SimulateRequest request =
        new Simulation.SimulateRequest(due(900), 10, null, null, null);
    assertThat(Simulation.of(request, List.of()).orders().get(0).onTime()).isEqualTo(1);
  }

  private static PlanRequest due(int daysLater) {
    String product = TWO.products().get(0).product();
    return TWO.change()
        .demands(List.of(new Demand("o", product, 1, lastDue().plusDays(daysLater), 1, null)))
        .request();
  }
}
