package ironshelf.plan;

import ironshelf.core.plan.CastPlan;
import ironshelf.core.plan.CastPlan.Bound;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.SortedMap;
import org.jspecify.annotations.Nullable;

/**
 * A plan as it is kept.
 *
 * @param copies the ids of each mould's copies, in the order in which the plan numbers them
 * @param begun what has begun, by its name
 * @param lines when each line is ready, and why not sooner
 * @param idle lines that could not be planned, because their mould has no copy in use or their
 *     product no route
 * @param rules what each takes off it
 * @param basis by which it is told whether the facts are still the same
 */
record PlanContent(
    CastPlan plan,
    Map<String, List<Long>> copies,
    Map<String, BegunPieces> begun,
    List<PlannedLine> lines,
    List<Long> idle,
    SortedMap<String, Long> rules,
    String basis) {

  /**
   * When a line is ready.
   *
   * @param boundName the mould or station that binds it; null for its route or hands
   * @param with when it would be with so many more copies of the mould that binds it; none where it
   *     is not late
   */
  record PlannedLine(
      long lineId,
      LocalDateTime readyAt,
      long lateDays,
      Bound boundBy,
      @Nullable String boundName,
      List<WithMore> with) {}

  /** Pieces that have begun. */
  record BegunPieces(String product, String colourway, String swatch, int pieces) {}

  /** When it would be. */
  record WithMore(int copies, LocalDateTime readyAt) {}

  long copyId(CastPlan.PlannedCast cast) {
    return copies.get(cast.mould()).get(cast.copy() - 1);
  }
}
