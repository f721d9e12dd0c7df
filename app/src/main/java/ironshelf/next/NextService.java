package ironshelf.next;

import ironshelf.core.next.ClockTimes;
import ironshelf.core.next.Task;
import ironshelf.core.next.WorkList;
import ironshelf.next.NextView.NextTask;
import ironshelf.plan.PlanReader;
import ironshelf.plan.PlanView.VisitView;
import ironshelf.shelf.ShelfService;
import ironshelf.shelf.ShelfView;
import ironshelf.shelf.ShelfView.ShelfGroup;
import ironshelf.shelf.ShelfView.ToWash;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalTime;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Puts what the shelf and the plan have to do into one list. */
@Service
@Transactional(readOnly = true)
class NextService {

  private final ShelfService shelf;
  private final PlanReader plan;
  private final Clock clock;

  NextService(ShelfService shelf, PlanReader plan, Clock clock) {
    this.shelf = shelf;
    this.plan = plan;
    this.clock = clock;
  }

  /** All that can be begun before the clock shows a time next. */
  NextView by(LocalTime time) {
    ZonedDateTime now = ZonedDateTime.now(clock);
    Instant until = ClockTimes.next(time, now).toInstant();
    WorkList<NextTask> list = WorkList.of(tasks(now.toInstant()), now.toInstant(), until);
    return new NextView(
        until, list.tasks().stream().map(Task::what).toList(), list.fits(), list.minutes());
  }

  private List<Task<NextTask>> tasks(Instant now) {
    ShelfView seen = shelf.shelf();
    List<Task<NextTask>> tasks = new ArrayList<>();
    for (ShelfGroup group : seen.groups()) {
      Instant at = group.gateAt();
      if (at != null) {
        boolean late = group.bestUntil() != null && group.bestUntil().isBefore(now);
        tasks.add(task(at, group.attendedMin(), late, group.key(), null, List.of()));
      }
    }
    plan.view().days().stream()
        .flatMap(day -> day.visits().stream())
        .filter(visit -> !visit.casts().isEmpty())
        .forEach(
            visit -> {
              Instant at = visit.at().atZone(clock.getZone()).toInstant();
              tasks.add(task(at, (double) visit.minutes(), false, null, visit, List.of()));
            });
    // Who is at the sink washes all that stands there.
    seen.toWash().stream()
        .map(ToWash::since)
        .min(Instant::compareTo)
        .ifPresent(
            since -> {
              double minutes = seen.toWash().stream().mapToDouble(ToWash::minutes).sum();
              tasks.add(task(since, minutes, false, null, null, seen.toWash()));
            });
    return tasks;
  }

  private static Task<NextTask> task(
      Instant at,
      double minutes,
      boolean late,
      @Nullable String groupKey,
      @Nullable VisitView visit,
      List<ToWash> toWash) {
    return new Task<>(at, minutes, late, new NextTask(at, minutes, late, groupKey, visit, toWash));
  }
}
