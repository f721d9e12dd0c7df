package ironshelf.core.plan.search;

import ironshelf.core.plan.Objective;
import java.util.SortedMap;
import java.util.TreeMap;

/** The rules by which a plan is judged, and the penalty of each. */
public final class PlanRules {

  static final String ONE_CAST_A_COPY = "one cast in a copy at a time";
  static final String NO_MORE_HANDS = "no more hands than people";
  static final String STATIONS_HOLD = "stations hold what they hold";
  static final String PROMISED_LATE = "late days of what is promised";
  static final String LATE_WORK = "minutes of works begun too late";
  static final String SETUPS = "minutes of getting ready";
  static final String LATE_DAYS = "late days by weight";
  static final String MIX_MINUTES = "minutes of mixing, filling and washing";
  static final String DARK_TO_LIGHT = "light before dark";
  static final String IDLE_BINDER = "opened binder not idle";
  static final String EARLY = "ready early";

  /** Late days are given to a thousandth. */
  private static final double SCALE = 1_000;

  private PlanRules() {}

  /** Returns the penalty of each rule by its name: 0 where it is kept, below 0 where it is not. */
  public static SortedMap<String, Long> of(Objective objective) {
    SortedMap<String, Long> rules = new TreeMap<>();
    rules.put(ONE_CAST_A_COPY, -objective.breaches().copies());
    rules.put(NO_MORE_HANDS, -objective.breaches().hands());
    rules.put(STATIONS_HOLD, -objective.breaches().stations());
    rules.put(PROMISED_LATE, -Math.round(objective.promisedLate() * SCALE));
    rules.put(LATE_DAYS, -Math.round(objective.lateDays() * SCALE));
    rules.put(MIX_MINUTES, -(objective.mixMinutes() == null ? 0 : objective.mixMinutes()));
    rules.put(LATE_WORK, -(objective.lateWorkMinutes() == null ? 0 : objective.lateWorkMinutes()));
    rules.put(SETUPS, -(objective.setupMinutes() == null ? 0 : objective.setupMinutes()));
    rules.put(DARK_TO_LIGHT, -objective.darkToLight());
    rules.put(IDLE_BINDER, -objective.idleBinderDays());
    rules.put(EARLY, -objective.readyHours());
    return rules;
  }
}
