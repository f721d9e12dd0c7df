package ironshelf.core.plan.resource;

import ironshelf.core.plan.BegunCast;
import ironshelf.core.plan.OpenHours;
import ironshelf.core.plan.PlanRequest;
import ironshelf.core.plan.PlanRequest.Demand;
import ironshelf.core.plan.PlanRequest.PlanMixer;
import ironshelf.core.plan.PlanRequest.PlanMould;
import ironshelf.core.plan.PlanRequest.PlanProduct;
import ironshelf.core.plan.PlanRequest.PlanRecipe;
import ironshelf.core.plan.PlanRequest.PlanStation;
import ironshelf.core.plan.PlanStep;
import ironshelf.core.plan.RandomShop;
import java.time.DayOfWeek;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.List;

/** A shop for sums by hand: open each day from 8 to 18 o'clock, from a Monday at 8. */
public final class TinyShop {

  public static final LocalDateTime START = LocalDateTime.of(2027, 3, 1, 8, 0);

  public static final OpenHours HOURS =
      new OpenHours(List.of(DayOfWeek.values()), LocalTime.of(8, 0), LocalTime.of(18, 0), null);

  /** Work of 10 min that fills a mould, 60 min to set, and 5 min to take it out. */
  public static final List<PlanStep> ROUTE =
      List.of(work("pour", 10, false), waiting("set", 1, null), work("demould", 5, true));

  private TinyShop() {}

  static PlanStep work(String step, double minutes, boolean frees) {
    return RandomShop.work(step, minutes, 1, 0, frees);
  }

  static PlanStep waiting(String step, double hours, String station) {
    return RandomShop.wait(step, hours, station);
  }

  /** A copy that is full for so many hours, and taken out of by work of some minutes. */
  public static BegunCast full(String mould, int copy, double hours, double minutes) {
    return new BegunCast(
        mould + " " + copy,
        mould,
        copy,
        1,
        List.of(waiting("set", hours, null), work("demould", minutes, true)),
        null);
  }

  /** One product in two copies of a tray; so many people, a bath of four, and these mixers. */
  static Instance instance(int people, List<Double> mixersL, List<PlanStep> route) {
    return new Instance(request(people, mixersL, route));
  }

  private static PlanRequest request(int people, List<Double> mixersL, List<PlanStep> route) {
    return new PlanRequest(
        START,
        HOURS,
        people,
        List.of(new PlanMould("tray", 2, 1, 0)),
        List.of(new PlanStation("bath", 4)),
        List.of(new PlanProduct("p", "tray", null, 0, null, route)),
        List.of(new Demand("o", "p", 1, START.toLocalDate(), 1, null)),
        0,
        null,
        null,
        mixersL.stream().map(litres -> new PlanMixer("of " + litres, litres)).toList(),
        List.of(new PlanRecipe("back", 6, 30.0, 0, 0, 4, 9.0)),
        0);
  }
}
