package ironshelf.bench;

import ironshelf.core.plan.OpenHours;
import ironshelf.core.plan.PlanRequest;
import ironshelf.core.plan.PlanRequest.Demand;
import ironshelf.core.plan.PlanRequest.PlanMixer;
import ironshelf.core.plan.PlanRequest.PlanMould;
import ironshelf.core.plan.PlanRequest.PlanProduct;
import ironshelf.core.plan.PlanRequest.PlanRecipe;
import ironshelf.core.plan.PlanRequest.PlanStation;
import ironshelf.core.plan.PlanStep;
import java.time.DayOfWeek;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/**
 * A shop that mixes in bowls: eight moulds of three to eight copies, three recipes of which two can
 * be worked for 15 minutes, six colourways, a mixer of 12 L, and 420 casts ordered by as many
 * copies as a mould has.
 */
final class BowlShop {

  private static final LocalDateTime START = LocalDateTime.of(2027, 3, 1, 8, 0);
  private static final int MOULDS = 8;
  private static final int COLOURS = 6;
  private static final int CASTS = 420;
  private static final double[] MIX_MIN = {5, 6, 8};
  private static final double[] WORKING_MIN = {15, 15, 60};
  private static final double MIXER_L = 12;
  private static final double WASH_MIN = 6;

  /** Minutes that a cast takes of a person, in all. */
  private static final double CAST_MIN = 13.5;

  private BowlShop() {}

  /**
   * A shop.
   *
   * @param together whether casts are mixed together; else each has its share of mixing, as plans
   *     were made before
   */
  static PlanRequest of(long seed, int people, int hours, boolean together) {
    Random random = new Random(seed);
    List<PlanMould> moulds = new ArrayList<>();
    List<PlanProduct> products = new ArrayList<>();
    List<List<String>> byMould = new ArrayList<>();
    List<Integer> picks = new ArrayList<>();
    for (int m = 0; m < MOULDS; m++) {
      int copies = 3 + random.nextInt(6);
      double litres = 0.4 + random.nextInt(22) / 10.0;
      int fillMin = 1 + random.nextInt(2);
      int recipe = m % MIX_MIN.length;
      moulds.add(new PlanMould("m" + m, copies, 1, 5));
      List<String> own = new ArrayList<>();
      for (int c = 0; c < COLOURS; c++) {
        if (c > 0 && random.nextInt(2) == 0) {
          continue;
        }
        double share =
            MIX_MIN[recipe] / Math.max(1, Math.min(copies, Math.floor(MIXER_L / litres)));
        own.add("p" + m + "-" + c);
        products.add(
            new PlanProduct(
                "p" + m + "-" + c,
                "m" + m,
                "c" + c,
                c,
                "b" + recipe,
                route(together ? fillMin : fillMin + share, recipe == 2 ? 20 : 3),
                together ? "r" + recipe : null,
                litres,
                null,
                null));
      }
      byMould.add(own);
      for (int copy = 0; copy < copies; copy++) {
        picks.add(m);
      }
    }
    List<PlanRecipe> recipes = new ArrayList<>();
    for (int r = 0; r < MIX_MIN.length; r++) {
      recipes.add(
          new PlanRecipe("r" + r, MIX_MIN[r], WORKING_MIN[r], 0.5, 0, WASH_MIN, WASH_MIN + 3));
    }
    return new PlanRequest(
        START,
        new OpenHours(
            List.of(DayOfWeek.values()).subList(0, 5),
            LocalTime.of(8, 0),
            LocalTime.of(8 + hours, 0),
            List.of()),
        people,
        moulds,
        List.of(new PlanStation("bath", 60)),
        products,
        demands(random, byMould, picks, 1.2 * CASTS * CAST_MIN / (people * hours * 60)),
        0,
        null,
        null,
        together ? List.of(new PlanMixer("mixer", MIXER_L)) : null,
        together ? recipes : null,
        0);
  }

  private static List<Demand> demands(
      Random random, List<List<String>> byMould, List<Integer> picks, double days) {
    List<Demand> demands = new ArrayList<>();
    for (int casts = 0; casts < CASTS; ) {
      int quantity = 3 + random.nextInt(12);
      List<String> own = byMould.get(picks.get(random.nextInt(picks.size())));
      demands.add(
          new Demand(
              "o" + demands.size(),
              own.get(random.nextInt(own.size())),
              quantity,
              START.toLocalDate().plusDays(8 + (long) (random.nextDouble() * days)),
              1 + random.nextInt(3),
              null));
      casts += quantity;
    }
    return demands;
  }

  private static List<PlanStep> route(double pourMin, double setH) {
    return List.of(
        work("pour", pourMin, 1, 0, false),
        wait("set", setH, null),
        work("demould", 3, 1, 0, true),
        wait("bath", 24, "bath"),
        wait("dry", 72, null),
        work("seal", 1, 2, 15, false),
        wait("rest", 24, null),
        work("pack", 2, 1, 0, false));
  }

  private static PlanStep work(String step, double minutes, int times, double gap, boolean frees) {
    return new PlanStep(step, minutes, 0, null, times, gap, frees, null);
  }

  private static PlanStep wait(String step, double hours, String station) {
    return new PlanStep(step, 0, hours, station, 1, 0, false, null);
  }
}
