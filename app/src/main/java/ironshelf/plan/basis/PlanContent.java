package ironshelf.plan.basis;

import ironshelf.core.plan.CastPlan;
import ironshelf.core.plan.CastPlan.Bound;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.SortedMap;
import java.util.function.BiPredicate;
import java.util.stream.IntStream;
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
 */
public record PlanContent(
    CastPlan plan,
    Map<String, List<Long>> copies,
    Map<String, BegunPieces> begun,
    List<PlannedLine> lines,
    List<Long> idle,
    SortedMap<String, Long> rules) {

  /**
   * When a line is ready.
   *
   * @param boundName the mould or station that binds it; null for its route or hands
   * @param with when it would be with so many more copies of the mould that binds it; none where it
   *     is not late
   * @param helps what would have it ready on an earlier day; null where it is not late
   */
  public record PlannedLine(
      long lineId,
      LocalDateTime readyAt,
      long lateDays,
      Bound boundBy,
      @Nullable String boundName,
      List<WithMore> with,
      @Nullable List<Help> helps) {}

  /** What can be done for a line, each by itself. */
  public enum HelpKind {
    COPY,
    HOUR,
    SATURDAY,
    PERSON,
    TENT,
    FIRST
  }

  /** When it would be ready with that. */
  public record Help(HelpKind kind, LocalDateTime readyAt) {}

  /** Pieces that have begun. */
  public record BegunPieces(String product, String colourway, String swatch, int pieces) {}

  /** When it would be. */
  public record WithMore(int copies, LocalDateTime readyAt) {}

  public long copyId(CastPlan.PlannedCast cast) {
    return copies.get(cast.mould()).get(cast.copy() - 1);
  }

  /**
   * Tests whether it says the same as another that was made a little earlier or later.
   *
   * @param within how far a cast may move and be where it was
   */
  public boolean isAlike(PlanContent other, Duration within) {
    return copies.equals(other.copies)
        && idle.equals(other.idle)
        && begun.equals(other.begun)
        && alike(plan.casts(), other.plan.casts(), (a, b) -> isAlike(a, b, within))
        && alike(plan.begun(), other.plan.begun(), (a, b) -> isAlike(a, b, within))
        && alike(lines, other.lines, (a, b) -> isAlike(a, b, within));
  }

  private static <T> boolean alike(List<T> own, List<T> others, BiPredicate<T, T> same) {
    return own.size() == others.size()
        && IntStream.range(0, own.size()).allMatch(i -> same.test(own.get(i), others.get(i)));
  }

  private static boolean isAlike(CastPlan.PlannedCast a, CastPlan.PlannedCast b, Duration within) {
    return a.order().equals(b.order())
        && a.product().equals(b.product())
        && a.mould().equals(b.mould())
        && a.copy() == b.copy()
        && a.pieces() == b.pieces()
        && a.pinned() == b.pinned()
        && isNear(a.pourAt(), b.pourAt(), within)
        && isNear(a.readyAt(), b.readyAt(), within);
  }

  private static boolean isAlike(CastPlan.PlannedRest a, CastPlan.PlannedRest b, Duration within) {
    LocalDateTime out = a.demouldAt();
    LocalDateTime otherOut = b.demouldAt();
    return a.name().equals(b.name())
        && (out == null ? otherOut == null : otherOut != null && isNear(out, otherOut, within))
        && isNear(a.readyAt(), b.readyAt(), within);
  }

  private static boolean isAlike(PlannedLine a, PlannedLine b, Duration within) {
    return a.lineId == b.lineId && a.lateDays == b.lateDays && isNear(a.readyAt, b.readyAt, within);
  }

  private static boolean isNear(LocalDateTime a, LocalDateTime b, Duration within) {
    return Duration.between(a, b).abs().compareTo(within) < 0;
  }
}
