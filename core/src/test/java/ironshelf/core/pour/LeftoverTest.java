package ironshelf.core.pour;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import com.google.ortools.Loader;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.LinearExpr;
import ironshelf.core.pour.Leftover.Fill;
import ironshelf.core.pour.Leftover.Filler;
import ironshelf.core.quantity.RefusedException;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

@Tag("accuracy")
class LeftoverTest {

  private static final long SEED = 8_128;

  @Test
  void mostWorthThenLeastWaste() {
    Leftover left =
        Leftover.of(
            1.0,
            List.of(
                new Filler("soap tray", 0.4, 5, 4),
                new Filler("coaster", 0.25, 2, 2.5),
                new Filler("knob", 0.1, 3, 1)));
    // 10 of worth either way; two trays and two knobs use the whole kilogram, as do other mixes.
    assertThat(left.usedKg()).isCloseTo(1.0, within(1e-9));
    assertThat(left.wastedKg()).isCloseTo(0, within(1e-9));
    Leftover tie =
        Leftover.of(0.5, List.of(new Filler("light", 0.3, 1, 5), new Filler("heavy", 0.45, 1, 5)));
    assertThat(tie.fill()).containsExactly(new Fill("heavy", 1));
    assertThat(Leftover.of(0.2, List.of(new Filler("tray", 0.4, 5, 4))).fill()).isEmpty();
    assertThat(Leftover.of(2, List.of()).wastedKg()).isEqualTo(2);
  }

  @Test
  void nonsenseIsRefused() {
    assertThatThrownBy(() -> Leftover.of(Double.NaN, List.of()))
        .isInstanceOf(RefusedException.class);
    assertThatThrownBy(() -> new Filler("", -1, -1, Double.NaN))
        .isInstanceOf(RefusedException.class);
  }

  /** Every way of filling, tried one by one. */
  @Test
  void againstBruteForce() {
    Random random = new Random(SEED);
    for (int n = 0; n < 200; n++) {
      List<Filler> fillers = fillers(random, 4, 3);
      double leftKg = random.nextInt(2_500) / 1000.0;
      double[] best = brute(fillers, 0, leftKg);
      Leftover ours = Leftover.of(leftKg, fillers);
      assertThat(worth(ours, fillers)).as("seed %s, %s", SEED, n).isCloseTo(best[0], within(1e-9));
      assertThat(ours.usedKg()).as("seed %s, %s", SEED, n).isCloseTo(best[1], within(1e-9));
      assertThat(ours.usedKg()).isLessThanOrEqualTo(leftKg + 1e-9);
    }
  }

  /** Fifty kinds, against an exact constraint solver (OR-Tools CP-SAT). */
  @Test
  void againstAnExactSolver() {
    Loader.loadNativeLibraries();
    Random random = new Random(SEED);
    for (int n = 0; n < 20; n++) {
      List<Filler> fillers = fillers(random, 50, 20);
      double leftKg = 1 + random.nextInt(9_000) / 1000.0;
      CpModel model = new CpModel();
      List<IntVar> counts = new ArrayList<>();
      for (Filler f : fillers) {
        counts.add(model.newIntVar(0, f.free(), f.mould()));
      }
      IntVar[] vars = counts.toArray(IntVar[]::new);
      model.addLessOrEqual(
          LinearExpr.weightedSum(
              vars, fillers.stream().mapToLong(f -> Math.round(f.massKg() * 1000)).toArray()),
          Math.round(leftKg * 1000));
      model.maximize(
          LinearExpr.weightedSum(
              vars, fillers.stream().mapToLong(f -> Math.round(f.worth())).toArray()));
      CpSolver solver = new CpSolver();
      solver.getParameters().setNumWorkers(2).setMaxTimeInSeconds(20);
      solver.solve(model);
      assertThat(worth(Leftover.of(leftKg, fillers), fillers))
          .as("seed %s, %s", SEED, n)
          .isCloseTo(solver.objectiveValue(), within(1e-6));
    }
  }

  private static List<Filler> fillers(Random random, int kinds, int copies) {
    List<Filler> fillers = new ArrayList<>();
    for (int i = 0; i < kinds; i++) {
      fillers.add(
          new Filler(
              "mould " + i,
              (50 + random.nextInt(900)) / 1000.0,
              random.nextInt(copies + 1),
              1 + random.nextInt(40)));
    }
    return fillers;
  }

  private static double worth(Leftover left, List<Filler> fillers) {
    return left.fill().stream()
        .mapToDouble(
            f ->
                f.count()
                    * fillers.stream()
                        .filter(x -> x.mould().equals(f.mould()))
                        .findFirst()
                        .orElseThrow()
                        .worth())
        .sum();
  }

  /** Worth and mass of the best filling from one filler on. */
  private static double[] brute(List<Filler> fillers, int from, double left) {
    if (from == fillers.size()) {
      return new double[] {0, 0};
    }
    Filler filler = fillers.get(from);
    double[] best = {0, 0};
    for (int count = 0; count <= filler.free(); count++) {
      double mass = count * filler.massKg();
      if (mass > left + 1e-9) {
        break;
      }
      double[] rest = brute(fillers, from + 1, left - mass);
      double worth = rest[0] + count * filler.worth();
      double used = rest[1] + mass;
      if (worth > best[0] + 1e-9 || (Math.abs(worth - best[0]) <= 1e-9 && used > best[1])) {
        best = new double[] {worth, used};
      }
    }
    return best;
  }
}
