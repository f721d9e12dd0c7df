package ironshelf.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/**
 * One piece of work of a route, and what is waited before it.
 *
 * @param join which of the route's joining steps it is, from 0; {@link #NOWHERE} where it joins
 *     nothing
 * @param stays in stations before it, in order; the last one lasts until the work begins
 * @param frees whether the mould is free when it is done
 */
record Leg(String step, int workMin, int waitMin, List<Stay> stays, boolean frees, int join) {

  /** Where no station is taken up, or nothing is joined. */
  static final int NOWHERE = -1;

  /** A wait in a station: so long after the work before, for so long at least. */
  record Stay(int station, int afterMin, int waitMin) {}

  /**
   * A route as its works; what is waited after the last one stands before an empty one.
   *
   * @param stations their numbers by name
   */
  static List<Leg> of(List<PlanStep> route, Map<String, Integer> stations) {
    List<Leg> legs = new ArrayList<>();
    List<Stay> stays = new ArrayList<>();
    int waited = 0;
    int joins = 0;
    for (PlanStep step : route) {
      if (step.workMin() > 0 || step.freesMould() || step.joins()) {
        for (int round = 0; round < step.times(); round++) {
          boolean last = round == step.times() - 1;
          legs.add(
              new Leg(
                  step.step(),
                  step.workMin(),
                  waited,
                  List.copyOf(stays),
                  step.freesMould() && last,
                  step.joins() && round == 0 ? joins++ : NOWHERE));
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
    legs.add(new Leg("ready", 0, waited, List.copyOf(stays), false, NOWHERE));
    return legs;
  }

  /** The least time from the first work to the end, or to where the mould is free. */
  static long leastMin(List<Leg> legs, boolean untilFree) {
    long minutes = 0;
    for (Leg leg : legs) {
      minutes += leg.waitMin + leg.workMin;
      if (untilFree && leg.frees) {
        return minutes;
      }
    }
    return minutes;
  }
}
