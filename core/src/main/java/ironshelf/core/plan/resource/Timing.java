package ironshelf.core.plan.resource;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** The minutes at which the activities of one cast begin, and what delayed them. Immutable. */
public final class Timing {

  private final List<Activity> activities;
  private final int[] starts;
  private final int[] setups;
  private final LaterPours.Place[] places;
  private final int forHands;
  private final int forStation;
  private final int station;
  private final int forParts;

  /**
   * Creates a timing.
   *
   * @param starts minutes at which the work of each activity begins; not copied
   * @param setups minutes of setup at the beginning of each; not copied
   * @param places of the layers that are poured later; not copied
   * @param forHands minutes of waiting for a person
   * @param forStation minutes of waiting for room in a station
   * @param station that had no room; {@link Activity#NOWHERE} where all had
   * @param forParts minutes of waiting for parts
   */
  Timing(
      List<Activity> activities,
      int[] starts,
      int[] setups,
      LaterPours.Place[] places,
      int forHands,
      int forStation,
      int station,
      int forParts) {
    this.activities = activities;
    this.starts = starts;
    this.setups = setups;
    this.places = places;
    this.forHands = forHands;
    this.forStation = forStation;
    this.station = station;
    this.forParts = forParts;
  }

  public List<Activity> activities() {
    return activities;
  }

  public int start(int activity) {
    return starts[activity];
  }

  public int end(int activity) {
    return starts[activity] + minutes(activity);
  }

  /** Returns the minutes that a person spends on an activity, setup included. */
  public int minutes(int activity) {
    return setups[activity] + activities.get(activity).workMin();
  }

  /** Returns the minutes of setup of an activity. */
  public int setup(int activity) {
    return setups[activity];
  }

  LaterPours.Place place(int activity) {
    return places[activity];
  }

  /** Returns the mixer that a later layer is poured from; 0 where the activity is no such layer. */
  public int mixer(int activity) {
    return places[activity] == null ? 0 : places[activity].slot().mixer();
  }

  /** Returns the minutes of setup of all activities. */
  public int setupMin() {
    return Arrays.stream(setups).sum();
  }

  public int forHands() {
    return forHands;
  }

  public int forStation() {
    return forStation;
  }

  public int station() {
    return station;
  }

  public int forParts() {
    return forParts;
  }

  /** Returns the minute at which the first work begins. */
  public int pour() {
    return starts[0];
  }

  public int ready() {
    return starts[starts.length - 1];
  }

  /** Returns the minute at which its mould is free; 0 where it stands in none. */
  public int freed() {
    for (int i = 0; i < starts.length; i++) {
      if (activities.get(i).frees()) {
        return end(i);
      }
    }
    return 0;
  }

  /** Returns the cost, in minutes, of work that begins after its window. */
  public int lateWorkMin() {
    int minutes = 0;
    for (int i = 1; i < starts.length; i++) {
      Activity.Window window = activities.get(i).window();
      if (window != null
          && starts[i] > end(i - 1) + activities.get(i).waitMin() + window.withinMin()) {
        minutes += window.lateMin();
      }
    }
    return minutes;
  }

  /** Returns this timing continued by another, whose first activity stands for the end of this. */
  public Timing and(Timing after) {
    int own = activities.size() - 1;
    List<Activity> all = new ArrayList<>(activities.subList(0, own));
    all.addAll(after.activities.subList(1, after.activities.size()));
    int[] begins = new int[all.size()];
    System.arraycopy(starts, 0, begins, 0, own);
    System.arraycopy(after.starts, 1, begins, own, after.activities.size() - 1);
    int[] ready = new int[all.size()];
    System.arraycopy(setups, 0, ready, 0, own);
    System.arraycopy(after.setups, 1, ready, own, after.activities.size() - 1);
    LaterPours.Place[] poured = new LaterPours.Place[all.size()];
    System.arraycopy(places, 0, poured, 0, own);
    System.arraycopy(after.places, 1, poured, own, after.activities.size() - 1);
    return new Timing(
        all,
        begins,
        ready,
        poured,
        forHands + after.forHands,
        forStation + after.forStation,
        after.station == Activity.NOWHERE ? station : after.station,
        forParts + after.forParts);
  }
}
