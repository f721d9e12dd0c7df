package ironshelf.core.pour;

import ironshelf.core.quantity.Findings;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Which small moulds take what is left of a mix best: most total worth within it, ties to the least
 * waste. A bounded knapsack, solved exactly by dynamic programming over grams (R. Bellman, Dynamic
 * Programming, 1957); a mould's mass is rounded up to the gram, so that it always fits.
 *
 * @param fill how many of each mould; those that stay empty are left out
 */
public record Leftover(List<Fill> fill, double usedKg, double wastedKg) {

  private static final int MOST_FILLERS = 50;
  private static final double MOST_LEFT_KG = 100;

  /** Sums of worth that differ by less are the same sum added up in another order. */
  private static final double SAME_WORTH = 1e-12;

  /**
   * A small mould that could take some.
   *
   * @param massKg that one takes, over 0
   * @param free copies, 0 to 1 000
   * @param worth of one filled, over 0
   */
  public record Filler(String mould, double massKg, int free, double worth) {
    public Filler {
      new Findings()
          .text("mould", mould, 80)
          .above("massKg", massKg, 0, Findings.MAX_MASS_KG)
          .within("free", free, 0, 1_000)
          .above("worth", worth, 0, 1e9)
          .orRefuse();
    }

    int grams() {
      return (int) Math.ceil(massKg * 1000 - 1e-9);
    }
  }

  /** So many copies of a mould, filled. */
  public record Fill(String mould, int count) {}

  public Leftover {
    fill = List.copyOf(fill);
  }

  /**
   * @param leftKg 0 to 100
   * @param fillers up to 50 kinds
   */
  public static Leftover of(double leftKg, List<Filler> fillers) {
    Findings findings = new Findings().within("leftKg", leftKg, 0, MOST_LEFT_KG);
    if (fillers == null || !fillers.isEmpty()) {
      findings.list("fillers", fillers, MOST_FILLERS);
    }
    findings.orRefuse();
    int grams = (int) Math.floor(leftKg * 1000 + 1e-9);
    List<Lot> lots = lots(fillers);
    // Of all fillings within a mass: the most worth, and of those the most grams used.
    double[] worth = new double[grams + 1];
    int[] used = new int[grams + 1];
    boolean[][] taken = new boolean[lots.size()][grams + 1];
    for (int i = 0; i < lots.size(); i++) {
      Lot lot = lots.get(i);
      for (int g = grams; g >= lot.grams(); g--) {
        double with = worth[g - lot.grams()] + lot.worth();
        int grown = used[g - lot.grams()] + lot.grams();
        double alike = SAME_WORTH * with;
        boolean better = with > worth[g] + alike;
        if (better || (with >= worth[g] - alike && grown > used[g])) {
          worth[g] = with;
          used[g] = grown;
          taken[i][g] = true;
        }
      }
    }
    return result(leftKg, fillers, counts(fillers.size(), lots, taken, grams));
  }

  /**
   * So many of one filler, taken or left as one: any count is a sum of powers of two and a rest.
   */
  private record Lot(int filler, int count, int grams, double worth) {}

  private static List<Lot> lots(List<Filler> fillers) {
    List<Lot> lots = new ArrayList<>();
    for (int i = 0; i < fillers.size(); i++) {
      Filler filler = fillers.get(i);
      int rest = filler.free();
      for (int part = 1; rest > 0; part *= 2) {
        int count = Math.min(part, rest);
        lots.add(new Lot(i, count, filler.grams() * count, filler.worth() * count));
        rest -= count;
      }
    }
    return lots;
  }

  private static Leftover result(double leftKg, List<Filler> fillers, int[] counts) {
    List<Fill> fill = new ArrayList<>();
    double usedKg = 0;
    for (int i = 0; i < counts.length; i++) {
      if (counts[i] > 0) {
        fill.add(new Fill(fillers.get(i).mould(), counts[i]));
        usedKg += counts[i] * fillers.get(i).massKg();
      }
    }
    fill.sort(Comparator.comparing(Fill::mould));
    return new Leftover(fill, usedKg, Math.max(0, leftKg - usedKg));
  }

  private static int[] counts(int fillers, List<Lot> lots, boolean[][] taken, int from) {
    int[] counts = new int[fillers];
    int g = from;
    for (int i = lots.size() - 1; i >= 0; i--) {
      if (taken[i][g]) {
        counts[lots.get(i).filler()] += lots.get(i).count();
        g -= lots.get(i).grams();
      }
    }
    return counts;
  }
}
