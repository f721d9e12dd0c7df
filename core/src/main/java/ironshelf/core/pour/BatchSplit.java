package ironshelf.core.pour;

import ironshelf.core.quantity.Finding;
import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.Findings;
import ironshelf.core.quantity.RefusedException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * Splits the filling of copies, perhaps of several moulds, into batches: none over what the mixer
 * holds or the clock allows, as few as the splitting finds, and as equal as whole copies let them
 * be, so that the shade is. Largest copies first, each into the emptiest batch (LPT, Graham 1969:
 * within 4/3 of the most equal).
 *
 * @param batches the copies of each
 */
public record BatchSplit(List<SplitBatch> batches) {

  private static final int MOST_COPIES = 500;

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

  /** What is mixed at once. */
  public record SplitBatch(List<String> copies, double litres, double minutes) {}

  public BatchSplit {
    batches = List.copyOf(batches);
  }

  /**
   * @param mixerL null where it does not bind
   * @param clockMin minutes left for filling when mixing is done; null where it does not bind
   * @throws RefusedException where one copy alone is over either
   */
  public static BatchSplit of(
      List<Load> loads, @Nullable Double mixerL, @Nullable Double clockMin) {
    new Findings().list("loads", loads, MOST_COPIES).orRefuse();
    double mostL = mixerL == null ? Double.MAX_VALUE : mixerL * (1 + TOLERANCE);
    double mostMin = clockMin == null ? Double.MAX_VALUE : clockMin * (1 + TOLERANCE);
    for (Load load : loads) {
      refuseAlone(load, mostL, mostMin, mixerL, clockMin);
    }
    double litres = loads.stream().mapToDouble(Load::litres).sum();
    double minutes = loads.stream().mapToDouble(Load::minutes).sum();
    int least = (int) Math.max(1, Math.ceil(Math.max(litres / mostL, minutes / mostMin)));
    for (int n = least; ; n++) {
      List<SplitBatch> batches = split(loads, n, mostL, mostMin);
      // With as many batches as copies each has its own, and that was found to fit.
      if (batches != null) {
        return new BatchSplit(batches);
      }
    }
  }

  private static void refuseAlone(
      Load load, double mostL, double mostMin, @Nullable Double mixerL, @Nullable Double clockMin) {
    if (load.litres > mostL) {
      throw new RefusedException(
          new Finding(
              FindingCode.BATCH_MIXER_TOO_SMALL,
              "mixerL",
              Map.of("value", mixerL, "piece", load.litres)));
    }
    if (load.minutes > mostMin) {
      throw new RefusedException(
          new Finding(
              FindingCode.BATCH_COPY_SLOW,
              "minutes",
              Map.of("value", load.minutes, "left", clockMin, "copy", load.copy)));
    }
  }

  private static @Nullable List<SplitBatch> split(
      List<Load> loads, int n, double mostL, double mostMin) {
    List<List<Load>> bins = new ArrayList<>();
    double[] litres = new double[n];
    double[] minutes = new double[n];
    for (int i = 0; i < n; i++) {
      bins.add(new ArrayList<>());
    }
    List<Load> sorted =
        loads.stream().sorted(Comparator.comparingDouble(Load::litres).reversed()).toList();
    for (Load load : sorted) {
      int emptiest = -1;
      for (int i = 0; i < n; i++) {
        boolean fits = litres[i] + load.litres <= mostL && minutes[i] + load.minutes <= mostMin;
        if (fits && (emptiest < 0 || litres[i] < litres[emptiest])) {
          emptiest = i;
        }
      }
      if (emptiest < 0) {
        return null;
      }
      bins.get(emptiest).add(load);
      litres[emptiest] += load.litres;
      minutes[emptiest] += load.minutes;
    }
    List<SplitBatch> batches = new ArrayList<>();
    for (int i = 0; i < n; i++) {
      if (!bins.get(i).isEmpty()) {
        batches.add(
            new SplitBatch(bins.get(i).stream().map(Load::copy).toList(), litres[i], minutes[i]));
      }
    }
    return batches;
  }
}
