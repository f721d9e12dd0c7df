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
 * @param withinH it is wanted done so soon after it may be, 0 to 10 000; null: whenever
 * @param lateMin minutes that it costs a cast where it is begun later than that, 0 to 1 440 (0);
 *     they count against a plan and take nobody's time in it
 * @param setupMin minutes to get ready for the work, 0 to 480 (0); casts that one person works on
 *     without a break share them
 * @param mix what a layer that is poured later is poured from; casts that are poured one after the
 *     other share a mix as far as it reaches. Null: nothing is mixed for it
 */
public record PlanStep(
    String step,
    @WhenMissing("0") double attendedMin,
    @WhenMissing("0") double waitH,
    @Nullable String station,
    @WhenMissing("1") int times,
    @WhenMissing("0") double gapMin,
    @Nullable Boolean freesMould,
    @Nullable Boolean joins,
    @Nullable Double withinH,
    @WhenMissing("0") double lateMin,
    @WhenMissing("0") double setupMin,
    @Nullable LayerMix mix) {

  /**
   * A mix for a layer that is poured when the one before it has set.
   *
   * @param recipe one of the request's; how long it is mixed, worked and washed
   * @param colour null: none
   * @param shade 0 for the lightest, 100 for the darkest
   * @param litres that one cast takes of it, above 0 and up to 10 000
   */
  public record LayerMix(
      String recipe, @Nullable String colour, @WhenMissing("0") double shade, double litres) {
    public LayerMix {
      shade = Double.isNaN(shade) ? 0 : shade;
      new Findings()
          .text("recipe", recipe, 60)
          .within("shade", shade, 0, 100)
          .above("litres", litres, 0, 10_000)
          .orRefuse();
    }
  }

  /** Creates a step without a window and without setup. */
  public PlanStep(
      String step,
      double attendedMin,
      double waitH,
      @Nullable String station,
      int times,
      double gapMin,
      @Nullable Boolean freesMould,
      @Nullable Boolean joins) {
    this(step, attendedMin, waitH, station, times, gapMin, freesMould, joins, null, 0, 0, null);
  }

  public PlanStep {
    attendedMin = Double.isNaN(attendedMin) ? 0 : attendedMin;
    waitH = Double.isNaN(waitH) ? 0 : waitH;
    gapMin = Double.isNaN(gapMin) ? 0 : gapMin;
    times = times == 0 ? 1 : times;
    lateMin = Double.isNaN(lateMin) ? 0 : lateMin;
    setupMin = Double.isNaN(setupMin) ? 0 : setupMin;
    freesMould = Boolean.TRUE.equals(freesMould);
    joins = Boolean.TRUE.equals(joins);
    new Findings()
        .text("step", step, 40)
        .within("attendedMin", attendedMin, 0, 1_440)
        .within("waitH", waitH, 0, 10_000)
        .within("times", times, 1, 10)
        .within("gapMin", gapMin, 0, 10_000)
        .within("withinH", withinH == null ? 0 : withinH, 0, 10_000)
        .within("lateMin", lateMin, 0, 1_440)
        .within("setupMin", setupMin, 0, 480)
        .orRefuse();
  }

  /** Returns the same step with another wait. */
  public PlanStep waiting(double hours) {
    return waiting(hours, station);
  }

  /** Returns the same step with another wait in another station. */
  public PlanStep waiting(double hours, @Nullable String where) {
    return new PlanStep(
        step,
        attendedMin,
        Math.min(hours, 10_000),
        where,
        times,
        gapMin,
        freesMould,
        joins,
        withinH,
        lateMin,
        setupMin,
        mix);
  }

  /** Returns the same step with a setup. */
  public PlanStep after(double minutesToGetReady) {
    return new PlanStep(
        step,
        attendedMin,
        waitH,
        station,
        times,
        gapMin,
        freesMould,
        joins,
        withinH,
        lateMin,
        minutesToGetReady,
        mix);
  }

  /** Returns the same step as a layer that is poured from a mix. */
  public PlanStep from(LayerMix itsMix) {
    return new PlanStep(
        step,
        attendedMin,
        waitH,
        station,
        times,
        gapMin,
        freesMould,
        joins,
        withinH,
        lateMin,
        setupMin,
        itsMix);
  }

  /** Returns the setup in whole minutes. */
  public int setupWholeMin() {
    return workMin() == 0 ? 0 : (int) Math.ceil(setupMin);
  }

  /** Returns the same step with a window. */
  public PlanStep within(double hours, double minutesIfLate) {
    return new PlanStep(
        step,
        attendedMin,
        waitH,
        station,
        times,
        gapMin,
        freesMould,
        joins,
        Math.min(hours, 10_000),
        minutesIfLate,
        setupMin,
        mix);
  }

  /** Returns the cost of being late in whole minutes; 0 for a step without a window. */
  public int lateWholeMin() {
    return withinH == null ? 0 : (int) Math.ceil(lateMin);
  }

  /** Returns the window in whole minutes. */
  public int withinMin() {
    return withinH == null ? 0 : (int) Math.round(withinH * 60);
  }

  /** Returns the work each time in whole minutes. */
  public int workMin() {
    return (int) Math.ceil(attendedMin);
  }

  /** Returns the wait in whole minutes. */
  public int waitMin() {
    return (int) Math.round(waitH * 60);
  }

  /** Returns the gap between two times in whole minutes. */
  public int gapWholeMin() {
    return (int) Math.round(gapMin);
  }
}
