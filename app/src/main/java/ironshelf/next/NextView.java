package ironshelf.next;

import ironshelf.plan.PlanView;
import ironshelf.shelf.ShelfView;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What can be begun by a moment, in the order in which it is done.
 *
 * @param fits how many of the tasks, from the first, one person has done by then
 * @param minutes of those that fit
 */
record NextView(Instant until, List<NextTask> tasks, int fits, double minutes) {

  /**
   * A step of a group on the shelf, a pour of the plan, or washing.
   *
   * @param at when it can be begun
   * @param minutes of one person's time
   * @param late whether the time is past in which it is easy
   * @param groupKey of the shelf; null where it is something else
   * @param visit of the plan; null where it is something else
   * @param toWash copies that stand dirty; none where it is something else
   */
  record NextTask(
      Instant at,
      double minutes,
      boolean late,
      @Nullable String groupKey,
      PlanView.@Nullable VisitView visit,
      List<ShelfView.ToWash> toWash) {}
}
