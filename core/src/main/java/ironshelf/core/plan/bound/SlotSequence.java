package ironshelf.core.plan.bound;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;

/**
 * Demands one after the other on the slots of one mould: a single machine with the weighted
 * tardiness of each job (1 || sum wT). All casts of a demand follow on each other in some best
 * sequence, because nothing is gained by a cast that is made before the demand's last one.
 *
 * <p>Exact for few demands by dynamic programming over their subsets (Held and Karp 1962). For many
 * a sequence by insertion and exchange, and a bound by Lagrangian relaxation of "each demand once"
 * (Abdul-Razaq and Potts 1988), by subgradient steps (Held, Wolfe and Crowder 1974).
 */
final class SlotSequence {

  private static final int EXACT = 16;
  private static final int STEPS = 160;
  private static final int PASSES = 60;

  private final MouldClock clock;
  private final int jobs;
  private final int[] size;
  private final double[][] cost;

  SlotSequence(MouldClock clock) {
    this.clock = clock;
    jobs = clock.demands.length;
    size = IntStream.range(0, jobs).map(clock::castsOf).toArray();
    cost = new double[jobs][clock.casts() + 1];
    for (int j = 0; j < jobs; j++) {
      for (int end = size[j]; end <= clock.casts(); end++) {
        cost[j][end] = clock.cost(j, end - 1);
      }
    }
  }

  /**
   * A good sequence of jobs with a lower bound on the cost of all sequences.
   *
   * @param sequence of demands, as indexes into the clock's
   */
  record Found(List<Integer> sequence, double cost, double bound) {}

  /** Returns a good sequence only, which is quick. */
  Found good() {
    if (jobs == 0) {
      return new Found(List.of(), 0, 0);
    }
    int[] sequence = improved();
    double value = value(sequence);
    return new Found(listed(sequence), value, 0);
  }

  Found bounded() {
    if (jobs == 0) {
      return new Found(List.of(), 0, 0);
    }
    if (jobs <= EXACT) {
      return exact();
    }
    Found good = good();
    return new Found(good.sequence(), good.cost(), Math.min(good.cost(), relaxed(good.cost())));
  }

  private Found exact() {
    int all = (1 << jobs) - 1;
    double[] best = new double[all + 1];
    byte[] last = new byte[all + 1];
    int[] casts = new int[all + 1];
    for (int set = 1; set <= all; set++) {
      int low = Integer.numberOfTrailingZeros(set);
      casts[set] = casts[set & (set - 1)] + size[low];
      best[set] = Double.MAX_VALUE;
      for (int rest = set; rest != 0; rest &= rest - 1) {
        int j = Integer.numberOfTrailingZeros(rest);
        double value = best[set & ~(1 << j)] + cost[j][casts[set]];
        if (value < best[set]) {
          best[set] = value;
          last[set] = (byte) j;
        }
      }
    }
    int[] sequence = new int[jobs];
    int set = all;
    for (int i = jobs - 1; i >= 0; i--) {
      sequence[i] = last[set];
      set &= ~(1 << last[set]);
    }
    return new Found(listed(sequence), best[all], best[all]);
  }

  private static List<Integer> listed(int[] sequence) {
    return Arrays.stream(sequence).boxed().toList();
  }

  private double value(int[] sequence) {
    double value = 0;
    int end = 0;
    for (int j : sequence) {
      end += size[j];
      value += cost[j][end];
    }
    return value;
  }

  /** Returns the best of a few sequences after moving and exchanging jobs until nothing helps. */
  private int[] improved() {
    Integer[] byDue = IntStream.range(0, jobs).boxed().toArray(Integer[]::new);
    Arrays.sort(byDue, Comparator.comparingInt(this::lastInTime).thenComparingInt(j -> size[j]));
    int[] best = null;
    double bestValue = Double.MAX_VALUE;
    for (int[] start :
        new int[][] {Arrays.stream(byDue).mapToInt(j -> j).toArray(), tardiness(1), tardiness(3)}) {
      descend(start);
      double value = value(start);
      if (value < bestValue) {
        best = start;
        bestValue = value;
      }
    }
    return best;
  }

  /** Returns the last slot at which a job is in time. */
  private int lastInTime(int job) {
    int last = 0;
    for (int end = size[job]; end <= clock.casts() && cost[job][end] == 0; end++) {
      last = end;
    }
    return last;
  }

  /** Returns a sequence by apparent tardiness cost (Vepsalainen and Morton 1987), in slots. */
  private int[] tardiness(double look) {
    int[] sequence = new int[jobs];
    boolean[] done = new boolean[jobs];
    int at = 0;
    double mean = Arrays.stream(size).average().orElse(1);
    for (int i = 0; i < jobs; i++) {
      int best = -1;
      double most = -1;
      for (int j = 0; j < jobs; j++) {
        if (!done[j]) {
          double slack = Math.max(0, lastInTime(j) - size[j] - at);
          double weight = cost[j][clock.casts()] - cost[j][size[j]] + 1e-6;
          double index = weight / size[j] * Math.exp(-slack / (look * mean));
          if (index > most) {
            most = index;
            best = j;
          }
        }
      }
      sequence[i] = best;
      done[best] = true;
      at += size[best];
    }
    return sequence;
  }

  private void descend(int[] sequence) {
    double value = value(sequence);
    for (int pass = 0; pass < PASSES; pass++) {
      double before = value;
      for (int from = 0; from < jobs; from++) {
        for (int to = 0; to < jobs; to++) {
          if (from == to) {
            continue;
          }
          move(sequence, from, to);
          double moved = value(sequence);
          if (moved < value - 1e-9) {
            value = moved;
          } else {
            move(sequence, to, from);
          }
          if (to > from) {
            swap(sequence, from, to);
            double swapped = value(sequence);
            if (swapped < value - 1e-9) {
              value = swapped;
            } else {
              swap(sequence, from, to);
            }
          }
        }
      }
      if (value >= before - 1e-9) {
        return;
      }
    }
  }

  private static void swap(int[] sequence, int a, int b) {
    int kept = sequence[a];
    sequence[a] = sequence[b];
    sequence[b] = kept;
  }

  private static void move(int[] sequence, int from, int to) {
    int job = sequence[from];
    if (from < to) {
      System.arraycopy(sequence, from + 1, sequence, from, to - from);
    } else {
      System.arraycopy(sequence, to, sequence, to + 1, from - to);
    }
    sequence[to] = job;
  }

  /** Returns a lower bound, given the cost of some sequence. */
  private double relaxed(double known) {
    double[] price = new double[jobs];
    double best = 0;
    double scale = 2;
    int since = 0;
    Relaxation relaxation = new Relaxation(clock.casts(), size, cost);
    for (int step = 0; step < STEPS && best < known - 1e-9; step++) {
      double value = relaxation.solve(price);
      if (value > best + 1e-9) {
        best = value;
        since = 0;
      } else if (++since == 8) {
        scale /= 2;
        since = 0;
      }
      int norm = 0;
      for (int j = 0; j < jobs; j++) {
        int off = 1 - relaxation.count[j];
        norm += off * off;
      }
      if (norm == 0) {
        return value;
      }
      double length = scale * Math.max(known - value, 1e-6) / norm;
      for (int j = 0; j < jobs; j++) {
        price[j] += length * (1 - relaxation.count[j]);
      }
    }
    return best;
  }
}
