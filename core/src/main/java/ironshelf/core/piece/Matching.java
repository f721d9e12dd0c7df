package ironshelf.core.piece;

import ironshelf.core.quantity.Findings;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Pieces that go together because they weigh alike: as many sets as there can be, and among those
 * the ones whose masses differ least over all. Pieces of different shades are never put together.
 * Exact: where intervals of equal size lie on a line, neighbours are never worse than others.
 *
 * @param left pieces that found no others, by mass
 */
public record Matching(List<MatchedSet> sets, List<Item> left) {

  public Matching {
    sets = List.copyOf(sets);
    left = List.copyOf(left);
  }

  /**
   * A piece to be matched.
   *
   * @param massKg over 0 and up to 5 000
   * @param shade pieces of one shade go together
   */
  public record Item(long id, double massKg, String shade) {
    public Item {
      new Findings()
          .above("massKg", massKg, 0, Findings.MAX_MASS_KG)
          .text("shade", shade, 80)
          .orRefuse();
    }
  }

  /**
   * Pieces that go together, the lightest first.
   *
   * @param spreadKg from the lightest to the heaviest
   */
  public record MatchedSet(List<Item> items, double spreadKg) {
    public MatchedSet {
      items = List.copyOf(items);
    }
  }

  /**
   * @param size of a set, 2 to 100
   * @param toleranceKg that the masses of a set may differ by, 0 to 5 000
   */
  public static Matching of(List<Item> items, int size, double toleranceKg) {
    new Findings()
        .within("size", size, 2, 100)
        .within("toleranceKg", toleranceKg, 0, Findings.MAX_MASS_KG)
        .orRefuse();
    Map<String, List<Item>> byShade = new LinkedHashMap<>();
    items.stream()
        .sorted(Comparator.comparingDouble(Item::massKg).thenComparingLong(Item::id))
        .forEach(i -> byShade.computeIfAbsent(i.shade(), s -> new ArrayList<>()).add(i));
    List<MatchedSet> sets = new ArrayList<>();
    List<Item> left = new ArrayList<>();
    byShade.values().forEach(own -> match(own, size, toleranceKg, sets, left));
    return new Matching(sets, left);
  }

  /** The best of the first so many: without the last one, or with a set that ends in it. */
  private static void match(
      List<Item> sorted, int size, double tolerance, List<MatchedSet> sets, List<Item> left) {
    int n = sorted.size();
    int[] count = new int[n + 1];
    double[] spread = new double[n + 1];
    boolean[] ends = new boolean[n + 1];
    for (int i = 1; i <= n; i++) {
      count[i] = count[i - 1];
      spread[i] = spread[i - 1];
      if (i < size) {
        continue;
      }
      double range = sorted.get(i - 1).massKg() - sorted.get(i - size).massKg();
      int with = count[i - size] + 1;
      double of = spread[i - size] + range;
      // A scale's last digit must not decide: 5.2 - 5.1 is a hair more than 0.1.
      boolean may = range <= tolerance + 1e-9;
      if (may && (with > count[i] || (with == count[i] && of < spread[i]))) {
        count[i] = with;
        spread[i] = of;
        ends[i] = true;
      }
    }
    List<MatchedSet> own = new ArrayList<>();
    List<Item> alone = new ArrayList<>();
    for (int i = n; i > 0; ) {
      if (ends[i]) {
        List<Item> set = sorted.subList(i - size, i);
        own.add(0, new MatchedSet(set, set.get(size - 1).massKg() - set.get(0).massKg()));
        i -= size;
      } else {
        alone.add(0, sorted.get(i - 1));
        i--;
      }
    }
    sets.addAll(own);
    left.addAll(alone);
  }
}
