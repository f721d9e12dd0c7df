package ironshelf.core.plan.promise;

import ironshelf.core.plan.BegunCast;
import ironshelf.core.plan.PlanRequest;
import ironshelf.core.plan.PlanRequest.Demand;
import ironshelf.core.plan.PlanStep;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;

/**
 * Days on which people are absent. A day on which nobody is in is closed; else an absent person
 * counts as busy for the whole day.
 *
 * @param begun the casts that have begun, and an entry for each absence
 */
record Absences(List<LocalDate> closed, List<BegunCast> begun) {

  /** Days after the last due day for which absences are drawn, since late orders are still made. */
  private static final int DAYS_AFTER = 60;

  /** Farther ahead nobody is away: an absence waits 10 000 hours at most, as a step does. */
  static final int MOST_DAYS = 400;

  /** Draws absences for each person and day independently. */
  static Absences drawn(PlanRequest plan, double percent, SplittableRandom random) {
    List<LocalDate> closed = new ArrayList<>(plan.calendar().closed());
    List<BegunCast> busy = new ArrayList<>();
    LocalDate last =
        plan.demands().stream()
            .map(Demand::due)
            .max(LocalDate::compareTo)
            .orElse(plan.start().toLocalDate())
            .plusDays(DAYS_AFTER);
    int drawn = 0;
    for (LocalDate day = plan.start().toLocalDate();
        day.isBefore(last) && drawn < MOST_DAYS;
        day = day.plusDays(1), drawn++) {
      int away = 0;
      for (int person = 0; person < plan.people(); person++) {
        away += random.nextDouble() * 100 < percent ? 1 : 0;
      }
      if (away == plan.people()) {
        closed.add(day);
      } else if (plan.calendar().isOpenOn(day)) {
        LocalDateTime opens = day.atTime(plan.calendar().opens());
        for (int person = 0; person < away && !opens.isBefore(plan.start()); person++) {
          busy.add(busy(plan, opens, busy.size()));
        }
      }
    }
    // They are taken first: what had begun goes round them.
    busy.addAll(plan.begun());
    return new Absences(closed, busy);
  }

  private static BegunCast busy(PlanRequest plan, LocalDateTime opens, int no) {
    double hours = Duration.between(plan.start(), opens).toMinutes() / 60.0;
    PlanStep until = new PlanStep("until", 0, hours, null, 1, 0, false, false);
    PlanStep away =
        new PlanStep("away", plan.calendar().minutesADay(), 0, null, 1, 0, false, false);
    return new BegunCast("away-" + no, null, 0, 1, List.of(until, away), null);
  }
}
