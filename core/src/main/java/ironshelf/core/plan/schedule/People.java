package ironshelf.core.plan.schedule;

import ironshelf.core.plan.resource.Block;
import ironshelf.core.plan.resource.Timing;
import ironshelf.core.plan.schedule.Schedule.Laid;
import ironshelf.core.plan.schedule.Schedule.Mix;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.IdentityHashMap;
import java.util.List;

/**
 * Who does what: each stretch of work goes to the first person who is free, in the order of the
 * clock. As many people are enough as work at once (intervals are a perfect graph).
 */
final class People {

  private record Stretch(int from, int to, Timing of, int no, Mix mix) {}

  private final IdentityHashMap<Timing, int[]> ofTimings = new IdentityHashMap<>();
  private final IdentityHashMap<Mix, int[]> ofMixes = new IdentityHashMap<>();

  private People() {}

  static People of(Schedule schedule) {
    People people = new People();
    List<Stretch> all = new ArrayList<>();
    schedule.begun.forEach(timing -> people.add(all, timing));
    schedule.casts.forEach(cast -> people.add(all, cast.timing()));
    schedule.batches.forEach(mix -> people.add(all, mix));
    all.sort(Comparator.comparingInt(Stretch::from));
    List<Integer> busyUntil = new ArrayList<>();
    for (Stretch stretch : all) {
      int person = 0;
      while (person < busyUntil.size() && busyUntil.get(person) > stretch.from()) {
        person++;
      }
      if (person == busyUntil.size()) {
        busyUntil.add(0);
      }
      busyUntil.set(person, stretch.to());
      if (stretch.mix() == null) {
        people.ofTimings.get(stretch.of())[stretch.no()] = person + 1;
      } else {
        people.ofMixes.get(stretch.mix())[stretch.no()] = person + 1;
      }
    }
    people.fill(schedule);
    return people;
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

  /** Who mixes fills, and so do helpers. */
  private void fill(Schedule schedule) {
    for (Mix mix : schedule.batches) {
      for (int i = 0; i < mix.casts().size(); i++) {
        Laid cast = schedule.casts.get(mix.casts().get(i));
        ofTimings.get(cast.timing())[0] = ofMixes.get(mix)[mix.fillers().get(i)];
      }
    }
  }

  int of(Mix mix) {
    return ofMixes.get(mix)[0];
  }

  /** Who fills beside. */
  List<Integer> helpers(Mix mix) {
    return Arrays.stream(ofMixes.get(mix)).skip(1).boxed().toList();
  }

  int of(Timing timing, int activity) {
    return ofTimings.get(timing)[activity];
  }
}
