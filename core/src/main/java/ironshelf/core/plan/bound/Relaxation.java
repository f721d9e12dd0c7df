package ironshelf.core.plan.bound;

import java.util.Arrays;

/**
 * Fills all slots with jobs at least cost where a job may stand several times, but not twice in a
 * row, and each time earns its price: the relaxed problem of {@link SlotSequence}, by dynamic
 * programming over slots with the best and the second best last job.
 */
final class Relaxation {

  /** Returns how often each job stands in the last solution. */
  final int[] count;

  private final int slots;
  private final int[] size;
  private final double[][] cost;
  private final double[] first;
  private final double[] second;
  private final int[] firstJob;
  private final int[] secondJob;

  Relaxation(int slots, int[] size, double[][] cost) {
    this.slots = slots;
    this.size = size;
    this.cost = cost;
    count = new int[size.length];
    first = new double[slots + 1];
    second = new double[slots + 1];
    firstJob = new int[slots + 1];
    secondJob = new int[slots + 1];
  }

  /** Returns the least cost less prices, plus the price of each job once: a lower bound. */
  double solve(double[] price) {
    Arrays.fill(first, Double.POSITIVE_INFINITY);
    Arrays.fill(second, Double.POSITIVE_INFINITY);
    Arrays.fill(firstJob, -1);
    Arrays.fill(secondJob, -1);
    first[0] = 0;
    for (int end = 1; end <= slots; end++) {
      for (int j = 0; j < size.length; j++) {
        int from = end - size[j];
        if (from < 0) {
          continue;
        }
        double before = firstJob[from] == j && from > 0 ? second[from] : first[from];
        double value = before + cost[j][end] - price[j];
        if (value < first[end]) {
          second[end] = first[end];
          secondJob[end] = firstJob[end];
          first[end] = value;
          firstJob[end] = j;
        } else if (value < second[end]) {
          second[end] = value;
          secondJob[end] = j;
        }
      }
    }
    Arrays.fill(count, 0);
    int banned = -1;
    int end = slots;
    while (end > 0) {
      int j = firstJob[end] == banned ? secondJob[end] : firstJob[end];
      if (j < 0) {
        break;
      }
      count[j]++;
      banned = j;
      end -= size[j];
    }
    double value = first[slots];
    for (double p : price) {
      value += p;
    }
    return value;
  }
}
