package ironshelf.core.next;

import java.time.Duration;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;

/**
 * What can be begun by a moment, in the order in which it is done: what is late first, then what
 * could be begun first (docs/method/plan.md).
 *
 * @param fits how many of the tasks, from the first, are done by then
 * @param minutes of those that fit
 */
public record WorkList<T>(List<Task<T>> tasks, int fits, double minutes) {

  private static final double SECONDS_A_MIN = 60;

  public WorkList {
    tasks = List.copyOf(tasks);
  }

  /**
   * Puts tasks in order, and sees which of them one person can do, one after the other and in that
   * order, from now on: who is early waits. The first that would end too late ends the row; nothing
   * further down is done in its place. What is not promised: that another order would not fit more.
   */
  public static <T> WorkList<T> of(List<Task<T>> all, Instant now, Instant until) {
    List<Task<T>> tasks =
        all.stream()
            .filter(t -> !t.at().isAfter(until))
            .sorted(Comparator.comparing((Task<T> t) -> !t.late()).thenComparing(Task::at))
            .toList();
    Instant at = now;
    int fits = 0;
    double minutes = 0;
    for (Task<T> task : tasks) {
      Duration takes = Duration.ofSeconds(Math.round(task.minutes() * SECONDS_A_MIN));
      at = (task.at().isAfter(at) ? task.at() : at).plus(takes);
      if (at.isAfter(until)) {
        break;
      }
      fits++;
      minutes += task.minutes();
    }
    return new WorkList<>(tasks, fits, minutes);
  }
}
