package ironshelf.plan;

import ironshelf.core.plan.CastPlan.Bound;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * The plan as others see it.
 *
 * @param id null before the first one
 * @param cause why it was made
 * @param canUndo whether there is one before it
 * @param rules what each rule takes off it, by its name
 * @param leastLateDays that no plan can go below
 * @param idle lines whose mould has no copy in use, or whose product has no route
 * @param because what is otherwise in the shop than in yesterday's plan, in words
 * @param renewing whether it is being made again, since facts have changed
 */
public record PlanView(
    @Nullable Long id,
    @Nullable Instant madeAt,
    @Nullable PlanCause cause,
    boolean canUndo,
    double lateDays,
    double leastLateDays,
    Map<String, Long> rules,
    List<PlannedCastView> casts,
    List<PlannedLineView> lines,
    List<PlannedDay> days,
    List<MouldRow> moulds,
    List<PlannedLineView> idle,
    List<ChangeView> changes,
    List<String> because,
    boolean renewing) {

  PlanView renewing(boolean is) {
    return new PlanView(
        id,
        madeAt,
        cause,
        canUndo,
        lateDays,
        leastLateDays,
        rules,
        casts,
        lines,
        days,
        moulds,
        idle,
        changes,
        because,
        is);
  }

  /**
   * A cast of the plan.
   *
   * @param no by which it is moved
   * @param pinned whether somebody put it there
   * @param firstLayer of its product's layers that is poured, from 0
   * @param mixKey alike for casts that one mix can fill together
   */
  public record PlannedCastView(
      int no,
      long lineId,
      long orderId,
      String order,
      String customer,
      long productId,
      String product,
      int firstLayer,
      long colourwayId,
      String colourway,
      String swatch,
      long mouldId,
      long copyId,
      String copy,
      int pieces,
      LocalDateTime pourAt,
      LocalDateTime demouldAt,
      LocalDateTime readyAt,
      boolean pinned,
      String mixKey) {}

  /**
   * A line of an open order.
   *
   * @param readyAt null where it cannot be planned
   * @param why in words; null where it is not late
   */
  public record PlannedLineView(
      long lineId,
      long orderId,
      String order,
      String customer,
      String product,
      String colourway,
      int quantity,
      int toPour,
      LocalDate due,
      @Nullable LocalDateTime readyAt,
      long lateDays,
      @Nullable Bound boundBy,
      @Nullable String why) {}

  /** What is to be done on a day. */
  public record PlannedDay(LocalDate date, List<VisitView> visits) {}

  /**
   * One stretch of work: casts of one colour poured one after the other, or one step on pieces of
   * one product.
   *
   * @param casts of the plan that are poured
   * @param lacks materials of which there will not be enough by then
   * @param person who does it, from 1; null where nobody was told apart
   * @param litres that are mixed; null where it is no mix
   */
  public record VisitView(
      String step,
      LocalDateTime at,
      long minutes,
      String product,
      String colourway,
      String swatch,
      int pieces,
      List<Integer> casts,
      List<String> lacks,
      @Nullable Integer person,
      @Nullable Double litres) {}

  /** A mould with its copies, and until when each is held now. */
  public record MouldRow(long mouldId, String mould, List<CopyRow> copies) {}

  /** A copy of it: {@code heldUntil} null where it is free. */
  public record CopyRow(
      long copyId, String copy, @Nullable String holds, @Nullable LocalDateTime heldUntil) {}

  /**
   * A line whose day is another than yesterday's plan had; null where it is not in one of them.
   *
   * @param promised whether a date was given for its order
   * @param why it is later, in words; null where it is not
   */
  public record ChangeView(
      long lineId,
      long orderId,
      String order,
      String customer,
      String product,
      boolean promised,
      @Nullable LocalDate was,
      @Nullable LocalDate is,
      @Nullable String why) {}

  static PlanView none() {
    return new PlanView(
        null, null, null, false, 0, 0, Map.of(), List.of(), List.of(), List.of(), List.of(),
        List.of(), List.of(), List.of(), false);
  }
}
