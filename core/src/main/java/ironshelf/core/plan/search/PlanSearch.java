package ironshelf.core.plan.search;

import ironshelf.core.plan.CastPlan;
import ironshelf.core.plan.CastPlan.PlannedCast;
import ironshelf.core.plan.Objective;
import ironshelf.core.plan.PlanRequest;
import ironshelf.core.plan.schedule.Job;
import ironshelf.core.plan.schedule.ScheduleBuilder;
import java.time.Duration;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;

/**
 * Looks for a better plan than the first one: a local search over the list of jobs, each list laid
 * by the schedule builder, so that every plan is feasible. Steps back are let pass by how the plan
 * was some steps ago (late acceptance; Burke and Bykov 2017), judged by late days and minutes
 * alone; where nothing helps for long it starts again from the best.
 *
 * <p>Never worse than any of the lists it starts from. With the same request and the same number of
 * looks it finds the same plan; by the clock it may find another. Not promised: the best one. How
 * far it can be off at most is the plan's gap.
 */
public final class PlanSearch {

  /** What an hour of mixing weighs beside a late day, in what steps are accepted by. */
  private static final double HOUR_WEIGHS = 0.2;

  /** What a late day of what is promised weighs there besides. */
  private static final double PROMISED_WEIGHS = 20;

  private static final int ACCEPTED_BEFORE = 60;
  private static final int PATIENCE = 600;
  private static final int PATIENCE_PER_JOB = 20;

  /** A list of so few jobs has so few neighbours that all were likely seen. */
  private static final int SHORT = 40;

  private static final long SEED = 20_270_301;

  private final ScheduleBuilder builder;
  private final Start start;
  private volatile boolean stopped;

  /** What it goes on from when it is asked to look again. */
  private List<Job> best;

  /**
   * A search.
   *
   * @param before casts of a plan whose order is to be among those it starts from; may be empty
   */
  public PlanSearch(PlanRequest request, List<PlannedCast> before) {
    builder = new ScheduleBuilder(request);
    start = Start.of(builder, before);
    best = start.jobs();
  }

  /** The best of the lists that it starts from; at once. */
  public CastPlan first() {
    return builder.plan(start.jobs());
  }

  /**
   * Looks for so long at most, and tells of each better plan. Asked again it goes on from the best
   * that it has found.
   */
  public CastPlan search(Duration atMost, Consumer<Objective> better) {
    long end = System.nanoTime() + atMost.toNanos();
    return search(() -> System.nanoTime() < end, better);
  }

  /** Looks at so many plans. */
  public CastPlan search(long looks) {
    long[] left = {looks};
    return search(() -> left[0]-- > 0, o -> {});
  }

  /** Ends a search that runs in another thread; what it found so far stands. */
  public void stop() {
    stopped = true;
  }

  private synchronized CastPlan search(BooleanSupplier goesOn, Consumer<Objective> better) {
    if (start.jobs().size() < 2) {
      return first();
    }
    Random random = new Random(SEED);
    Neighbourhood neighbourhood = new Neighbourhood(builder.instance(), random);
    ScheduleBuilder.Look bestLook = builder.look(best);
    List<Job> now = best;
    ScheduleBuilder.Look look = bestLook;
    double[] past = new double[ACCEPTED_BEFORE];
    Arrays.fill(past, value(look.objective()));
    int since = 0;
    for (int step = 0; !stopped && goesOn.getAsBoolean(); step++) {
      List<Job> tried = neighbourhood.change(now, look.lateness());
      ScheduleBuilder.Look found = builder.look(tried);
      double value = value(found.objective());
      int at = step % ACCEPTED_BEFORE;
      if (value <= past[at] || value <= value(look.objective())) {
        now = tried;
        look = found;
      }
      past[at] = value(look.objective());
      if (found.objective().compareTo(bestLook.objective()) < 0) {
        best = tried;
        bestLook = found;
        since = 0;
        better.accept(found.objective());
      } else if (++since > Math.min(PATIENCE, PATIENCE_PER_JOB * best.size())) {
        boolean isShort = best.size() <= SHORT;
        now = isShort ? neighbourhood.shaken(best) : best;
        look = isShort ? builder.look(now) : bestLook;
        Arrays.fill(past, value(look.objective()) * (isShort ? 1 : 1.02) + (isShort ? 0 : 1));
        since = 0;
      }
    }
    return builder.plan(best);
  }

  private static double value(Objective objective) {
    double hour = objective.hourWeighs() == null ? HOUR_WEIGHS : objective.hourWeighs();
    return objective.lateDays()
        + PROMISED_WEIGHS * objective.promisedLate()
        + hour * objective.minutes() / 60;
  }
}
