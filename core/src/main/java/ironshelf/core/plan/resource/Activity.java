package ironshelf.core.plan.resource;

import ironshelf.core.plan.PlanStep;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/**
 * One piece of work of a route, and what is waited before it.
 *
 * @param join which of the route's joining steps it is, from 0; {@link #NOWHERE} where it joins
 *     nothing
 * @param stays in stations before it, in order; the last one lasts until the work begins
 * @param inBatch whether the person who mixes does it as part of the mix
 * @param setupMin of getting ready for it, shared by what is done without a break
 * @param window within which it is wanted; null: whenever
 * @param frees whether the mould is free when it is done
 * @param later what it is poured from where it is a layer that is poured later; null: nothing
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

  /** A layer that is poured later: what it is mixed as, and how much of it one cast takes. */
  public record Later(Family family, double litres) {

    /** Minutes to mix for it and to wash after it. */
    int setupMin() {
      return family.mixMin(litres) + family.washMin();
    }
  }

  /** So many minutes after it may be done, and what it costs where it is begun later. */
  public record Window(int withinMin, int lateMin) {}

  /** One that takes a person of its own, whenever it can be done. */
  public Activity(
      String step, int workMin, int waitMin, List<Stay> stays, boolean frees, int join) {
    this(step, workMin, waitMin, stays, frees, join, false, 0, null, null);
  }

  /** Whether it takes a person of its own. */
  public boolean takesPerson() {
    return workMin > 0 && !inBatch;
  }

  /** What it takes to be ready for the next cast as well: the same step, or the same mix. */
  public String readiness() {
    return later == null ? step : later.family().recipe() + " " + later.family().colour();
  }

  /** Where no station is taken up, or nothing is joined. */
  public static final int NOWHERE = -1;

  /** A wait in a station: so long after the work before, for so long at least. */
  public record Stay(int station, int afterMin, int waitMin) {}

  /**
   * A route as its works; what is waited after the last one stands before an empty one.
   *
   * @param stations their numbers by name
   * @param mixes what its later layers are poured from; null where nothing is mixed
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

  /** The same activities, the first of which is part of a batch. */
  public static List<Activity> inBatch(List<Activity> activities) {
    Activity first = activities.get(0);
    List<Activity> all = new ArrayList<>(activities);
    all.set(
        0,
        new Activity(
            first.step, first.workMin, 0, List.of(), first.frees, first.join, true, 0, null, null));
    return List.copyOf(all);
  }

  /** The least time from the first work to the end, or to where the mould is free. */
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
