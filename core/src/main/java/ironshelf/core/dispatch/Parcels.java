package ironshelf.core.dispatch;

import ironshelf.core.dispatch.Packing.ToPack;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

/**
 * The fewest parcels that pieces go into: best fit of the heaviest first, then branch and bound
 * against the bound by mass (bin packing; Martello and Toth 1990, chapter 8).
 *
 * <p>Masses are compared to a gram. Not promised: the fewest, where the search ends before it has
 * looked at everything ({@code fewest} is then false).
 *
 * @param fewest whether no fewer would do
 */
public record Parcels(List<Parcel> parcels, boolean fewest) {

  /** One person lifts so much under ideal conditions (NIOSH lifting equation, load constant). */
  public static final double LIFT_KG = 23;

  private static final int MOST_LOOKS = 500_000;
  private static final double GRAMS = 1_000;

  /**
   * What is in one parcel.
   *
   * @param massKg with its box
   * @param heavy whether it takes two people or a trolley
   */
  public record Parcel(List<String> pieces, double massKg, boolean heavy) {
    public Parcel {
      pieces = List.copyOf(pieces);
    }
  }

  public Parcels {
    parcels = List.copyOf(parcels);
  }

  public static Parcels of(Packing packing) {
    List<List<ToPack>> parcels = new ArrayList<>();
    List<ToPack> together = new ArrayList<>();
    for (ToPack piece : packing.pieces()) {
      if (piece.massKg() >= packing.aloneFromKg()) {
        parcels.add(List.of(piece));
      } else {
        together.add(piece);
      }
    }
    together.sort(Comparator.comparingDouble((ToPack p) -> -p.massKg()));
    Search search = new Search(together, grams(packing.mostKg() - packing.boxKg()));
    search.run();
    parcels.addAll(search.parcels());
    return new Parcels(
        parcels.stream().map(p -> parcel(p, packing.boxKg())).toList(), search.proved());
  }

  private static Parcel parcel(List<ToPack> pieces, double boxKg) {
    double massKg = boxKg + pieces.stream().mapToDouble(ToPack::massKg).sum();
    return new Parcel(pieces.stream().map(ToPack::piece).toList(), massKg, massKg > LIFT_KG);
  }

  private static long grams(double kg) {
    return Math.round(kg * GRAMS);
  }

  /** Puts piece after piece, the heaviest first, into each parcel that has room, or a new one. */
  private static final class Search {
    private final List<ToPack> pieces;
    private final long[] grams;
    private final long room;
    private final long[] free;
    private final int[] in;
    private int[] best;
    private int bestCount;
    private final int bound;
    private int looks;

    Search(List<ToPack> pieces, long room) {
      this.pieces = pieces;
      this.room = room;
      grams = pieces.stream().mapToLong(p -> grams(p.massKg())).toArray();
      free = new long[grams.length];
      in = new int[grams.length];
      bound = (int) ((Arrays.stream(grams).sum() + room - 1) / room);
      best = new int[grams.length];
    }

    void run() {
      bestFit();
      Arrays.fill(free, room);
      place(0, 0, Arrays.stream(grams).sum());
    }

    /** Each into the fullest parcel that takes it. */
    private void bestFit() {
      Arrays.fill(free, room);
      for (int i = 0; i < grams.length; i++) {
        int fullest = bestCount;
        for (int p = 0; p < bestCount; p++) {
          if (free[p] >= grams[i] && (fullest == bestCount || free[p] < free[fullest])) {
            fullest = p;
          }
        }
        bestCount = Math.max(bestCount, fullest + 1);
        free[fullest] -= grams[i];
        best[i] = fullest;
      }
    }

    private void place(int piece, int used, long left) {
      if (looks++ > MOST_LOOKS || bestCount <= bound) {
        return;
      }
      if (piece == grams.length) {
        best = in.clone();
        bestCount = used;
        return;
      }
      long roomLeft = 0;
      for (int p = 0; p < used; p++) {
        roomLeft += free[p];
      }
      long more = Math.max(0, left - roomLeft);
      if (used + (more + room - 1) / room >= bestCount) {
        return;
      }
      long seen = -1;
      for (int p = 0; p <= used && p < bestCount - 1; p++) {
        long had = p == used ? room : free[p];
        // Two parcels with the same room are the same choice; so are equal pieces out of order.
        boolean repeats =
            had == seen || (piece > 0 && grams[piece] == grams[piece - 1] && p < in[piece - 1]);
        if (had >= grams[piece] && !repeats) {
          seen = had;
          free[p] -= grams[piece];
          in[piece] = p;
          place(piece + 1, Math.max(used, p + 1), left - grams[piece]);
          free[p] += grams[piece];
        }
      }
    }

    boolean proved() {
      return bestCount <= bound || looks <= MOST_LOOKS;
    }

    List<List<ToPack>> parcels() {
      List<List<ToPack>> parcels = new ArrayList<>();
      for (int p = 0; p < bestCount; p++) {
        List<ToPack> own = new ArrayList<>();
        for (int i = 0; i < best.length; i++) {
          if (best[i] == p) {
            own.add(pieces.get(i));
          }
        }
        parcels.add(own);
      }
      return parcels;
    }
  }
}
