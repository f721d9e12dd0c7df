package ironshelf.core.pour;

import ironshelf.core.quantity.Finding;
import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.Findings;
import ironshelf.core.quantity.RefusedException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * Splits the filling of copies, perhaps of several moulds, into batches: none over what the mixer
 * holds or the clock allows, as few as the splitting finds, and as equal as whole copies let them
 * be, so that the shade is. Largest copies first, each into the emptiest batch (LPT, Graham 1969:
 * within 4/3 of the most equal); where that needs one more batch, into the fullest that has room
 * (best fit decreasing, Johnson 1974), which keeps to the same bound. A copy that takes more than
 * the mixer holds is filled from several batches, in equal parts, one after the other.
 *
 * @param batches the copies of each
 */
public record BatchSplit(List<SplitBatch> batches) {

  private static final int MOST_COPIES = 500;

  /** The batch that is tried first: the one with the least in it, or with the most. */
  private enum First {
    EMPTIEST,
    FULLEST;

    private boolean isSooner(double litres, double than) {
      return this == FULLEST ? litres > than : litres < than;
    }
  }

  /** Forgiven, so that a limit met exactly is not missed by rounding. */
  private static final double TOLERANCE = 1e-9;

  /**
   * One copy to fill.
   *
   * @param litres with its share of waste, over 0
   * @param minutes to fill it, 0 or more
   */
  public record Load(String copy, double litres, double minutes) {
    public Load {
      new Findings()
          .text("copy", copy, 40)
          .above("litres", litres, 0, 5_000)
          .within("minutes", minutes, 0, 1_440)
          .orRefuse();
    }
  }

  /**
   * What is mixed at once.
   *
   * @param parts what it fills, each a whole copy unless that is larger than the mixer
   */
  public record SplitBatch(List<Load> parts) {
    public SplitBatch {
      parts = List.copyOf(parts);
    }

    public List<String> copies() {
      return parts.stream().map(Load::copy).toList();
    }

    public double litres() {
      return parts.stream().mapToDouble(Load::litres).sum();
    }

    public double minutes() {
      return parts.stream().mapToDouble(Load::minutes).sum();
    }
  }

  public BatchSplit {
    batches = List.copyOf(batches);
  }

  /**
   * @param mixerL null where it does not bind
   * @param clockMin minutes left for filling when mixing is done; null where it does not bind
   * @param wanted batches at least, 1 to 500; null: as few as fit
   * @throws RefusedException where one copy alone is over the clock
   */
  public static BatchSplit of(
      List<Load> copies,
      @Nullable Double mixerL,
      @Nullable Double clockMin,
      @Nullable Integer wanted) {
    Findings findings = new Findings().list("loads", copies, MOST_COPIES);
    if (wanted != null) {
      findings.within("batches", wanted, 1, MOST_COPIES);
    }
    findings.orRefuse();
    double mostL = mixerL == null ? Double.MAX_VALUE : mixerL * (1 + TOLERANCE);
    double mostMin = clockMin == null ? Double.MAX_VALUE : clockMin * (1 + TOLERANCE);
    List<Load> loads = copies.stream().flatMap(c -> parts(c, mostL)).toList();
    for (Load load : loads) {
      refuseSlow(load, mostMin, clockMin);
    }
    double litres = loads.stream().mapToDouble(Load::litres).sum();
    double minutes = loads.stream().mapToDouble(Load::minutes).sum();
    int least = (int) Math.max(1, Math.ceil(Math.max(litres / mostL, minutes / mostMin)));
    if (wanted != null) {
      least = Math.max(least, Math.min(wanted, loads.size()));
    }
    for (int n = least; ; n++) {
      List<SplitBatch> even = split(loads, n, mostL, mostMin, First.EMPTIEST);
      List<SplitBatch> batches =
          even == null ? split(loads, n, mostL, mostMin, First.FULLEST) : even;
      // With as many batches as copies each has its own, and that was found to fit.
      if (batches != null) {
        return new BatchSplit(batches);
      }
    }
  }

  /**
   * Returns a copy, or as few equal parts of it as the mixer holds; no two of them fit one batch.
   */
  private static Stream<Load> parts(Load copy, double mostL) {
    int count = (int) Math.ceil(copy.litres / mostL);
    return Stream.generate(() -> new Load(copy.copy, copy.litres / count, copy.minutes / count))
        .limit(count);
  }

  private static void refuseSlow(Load load, double mostMin, @Nullable Double clockMin) {
    if (load.minutes > mostMin) {
      throw new RefusedException(
          new Finding(
              FindingCode.BATCH_COPY_SLOW,
              "minutes",
              Map.of("value", load.minutes, "left", clockMin, "copy", load.copy)));
    }
  }

  private static @Nullable List<SplitBatch> split(
      List<Load> loads, int n, double mostL, double mostMin, First first) {
    List<List<Load>> bins = new ArrayList<>();
    double[] litres = new double[n];
    double[] minutes = new double[n];
    for (int i = 0; i < n; i++) {
      bins.add(new ArrayList<>());
    }
    List<Load> sorted =
        loads.stream().sorted(Comparator.comparingDouble(Load::litres).reversed()).toList();
    for (Load load : sorted) {
      int chosen = -1;
      for (int i = 0; i < n; i++) {
        boolean fits = litres[i] + load.litres <= mostL && minutes[i] + load.minutes <= mostMin;
        if (fits && (chosen < 0 || first.isSooner(litres[i], litres[chosen]))) {
          chosen = i;
        }
      }
      if (chosen < 0) {
        return null;
      }
      bins.get(chosen).add(load);
      litres[chosen] += load.litres;
      minutes[chosen] += load.minutes;
    }
    List<SplitBatch> batches = new ArrayList<>();
    for (int i = 0; i < n; i++) {
      if (!bins.get(i).isEmpty()) {
        batches.add(new SplitBatch(bins.get(i)));
      }
    }
    return batches;
  }
}
