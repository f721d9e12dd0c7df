package ironshelf.core.plan;

import ironshelf.core.quantity.Findings;
import ironshelf.core.quantity.WhenMissing;
import org.jspecify.annotations.Nullable;

/**
 * A step of a product's route as the plan sees it: work, or a wait. What is not given takes the
 * value in brackets.
 *
 * @param step its name
 * @param attendedMin of one person for one cast each time, 0 to 1 440 (0)
 * @param waitH in whole minutes after rounding, 0 to 10 000 (0)
 * @param station where the pieces take up room while they wait; null: none
 * @param times how often the work is done, 1 to 10 (1)
 * @param gapMin between two times, 0 to 10 000 (0)
 * @param freesMould whether the mould is free when it is done (false)
 * @param joins whether it waits for what feeds it (false)
 */
public record PlanStep(
    String step,
    @WhenMissing("0") double attendedMin,
    @WhenMissing("0") double waitH,
    @Nullable String station,
    @WhenMissing("1") int times,
    @WhenMissing("0") double gapMin,
    @Nullable Boolean freesMould,
    @Nullable Boolean joins) {

  public PlanStep {
    attendedMin = Double.isNaN(attendedMin) ? 0 : attendedMin;
    waitH = Double.isNaN(waitH) ? 0 : waitH;
    gapMin = Double.isNaN(gapMin) ? 0 : gapMin;
    times = times == 0 ? 1 : times;
    freesMould = Boolean.TRUE.equals(freesMould);
    joins = Boolean.TRUE.equals(joins);
    new Findings()
        .text("step", step, 40)
        .within("attendedMin", attendedMin, 0, 1_440)
        .within("waitH", waitH, 0, 10_000)
        .within("times", times, 1, 10)
        .within("gapMin", gapMin, 0, 10_000)
        .orRefuse();
  }

  /** The same with another wait. */
  public PlanStep waiting(double hours) {
    return new PlanStep(
        step, attendedMin, Math.min(hours, 10_000), station, times, gapMin, freesMould, joins);
  }

  /** Whole minutes of work each time. */
  public int workMin() {
    return (int) Math.ceil(attendedMin);
  }

  /** Whole minutes of wait. */
  public int waitMin() {
    return (int) Math.round(waitH * 60);
  }

  /** Whole minutes between two times. */
  public int gapWholeMin() {
    return (int) Math.round(gapMin);
  }
}
