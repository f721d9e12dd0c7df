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
 * Searches for a better plan than the first one: a local search over lists of jobs, each scheduled
 * by the schedule builder, so that every plan is feasible. A worse list is accepted where it is no
 * worse than the one some steps ago (late acceptance; Burke and Bykov 2017), compared by late days
 * and minutes alone. Where nothing helps for long, the search restarts from the best list.
 *
 * <p>Never worse than any of the lists it starts from. With the same request and the same number of
 * steps it finds the same plan; by the clock it may find another. Not promised: the best plan. The
 * plan's gap says how far it can be off at most.
 */
public final class PlanSearch {

  /** Weight of an hour of mixing beside a late day when steps are accepted. */
  private static final double HOUR_WEIGHS = 0.2;

  /** Additional weight of a late day of a promised demand when steps are accepted. */
  private static final double PROMISED_WEIGHS = 20;

  private static final int ACCEPTED_BEFORE = 60;
  private static final int PATIENCE = 600;
  private static final int PATIENCE_PER_JOB = 20;

  /** Lists of so few jobs have so few neighbours that all were likely seen. */
  private static final int SHORT = 40;

  private static final long SEED = 20_270_301;

  private final ScheduleBuilder builder;
  private final Start start;
  private volatile boolean stopped;

  /** The best list so far, from which a further run continues. */
  private List<Job> best;

  /**
   * Prepares a search.
   *
   * @param before casts of an earlier plan, whose order is one of those to start from; may be empty
   */
  public PlanSearch(PlanRequest request, List<PlannedCast> before) {
    builder = new ScheduleBuilder(request);
    start = Start.of(builder, before);
    best = start.jobs();
  }

  /** Returns the plan of the best list to start from, without searching. */
  public CastPlan first() {
    return builder.plan(start.jobs());
  }

  /**
   * Searches for so long at most and reports each better plan. Called again, it continues from the
   * best that it has found.
   */
  public CastPlan search(Duration atMost, Consumer<Objective> better) {
    long end = System.nanoTime() + atMost.toNanos();
    return search(() -> System.nanoTime() < end, better);
  }

  /** Searches for so many steps. */
  public CastPlan search(long looks) {
    long[] left = {looks};
    return search(() -> left[0]-- > 0, o -> {});
  }

  /** Ends a search that runs in another thread; it keeps what it found so far. */
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
