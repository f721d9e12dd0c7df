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
 * Who is not in on which day. A day on which nobody is in is closed; of several people one who is
 * not in is as one who is busy all that day.
 *
 * @param begun what had begun, and those absences
 */
record Absences(List<LocalDate> closed, List<BegunCast> begun) {

  /** Orders that are late are still worked on then. */
  private static final int DAYS_AFTER = 60;

  private static final int MOST = 2_000;

  /** Drawn for each person and day by itself. */
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
        day.isBefore(last) && drawn < MOST;
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
