package ironshelf.core.plan.schedule;

import ironshelf.core.plan.resource.Block;
import ironshelf.core.plan.resource.Timing;
import ironshelf.core.plan.schedule.Schedule.Mix;
import ironshelf.core.plan.schedule.Schedule.ScheduledCast;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.Deque;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;

/**
 * Assigns each stretch of work to a person: in the order of the clock, to the first who is free. No
 * more people are needed than work at once, since interval graphs are perfect.
 */
final class People {

  private record Stretch(int from, int to, Timing of, int no, Mix mix) {}

  private final IdentityHashMap<Timing, int[]> ofTimings = new IdentityHashMap<>();
  private final IdentityHashMap<Mix, int[]> ofMixes = new IdentityHashMap<>();

  private final Map<String, Deque<Integer>> readyAt = new HashMap<>();

  private People() {}

  static People of(Schedule schedule) {
    People people = new People();
    List<Stretch> all = new ArrayList<>();
    schedule.begun.forEach(timing -> people.add(all, timing));
    schedule.casts.forEach(cast -> people.add(all, cast.timing()));
    schedule.batches.forEach(mix -> people.add(all, mix));
    // Who goes on with what he is ready for does so before anybody else is given work.
    all.sort(Comparator.comparingInt(Stretch::from).thenComparing(s -> !people.goesOn(s)));
    List<Integer> busyUntil = new ArrayList<>();
    for (Stretch stretch : all) {
      int person = people.goesOn(stretch) ? people.ready(stretch) : 0;
      while (person < busyUntil.size() && busyUntil.get(person) > stretch.from()) {
        person++;
      }
      if (person == busyUntil.size()) {
        busyUntil.add(0);
      }
      busyUntil.set(person, stretch.to());
      if (stretch.mix() == null) {
        people.ofTimings.get(stretch.of())[stretch.no()] = person + 1;
        people.noteReady(stretch, person);
      } else {
        people.ofMixes.get(stretch.mix())[stretch.no()] = person + 1;
      }
    }
    people.fill(schedule);
    return people;
  }

  /** Tests whether a stretch needs no setup because the same person has just done the same work. */
  private boolean goesOn(Stretch stretch) {
    return stretch.mix() == null
        && stretch.of().activities().get(stretch.no()).setupMin() > 0
        && stretch.of().setup(stretch.no()) == 0;
  }

  private static String key(Stretch stretch, int minute) {
    Timing timing = stretch.of();
    int no = stretch.no();
    return timing.activities().get(no).readiness() + " " + timing.mixer(no) + " " + minute;
  }

  /** Returns a person who is set up for a stretch, each of several once. */
  private int ready(Stretch stretch) {
    Deque<Integer> ready = readyAt.get(key(stretch, stretch.from()));
    return ready == null || ready.isEmpty() ? 0 : ready.remove();
  }

  private void noteReady(Stretch stretch, int person) {
    if (stretch.of().activities().get(stretch.no()).setupMin() > 0) {
      readyAt.computeIfAbsent(key(stretch, stretch.to()), k -> new ArrayDeque<>()).add(person);
    }
  }

  private void add(List<Stretch> all, Timing timing) {
    ofTimings.put(timing, new int[timing.activities().size()]);
    for (int i = 0; i < timing.activities().size(); i++) {
      if (timing.activities().get(i).takesPerson()) {
        all.add(new Stretch(timing.start(i), timing.end(i), timing, i, null));
      }
    }
  }

  private void add(List<Stretch> all, Mix mix) {
    Block block = mix.block();
    ofMixes.put(mix, new int[1 + block.helpers()]);
    all.add(new Stretch(mix.at(), mix.at() + block.minutes(), null, 0, mix));
    int from = mix.at() + block.helpFrom();
    for (int helper = 1; helper <= block.helpers(); helper++) {
      all.add(new Stretch(from, from + block.helpMin(), null, helper, mix));
    }
  }

  /** Assigns each filling to the person who mixes or to the helper who fills that cast. */
  private void fill(Schedule schedule) {
    for (Mix mix : schedule.batches) {
      for (int i = 0; i < mix.casts().size(); i++) {
        ScheduledCast cast = schedule.casts.get(mix.casts().get(i));
        ofTimings.get(cast.timing())[0] = ofMixes.get(mix)[mix.fillers().get(i)];
      }
    }
  }

  int of(Mix mix) {
    return ofMixes.get(mix)[0];
  }

  /** Returns the people who help to fill a mix. */
  List<Integer> helpers(Mix mix) {
    return Arrays.stream(ofMixes.get(mix)).skip(1).boxed().toList();
  }

  int of(Timing timing, int activity) {
    return ofTimings.get(timing)[activity];
  }
}
