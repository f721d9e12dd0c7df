package ironshelf.core.plan.schedule;

import ironshelf.core.plan.resource.Timing;
import ironshelf.core.plan.schedule.Schedule.Laid;
import ironshelf.core.plan.schedule.Schedule.Mix;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;

/**
 * Who does what: each stretch of work goes to the first person who is free, in the order of the
 * clock. As many people are enough as work at once (intervals are a perfect graph).
 */
final class People {

  private record Stretch(int from, int to, Timing of, int activity, Mix mix) {}

  private final IdentityHashMap<Timing, int[]> ofTimings = new IdentityHashMap<>();
  private final IdentityHashMap<Mix, Integer> ofMixes = new IdentityHashMap<>();

  private People() {}

  static People of(Schedule schedule) {
    People people = new People();
    List<Stretch> all = new ArrayList<>();
    schedule.begun.forEach(timing -> people.add(all, timing));
    schedule.casts.forEach(cast -> people.add(all, cast.timing()));
    schedule.batches.forEach(
        mix -> all.add(new Stretch(mix.at(), mix.at() + mix.minutes(), null, 0, mix)));
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
        people.ofTimings.get(stretch.of())[stretch.activity()] = person + 1;
      } else {
        people.ofMixes.put(stretch.mix(), person + 1);
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

  /** Who mixes fills. */
  private void fill(Schedule schedule) {
    Map<Integer, Integer> byCast = new HashMap<>();
    ofMixes.forEach((mix, person) -> mix.casts().forEach(cast -> byCast.put(cast, person)));
    byCast.forEach(
        (no, person) -> {
          Laid cast = schedule.casts.get(no);
          ofTimings.get(cast.timing())[0] = person;
        });
  }

  int of(Mix mix) {
    return ofMixes.get(mix);
  }

  int of(Timing timing, int activity) {
    return ofTimings.get(timing)[activity];
  }
}
