package ironshelf.plan.whatif;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The plan as it is beside the plan as it would be.
 *
 * @param lines that would be ready on another day, the most sooner first
 * @param copiesCost of the copies more; null where none are asked for, or a price is not known
 */
record WhatIfView(
    PlanFigures before, PlanFigures after, List<LineShift> lines, @Nullable BigDecimal copiesCost) {

  /**
   * A plan in figures.
   *
   * @param lateDays of all lines that are still to be poured
   * @param lastReady when the last of it is ready; null where nothing is to be poured
   */
  record PlanFigures(int lateLines, long lateDays, int mixes, @Nullable LocalDate lastReady) {}

  /** A line that would be ready on another day. */
  record LineShift(
      long lineId,
      long orderId,
      String order,
      String customer,
      String product,
      LocalDate due,
      LocalDate was,
      LocalDate is) {}
}
