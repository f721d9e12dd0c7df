package ironshelf.core.plan.resource;

import ironshelf.core.plan.Horizon;
import ironshelf.core.plan.PlanRequest;
import ironshelf.core.plan.PlanRequest.PlanStation;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.TreeMap;

/**
 * Workforce and stations over time: finds the earliest timing of a cast's activities and books it.
 */
public final class Resources {

  private static final NavigableMap<Integer, Integer> NOBODY = new TreeMap<>();

  /** No joining step waits for parts. */
  public static final int[] NO_WAIT = {};

  public final Workforce hands;
  public final Mixers mixers;
  private final LaterPours laterPours;
  private final Profile[] stations;

  /** By setup, the minutes at which people who are set up have just finished, with their number. */
  private final Map<String, NavigableMap<Integer, Integer>> readyFor = new HashMap<>();

  /**
   * Creates resources of which all are free.
   *
   * @param minutes the horizon to expect; it grows by itself
   */
  public Resources(Instance instance, int minutes) {
    PlanRequest request = instance.request;
    hands = new Workforce(request.calendar(), request.start(), request.people());
    mixers = new Mixers(instance, hands);
    laterPours = new LaterPours(hands, mixers);
    stations =
        request.stations().stream()
            .map(PlanStation::capacity)
            .map(capacity -> new Profile(capacity, minutes))
            .toArray(Profile[]::new);
  }

  private Resources(Instance instance, Workforce hands) {
    this.hands = hands;
    mixers = new Mixers(instance, hands);
    laterPours = new LaterPours(hands, mixers);
    stations = new Profile[0];
  }

  /** Creates resources for a shop whose stations are unlimited. */
  public static Resources empty(Instance instance) {
    PlanRequest request = instance.request;
    return new Resources(instance, new Workforce(request.calendar(), request.start(), 1));
  }

  /**
   * Returns the earliest timing of one cast from a minute on. Where a station has no room for a
   * stay, the work before it is put off; since work only ever moves later, the search ends.
   */
  public Timing timing(List<Activity> activities, int from, int pieces) {
    return timing(activities, from, pieces, NO_WAIT, 0);
  }

  /**
   * Returns the earliest timing of one cast whose joining steps wait for parts.
   *
   * @param partsAt minute at which the parts of each joining step are ready, by its number
   * @param secondFrom earliest minute of the second work, which waits for others of its mix; 0
   *     where it does not
   */
  public Timing timing(
      List<Activity> activities, int from, int pieces, int[] partsAt, int secondFrom) {
    int count = activities.size();
    int[] starts = new int[count];
    int[] setups = new int[count];
    int[] floors = new int[count];
    int[] handsWaited = new int[count];
    LaterPours.Place[] places = new LaterPours.Place[count];
    if (count > 1) {
      floors[1] = secondFrom;
    }
    floors[0] = from + activities.get(0).waitMin();
    int[] partsWaited = new int[count];
    int forStation = 0;
    int station = Activity.NOWHERE;
    int i = 0;
    while (i < count) {
      Activity activity = activities.get(i);
      int entered = i == 0 ? 0 : starts[i - 1] + setups[i - 1] + activities.get(i - 1).workMin();
      int earliest = i == 0 ? floors[0] : Math.max(floors[i], entered + activity.waitMin());
      if (activity.join() != Activity.NOWHERE && activity.join() < partsAt.length) {
        partsWaited[i] = Math.max(0, partsAt[activity.join()] - earliest);
        earliest += partsWaited[i];
      }
      Horizon.refuseBeyond(earliest);
      if (activity.later() == null) {
        begin(activity, i, earliest, starts, setups);
      } else {
        LaterPours.Place place = laterPours.place(activity, activity.later(), earliest);
        places[i] = place;
        // The next layer of the same cast is washed for after this one.
        laterPours.take(activity, activity.later(), place);
        starts[i] = place.slot().at();
        setups[i] = place.setupMin();
      }
      handsWaited[i] = starts[i] - earliest;
      int full = i == 0 ? Activity.NOWHERE : firstFull(activity, entered, starts[i], pieces);
      if (full == Activity.NOWHERE) {
        i++;
      } else {
        int delay = delay(activity, full, entered, starts[i], pieces);
        forStation += delay;
        station = activity.stays().get(full).station();
        floors[i - 1] = starts[i - 1] + delay;
        unplace(activities, places, i, i - 1);
        i--;
      }
    }
    unplace(activities, places.clone(), count - 1, 0);
    int forHands = 0;
    int forParts = 0;
    for (int activity = 0; activity < count; activity++) {
      forHands += handsWaited[activity];
      forParts += partsWaited[activity];
    }
    return new Timing(activities, starts, setups, places, forHands, forStation, station, forParts);
  }

  private void unplace(List<Activity> activities, LaterPours.Place[] places, int last, int first) {
    for (int i = last; i >= first; i--) {
      if (places[i] != null) {
        laterPours.give(activities.get(i), places[i]);
        places[i] = null;
      }
    }
  }

  /**
   * Finds when a work begins. It follows the same work on another cast without setup, where that
   * ends no later than with a setup of its own.
   */
  private void begin(Activity activity, int i, int earliest, int[] starts, int[] setups) {
    setups[i] = 0;
    if (!activity.takesPerson()) {
      starts[i] = earliest;
      return;
    }
    starts[i] = hands.slot(earliest, activity.setupMin() + activity.workMin());
    if (activity.setupMin() == 0) {
      return;
    }
    setups[i] = activity.setupMin();
    NavigableMap<Integer, Integer> ends = readyFor.getOrDefault(activity.readiness(), NOBODY);
    for (Integer next = ends.ceilingKey(earliest);
        next != null && next <= starts[i] + setups[i];
        next = ends.higherKey(next)) {
      if (hands.isFree(next, activity.workMin())) {
        starts[i] = next;
        setups[i] = 0;
        return;
      }
    }
  }

  /** Records, or removes, that somebody is set up after this work of a cast. */
  private void noteReady(Timing timing, int i, boolean taken) {
    Activity activity = timing.activities().get(i);
    int more = taken ? 1 : -1;
    if (activity.later() != null && taken) {
      laterPours.take(activity, activity.later(), timing.place(i));
      return;
    }
    if (activity.later() != null) {
      laterPours.give(activity, timing.place(i));
      return;
    }
    if (activity.setupMin() == 0 || !activity.takesPerson()) {
      return;
    }
    NavigableMap<Integer, Integer> ends =
        readyFor.computeIfAbsent(activity.readiness(), s -> new TreeMap<>());
    count(ends, timing.end(i), more);
    if (timing.setup(i) == 0) {
      count(ends, timing.start(i), -more);
    }
  }

  private static void count(NavigableMap<Integer, Integer> ends, int minute, int more) {
    int now = ends.merge(minute, more, Integer::sum);
    if (now == 0) {
      ends.remove(minute);
    }
  }

  /** Returns by how many pieces stations are overfull, each at its fullest minute. */
  public int overfull() {
    int over = 0;
    for (Profile station : stations) {
      over += station.overfull();
    }
    return over;
  }

  /** Returns the first stay before a work that has no room. */
  private int firstFull(Activity activity, int entered, int begins, int pieces) {
    for (int s = 0; s < activity.stays().size(); s++) {
      if (delay(activity, s, entered, begins, pieces) > 0) {
        return s;
      }
    }
    return Activity.NOWHERE;
  }

  /** Returns by how many minutes the work before must move for a stay to have room. */
  private int delay(Activity activity, int no, int entered, int begins, int pieces) {
    Activity.Stay stay = activity.stays().get(no);
    if (stay.station() == Activity.NOWHERE) {
      return 0;
    }
    int in = entered + stay.afterMin();
    int conflict = stations[stay.station()].lastConflict(in, out(activity, no, in, begins), pieces);
    return conflict < 0 ? 0 : conflict + 1 - in;
  }

  private static int out(Activity activity, int no, int in, int begins) {
    return no == activity.stays().size() - 1 ? begins : in + activity.stays().get(no).waitMin();
  }

  /** Cancels the booking of a timing. */
  public void give(Timing timing, int pieces) {
    take(timing, -pieces);
  }

  /** Books the work and the stays of a timing. */
  public void take(Timing timing, int pieces) {
    for (int i = 0; i < timing.activities().size(); i++) {
      Activity activity = timing.activities().get(i);
      int start = timing.start(i);
      if (activity.takesPerson() && pieces > 0) {
        hands.take(start, timing.minutes(i));
      } else if (activity.takesPerson()) {
        hands.give(start, timing.minutes(i));
      }
      noteReady(timing, i, pieces > 0);
      int entered = i == 0 ? 0 : timing.end(i - 1);
      for (int s = 0; s < activity.stays().size(); s++) {
        Activity.Stay stay = activity.stays().get(s);
        if (stay.station() != Activity.NOWHERE) {
          int in = entered + stay.afterMin();
          stations[stay.station()].take(in, out(activity, s, in, start), pieces);
        }
      }
    }
  }
}
