package ironshelf.core.material;

import ironshelf.core.quantity.Findings;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;

/**
 * What to buy of one material, and by when (docs/method/materials.md): use by the day against lots,
 * the one that goes stale first used first; what is short is bought in whole packs.
 *
 * @param shortOn the first day on which there is not enough; null: never
 * @param purchases in order; what is left of a pack is used on the following days
 * @param unusedStaleKg that goes stale before it is used
 */
public record Needs(@Nullable LocalDate shortOn, List<Purchase> purchases, double unusedStaleKg) {

  /** A gram is not worth a purchase. */
  private static final double NOTHING_KG = 0.001;

  /** What there is: {@code staleOn} null where it keeps. */
  public record Held(double massKg, @Nullable LocalDate staleOn) {
    public Held {
      new Findings().within("massKg", massKg, 0, 1_000_000).orRefuse();
    }
  }

  /** What is used on a day. */
  public record Use(LocalDate on, double massKg) {
    public Use {
      new Findings().present("on", on).within("massKg", massKg, 0, 1_000_000).orRefuse();
    }
  }

  /**
   * How it comes.
   *
   * @param packKg of a whole pack; null: loose
   * @param leadDays from ordering to having it, 0 to 365
   * @param keepsDays from having it to stale; null: it keeps
   */
  public record Supply(@Nullable Double packKg, int leadDays, @Nullable Integer keepsDays) {
    public Supply {
      Findings findings = new Findings().within("leadDays", leadDays, 0, 365);
      if (packKg != null) {
        findings.above("packKg", packKg, 0, 100_000);
      }
      if (keepsDays != null) {
        findings.within("keepsDays", keepsDays, 1, 36_500);
      }
      findings.orRefuse();
    }
  }

  /**
   * One purchase for a week.
   *
   * @param orderBy the last day to order; may have passed
   * @param packs whole; 0 where it is bought loose
   */
  public record Purchase(LocalDate orderBy, LocalDate neededOn, double massKg, int packs) {}

  public Needs {
    purchases = List.copyOf(purchases);
  }

  /** Buys for a week at a time: what a week is short of is had by the first day it is short. */
  public static Needs of(List<Held> held, List<Use> uses, Supply supply) {
    TreeMap<LocalDate, Double> byDay = new TreeMap<>();
    uses.forEach(u -> byDay.merge(u.on(), u.massKg(), Double::sum));
    List<double[]> lots = new ArrayList<>();
    held.stream()
        .sorted(Comparator.comparingLong(Needs::staleDay))
        .forEach(h -> lots.add(new double[] {h.massKg(), staleDay(h)}));
    List<Purchase> purchases = new ArrayList<>();
    for (LocalDate day : byDay.keySet()) {
      double missing = take(lots, byDay.get(day), day);
      if (missing > NOTHING_KG) {
        // Nothing is left that keeps: the rest of the week is bought with it.
        double later =
            byDay.subMap(day, false, day.plusDays(7), false).values().stream()
                .mapToDouble(Double::doubleValue)
                .sum();
        double bought = whole(missing + later, supply.packKg());
        purchases.add(
            new Purchase(
                day.minusDays(supply.leadDays()),
                day,
                bought,
                supply.packKg() == null ? 0 : (int) Math.round(bought / supply.packKg())));
        double staleDay =
            supply.keepsDays() == null
                ? Long.MAX_VALUE
                : day.plusDays(supply.keepsDays()).toEpochDay();
        lots.add(new double[] {bought - missing, staleDay});
      }
    }
    double stale = 0;
    for (double[] lot : lots) {
      stale += !byDay.isEmpty() && lot[1] <= byDay.lastKey().toEpochDay() ? lot[0] : 0;
    }
    return new Needs(purchases.isEmpty() ? null : purchases.get(0).neededOn(), purchases, stale);
  }

  private static long staleDay(Held held) {
    return held.staleOn() == null ? Long.MAX_VALUE : held.staleOn().toEpochDay();
  }

  /** Takes from what is not stale; gives what is missing. */
  private static double take(List<double[]> lots, double massKg, LocalDate day) {
    double left = massKg;
    for (double[] lot : lots) {
      if (lot[1] > day.toEpochDay()) {
        double taken = Math.min(lot[0], left);
        lot[0] -= taken;
        left -= taken;
      }
    }
    return left;
  }

  private static double whole(double massKg, @Nullable Double packKg) {
    return packKg == null ? massKg : Math.ceil((massKg - NOTHING_KG) / packKg) * packKg;
  }
}
