package ironshelf.core.plan.resource;

import ironshelf.core.plan.resource.Activity.Later;
import ironshelf.core.plan.resource.Mixers.Slot;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;

/**
 * Schedules layers that are poured later. Casts that are poured one after the other without a break
 * share a mix, as far as the mixer holds enough and the working time lasts.
 */
final class LaterPours {

  private static final NavigableMap<Integer, List<Mixed>> NOTHING = new TreeMap<>();
  private static final double ALIKE = 1e-9;

  /** The rest of a mix in its mixer. */
  record Mixed(int mixer, double leftL, double leftMin) {}

  /**
   * The place of a layer in the schedule.
   *
   * @param slot in a mixer
   * @param setupMin to wash after another mix, to mix for it and to wash; 0 where it goes on with a
   *     mix
   * @param from the mix that it continues; null where a new one is made
   * @param then the rest of the mix after it
   */
  record Place(Slot slot, int setupMin, @Nullable Mixed from, Mixed then) {}

  private final Workforce hands;
  private final Mixers mixers;

  /** The rest of each family's mix, by the minute at which the last cast was poured from it. */
  private final Map<String, NavigableMap<Integer, List<Mixed>>> open = new HashMap<>();

  LaterPours(Workforce hands, Mixers mixers) {
    this.hands = hands;
    this.mixers = mixers;
  }

  /**
   * Returns the earliest place, from an existing mix where that is no later than from a new one.
   */
  Place place(Activity activity, Later later, int earliest) {
    Family family = later.family();
    int work = activity.workMin();
    Block anew = new Block(activity.setupMin() + work, 0, 0, 0);
    Slot slot = mixers.slot(earliest, anew, family.oneMixL(later.litres()), family);
    int setup = slot.setupMin() + activity.setupMin();
    var there = open.getOrDefault(activity.readiness(), NOTHING);
    for (var entry : there.subMap(earliest, true, slot.at() + setup, true).entrySet()) {
      for (Mixed mixed : entry.getValue()) {
        int at = entry.getKey();
        if (mixed.leftL() + ALIKE >= later.litres()
            && mixed.leftMin() + ALIKE >= work
            && hands.isFree(at, work)
            && mixers.isFree(mixed.mixer(), at, new Block(work, 0, 0, 0), family)) {
          Mixed then =
              new Mixed(mixed.mixer(), mixed.leftL() - later.litres(), mixed.leftMin() - work);
          return new Place(new Slot(mixed.mixer(), at, 0), 0, mixed, then);
        }
      }
    }
    double left = family.holdsL(mixers.litres(slot.mixer())) - later.litres();
    Double workingMin = family.rules().workingMin();
    double leftMin =
        workingMin == null ? Double.MAX_VALUE : workingMin - family.rules().mixMin() - work;
    return new Place(slot, setup, null, new Mixed(slot.mixer(), left, leftMin));
  }

  /** Books a pour. */
  void take(Activity activity, Later later, Place place) {
    Family family = later.family();
    mixers.take(
        place.slot(), minutes(activity, place), family.shade(), family.rules().moreWashMin());
    note(activity, end(activity, place), place.then());
    if (place.from() != null) {
      forget(activity, place.slot().at(), place.from());
    }
  }

  /** Cancels a booking. */
  void give(Activity activity, Place place) {
    mixers.give(place.slot(), minutes(activity, place));
    forget(activity, end(activity, place), place.then());
    if (place.from() != null) {
      note(activity, place.slot().at(), place.from());
    }
  }

  /** Returns the setup minutes without the washing that the slot already contains. */
  private static int minutes(Activity activity, Place place) {
    return place.setupMin() - place.slot().setupMin() + activity.workMin();
  }

  private static int end(Activity activity, Place place) {
    return place.slot().at() + place.setupMin() + activity.workMin();
  }

  private void note(Activity activity, int minute, Mixed mixed) {
    open.computeIfAbsent(activity.readiness(), r -> new TreeMap<>())
        .computeIfAbsent(minute, m -> new ArrayList<>())
        .add(mixed);
  }

  private void forget(Activity activity, int minute, Mixed mixed) {
    open.get(activity.readiness()).get(minute).remove(mixed);
  }
}
