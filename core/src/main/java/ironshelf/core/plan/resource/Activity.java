package ironshelf.core.plan.resource;

import ironshelf.core.plan.PlanStep;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/**
 * One activity of a route: a piece of work and the waits before it.
 *
 * @param join number of the joining step, from 0; {@link #NOWHERE} where it joins nothing
 * @param stays in stations before the work, in order; the last one lasts until it begins
 * @param inBatch whether the person who mixes does it as part of the mix
 * @param setupMin of setup, shared by the same work on several casts without a break
 * @param window in which the work should begin; null where any time will do
 * @param frees whether the mould is free once it is done
 * @param later the mix of a layer that is poured later; null for all other work
 */
public record Activity(
    String step,
    int workMin,
    int waitMin,
    List<Stay> stays,
    boolean frees,
    int join,
    boolean inBatch,
    int setupMin,
    @Nullable Window window,
    @Nullable Later later) {

  /** A layer that is poured later: its mix, and the litres that one cast takes. */
  public record Later(Family family, double litres) {

    /** Returns the minutes to mix for it and to wash afterwards. */
    int setupMin() {
      return family.mixMin(litres) + family.washMin();
    }
  }

  /** The minutes within which the work should begin, and the cost of beginning later. */
  public record Window(int withinMin, int lateMin) {}

  /** Creates an activity that takes a person of its own and may be done at any time. */
  public Activity(
      String step, int workMin, int waitMin, List<Stay> stays, boolean frees, int join) {
    this(step, workMin, waitMin, stays, frees, join, false, 0, null, null);
  }

  /** Tests whether it takes a person of its own. */
  public boolean takesPerson() {
    return workMin > 0 && !inBatch;
  }

  /** Returns what one setup is good for: the same step, or the same mix. */
  public String readiness() {
    return later == null ? step : later.family().recipe() + " " + later.family().colour();
  }

  /** Stands for no station, or for no joining step. */
  public static final int NOWHERE = -1;

  /**
   * A wait in a station: how long after the work before it begins, and how long it lasts at least.
   */
  public record Stay(int station, int afterMin, int waitMin) {}

  /**
   * Converts a route to activities. The wait after the last work becomes an activity without work.
   *
   * @param stations numbers of the stations, by name
   * @param mixes the mixes of its later layers; null where nothing is mixed
   */
  static List<Activity> of(
      List<PlanStep> route,
      Map<String, Integer> stations,
      Function<PlanStep.LayerMix, @Nullable Later> mixes) {
    List<Activity> activities = new ArrayList<>();
    List<Stay> stays = new ArrayList<>();
    int waited = 0;
    int joins = 0;
    for (PlanStep step : route) {
      if (step.workMin() > 0 || step.freesMould() || step.joins()) {
        Later later = step.mix() == null ? null : mixes.apply(step.mix());
        for (int round = 0; round < step.times(); round++) {
          boolean last = round == step.times() - 1;
          activities.add(
              new Activity(
                  step.step(),
                  step.workMin(),
                  waited,
                  List.copyOf(stays),
                  step.freesMould() && last,
                  step.joins() && round == 0 ? joins++ : NOWHERE,
                  false,
                  later == null ? step.setupWholeMin() : later.setupMin(),
                  round == 0 && step.lateWholeMin() > 0
                      ? new Window(step.withinMin(), step.lateWholeMin())
                      : null,
                  later));
          stays.clear();
          waited = last ? 0 : step.gapWholeMin();
        }
        waited = 0;
      }
      if (step.waitMin() > 0) {
        int station = step.station() == null ? NOWHERE : stations.get(step.station());
        stays.add(new Stay(station, waited, step.waitMin()));
        waited += step.waitMin();
      }
    }
    activities.add(new Activity("ready", 0, waited, List.copyOf(stays), false, NOWHERE));
    return activities;
  }

  /** Returns the same activities with the first as part of a batch. */
  public static List<Activity> inBatch(List<Activity> activities) {
    Activity first = activities.get(0);
    List<Activity> all = new ArrayList<>(activities);
    all.set(
        0,
        new Activity(
            first.step, first.workMin, 0, List.of(), first.frees, first.join, true, 0, null, null));
    return List.copyOf(all);
  }

  /** Returns the least minutes from the first work to the end, or to where the mould is free. */
  public static long leastMin(List<Activity> activities, boolean untilFree) {
    long minutes = 0;
    for (Activity activity : activities) {
      minutes += activity.waitMin + activity.workMin;
      if (untilFree && activity.frees) {
        return minutes;
      }
    }
    return minutes;
  }
}
