package ironshelf.core.pour;

import ironshelf.core.quantity.Findings;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Pairs weighed pieces so that the sum of squared differences is least and no pair differs by more
 * than its tolerance: neighbours after sorting (an exchange argument: uncrossing two pairs never
 * makes it worse), with pieces left over where that lets more pairs be made.
 *
 * @param pairs the lighter one first
 * @param alone what found no partner
 */
public record Pairing(List<Pair> pairs, List<String> alone) {

  private static final int MOST_PIECES = 10_000;

  /** A weighed piece. */
  public record WeighedPiece(String piece, double massKg) {
    public WeighedPiece {
      new Findings()
          .text("piece", piece, 40)
          .above("massKg", massKg, 0, Findings.MAX_MASS_KG)
          .orRefuse();
    }
  }

  /** Two that match. */
  public record Pair(String first, String second, double differenceKg) {}

  public Pairing {
    pairs = List.copyOf(pairs);
    alone = List.copyOf(alone);
  }

  /**
   * Most pairs first, then the least sum of squares; exact, by going through the sorted pieces
   * once.
   *
   * @param toleranceKg 0 or more
   */
  public static Pairing of(List<WeighedPiece> pool, double toleranceKg) {
    Findings findings = new Findings().within("toleranceKg", toleranceKg, 0, Findings.MAX_MASS_KG);
    if (pool == null || !pool.isEmpty()) {
      findings.list("pool", pool, MOST_PIECES);
    }
    findings.orRefuse();
    List<WeighedPiece> sorted =
        pool.stream().sorted(Comparator.comparingDouble(WeighedPiece::massKg)).toList();
    int n = sorted.size();
    // For the first i pieces: how many pairs at most, and the least sum of squares with so many.
    int[] most = new int[n + 1];
    double[] least = new double[n + 1];
    boolean[] paired = new boolean[n + 1];
    for (int i = 1; i <= n; i++) {
      most[i] = most[i - 1];
      least[i] = least[i - 1];
      if (i < 2) {
        continue;
      }
      double difference = difference(sorted.get(i - 2), sorted.get(i - 1));
      double sum = least[i - 2] + difference * difference;
      boolean more = most[i - 2] + 1 > most[i];
      boolean better = most[i - 2] + 1 == most[i] && sum < least[i];
      if (difference <= toleranceKg && (more || better)) {
        most[i] = most[i - 2] + 1;
        least[i] = sum;
        paired[i] = true;
      }
    }
    List<Pair> pairs = new ArrayList<>();
    List<String> alone = new ArrayList<>();
    for (int i = n; i > 0; ) {
      WeighedPiece here = sorted.get(i - 1);
      if (paired[i]) {
        WeighedPiece partner = sorted.get(i - 2);
        pairs.add(0, new Pair(partner.piece, here.piece, difference(partner, here)));
        i -= 2;
      } else {
        alone.add(0, here.piece);
        i--;
      }
    }
    return new Pairing(pairs, alone);
  }

  /** As decimals, which is what a scale shows: 20.05 less 20.00 is 0.05 and no more. */
  private static double difference(WeighedPiece lighter, WeighedPiece heavier) {
    return BigDecimal.valueOf(heavier.massKg)
        .subtract(BigDecimal.valueOf(lighter.massKg))
        .doubleValue();
  }
}
