package ironshelf.plan.whatif;

import ironshelf.access.Money;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The plan as it is beside the plan as it would be.
 *
 * @param lines of the plan, the one that would be ready the most days sooner first
 * @param inTent products that would set in the tent
 * @param copiesCost of the copies more; null where none are asked for, or a price is not known
 * @param savedMin of mixing, filling and washing, and of grinding what came out late, in all that
 *     is planned
 * @param savedWorth of those minutes by the shop's rate
 * @param piecesToPay so many pieces at the price that they are ordered for come to the cost of the
 *     copies, work and material not counted; null where one of the two is not known
 */
record WhatIfView(
    PlanFigures before,
    PlanFigures after,
    List<LineShift> lines,
    List<String> inTent,
    @Money @Nullable BigDecimal copiesCost,
    long savedMin,
    @Money BigDecimal savedWorth,
    @Nullable Integer piecesToPay) {

  /**
   * A plan in figures.
   *
   * @param lateDays of all lines that are still to be poured
   * @param lateWorkMin of grinding what is taken out after it is green
   * @param lastReady when the last of it is ready; null where nothing is to be poured
   */
  record PlanFigures(
      int lateLines,
      long lateDays,
      int mixes,
      long mixMin,
      long lateWorkMin,
      @Nullable LocalDate lastReady) {}

  /** When a line is ready, and when it would be. */
  record LineShift(
      long lineId,
      long orderId,
      String order,
      String customer,
      String product,
      LocalDate due,
      LocalDate was,
      LocalDate is) {}

  /**
   * What one more copy would do.
   *
   * @param price null where it is not known
   */
  record CopyHelp(
      long mouldId, String mould, long fewerLateDays, @Money @Nullable BigDecimal price) {}

  /**
   * The shop as it is now.
   *
   * @param copies of the moulds that were to have more
   * @param people who work at once
   * @param inTent products that set in the tent; none where no tent was asked for
   */
  record WhatIfKept(List<CopiesNow> copies, int people, List<String> inTent) {
    WhatIfKept {
      copies = List.copyOf(copies);
      inTent = List.copyOf(inTent);
    }
  }

  /** How many copies of a mould are in use. */
  record CopiesNow(String mould, int inUse) {}
}
