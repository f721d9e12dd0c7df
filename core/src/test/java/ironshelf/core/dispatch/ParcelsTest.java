package ironshelf.core.dispatch;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.google.ortools.Loader;
import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverStatus;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;
import ironshelf.core.dispatch.Packing.ToPack;
import ironshelf.core.dispatch.Parcels.Parcel;
import ironshelf.core.quantity.RefusedException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

@Tag("accuracy")
class ParcelsTest {

  /** Best fit of the heaviest first takes three: 11+6, 6+5+4+4, 4. Two do: 11+5+4, 6+6+4+4. */
  @Test
  void twoDoWhereBestFitTakesThree() {
    Parcels parcels = Parcels.of(packing(20, 0, 1_000, 11, 6, 6, 5, 4, 4, 4));
    assertThat(parcels.parcels()).hasSize(2);
    assertThat(parcels.fewest()).isTrue();
    assertThat(parcels.parcels()).extracting(Parcel::massKg).containsExactly(20.0, 20.0);
  }

  /** No two of these go together, though their mass alone would fit into two parcels. */
  @Test
  void moreThanTheMassAsksForIsProvedToBeTheFewest() {
    Parcels parcels = Parcels.of(packing(20, 0, 1_000, 11, 11, 11));
    assertThat(parcels.parcels()).hasSize(3);
    assertThat(parcels.fewest()).isTrue();
  }

  /** Parcels that were filled to the gram and taken apart: so many, and no more, take it all. */
  @ParameterizedTest
  @ValueSource(longs = {21, 22, 23, 24, 25, 26, 27, 28, 29, 30, 31, 32, 33, 34, 35, 36, 37, 38})
  void fullParcelsThatWereTakenApartAreFoundAgain(long seed) {
    Random random = new Random(seed);
    List<Double> masses = new ArrayList<>();
    for (int parcel = 0; parcel < 4; parcel++) {
      double first = 5 + random.nextInt(5);
      double second = 3 + random.nextInt(5);
      masses.addAll(List.of(first, second, 20 - first - second));
    }
    Collections.shuffle(masses, random);
    Packing packing =
        packing(20, 0, 1_000, masses.stream().mapToDouble(Double::doubleValue).toArray());
    Parcels parcels = Parcels.of(packing);
    assertThat(parcels.parcels()).as("seed %d: %s", seed, masses).hasSize(4);
    assertThat(parcels.fewest()).as("seed %d", seed).isTrue();
    assertThat(parcels.parcels()).extracting(Parcel::massKg).containsOnly(20.0);
    assertThat(parcels.parcels().stream().flatMap(p -> p.pieces().stream()))
        .hasSize(masses.size())
        .doesNotHaveDuplicates();
  }

  /**
   * 23 kg is what one person lifts (NIOSH lifting equation, load constant); a gram more is heavy.
   */
  @Test
  void theLimitOfOnePersonItselfIsNotHeavy() {
    assertThat(Parcels.of(packing(30, 0.5, 1_000, 22.5)).parcels().get(0).heavy()).isFalse();
    assertThat(Parcels.of(packing(30, 0.5, 1_000, 22.501)).parcels().get(0).heavy()).isTrue();
  }

  @Test
  void aPieceThatJustFitsIsTakenAndOneAtTheLimitGoesAlone() {
    assertThat(Parcels.of(packing(20, 1, 1_000, 19)).parcels()).hasSize(1);
    assertThat(Parcels.of(packing(30, 0, 10, 10, 2)).parcels()).hasSize(2);
    assertThat(Parcels.of(packing(30, 0, 10, 9.9, 2)).parcels()).hasSize(1);
  }

  @Test
  void heavyPiecesGoAloneAndAreMarked() {
    Parcels parcels = Parcels.of(packing(30, 0.5, 10, 24, 3, 2));
    assertThat(parcels.parcels()).hasSize(2);
    assertThat(parcels.parcels().get(0)).isEqualTo(new Parcel(List.of("p0"), 24.5, true));
    assertThat(parcels.parcels().get(1).heavy()).isFalse();
  }

  /** By hand: 14 opens one, 11 another; 8 goes where it fits best, and so does the last one. */
  @Test
  void theHeaviestGoFirstAndEachIntoTheFullestThatTakesIt() {
    Parcels parcels = Parcels.of(packing(20, 0, 1_000, 1, 8, 14, 11));
    assertThat(parcels.parcels())
        .extracting(Parcel::pieces)
        .containsExactly(List.of("p2"), List.of("p3", "p1", "p0"));
  }

  /** Of 7.1 kg and more no parcel of 20 kg takes three; by mass alone 23 parcels would do. */
  @Test
  void whatWasNotLookedAtToTheEndIsNotSaidToBeTheFewest() {
    double[] masses = new Random(5).doubles(60, 7.1, 8).toArray();
    Parcels parcels = Parcels.of(packing(20, 0, 1_000, masses));
    assertThat(parcels.parcels()).hasSize(30);
    assertThat(parcels.fewest()).isFalse();
  }

  @Test
  void whatIsTooHeavyIsToldWhatAParcelTakes() {
    assertThatThrownBy(() -> packing(20, 1.5, 1_000, 2, 19))
        .isInstanceOfSatisfying(
            RefusedException.class,
            refused -> {
              assertThat(refused.findings().get(0).field()).isEqualTo("pieces.1.massKg");
              assertThat(refused.findings().get(0).params()).containsEntry("most", 18.5);
            });
  }

  @Test
  void whatNoParcelTakesIsRefused() {
    assertThatThrownBy(() -> packing(20, 1, 1_000, 19.5)).isInstanceOf(RefusedException.class);
    assertThatThrownBy(() -> packing(20, Double.NaN, 1_000, -1))
        .isInstanceOf(RefusedException.class);
    assertThatThrownBy(() -> packing(Double.NaN, 0, 1_000, 1)).isInstanceOf(RefusedException.class);
  }

  /** As few as an exact bin packing (OR-Tools CP-SAT) needs. */
  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15, 16})
  void asFewAsTheExactPacking(long seed) {
    Random random = new Random(seed);
    double[] masses =
        random
            .doubles(9 + random.nextInt(4), 0.8, 12)
            .map(m -> Math.round(m * 10) / 10.0)
            .toArray();
    Packing packing = packing(20, 0.4, 1_000, masses);
    Parcels parcels = Parcels.of(packing);
    assertThat(parcels.fewest()).as("seed %d", seed).isTrue();
    assertThat(parcels.parcels()).as("seed %d", seed).hasSize(exact(packing));
    assertThat(parcels.parcels())
        .allSatisfy(p -> assertThat(p.massKg()).isLessThanOrEqualTo(20.0001));
    assertThat(parcels.parcels().stream().flatMap(p -> p.pieces().stream()))
        .hasSize(masses.length)
        .doesNotHaveDuplicates();
  }

  private static int exact(Packing packing) {
    Loader.loadNativeLibraries();
    CpModel model = new CpModel();
    int n = packing.pieces().size();
    BoolVar[] used = new BoolVar[n];
    List<List<BoolVar>> in = new ArrayList<>();
    for (int i = 0; i < n; i++) {
      in.add(new ArrayList<>());
    }
    for (int p = 0; p < n; p++) {
      used[p] = model.newBoolVar("used" + p);
      LinearExprBuilder load = LinearExpr.newBuilder();
      for (int i = 0; i < n; i++) {
        BoolVar here = model.newBoolVar(i + " in " + p);
        // Parcels are alike: piece i is in one of the first i + 1.
        if (p > i) {
          model.addEquality(here, 0);
        }
        in.get(i).add(here);
        load.addTerm(here, Math.round(packing.pieces().get(i).massKg() * 1_000));
      }
      load.addTerm(used[p], -Math.round((packing.mostKg() - packing.boxKg()) * 1_000));
      model.addLessOrEqual(load.build(), 0);
    }
    in.forEach(i -> model.addExactlyOne(i.toArray(BoolVar[]::new)));
    model.minimize(LinearExpr.sum(used));
    CpSolver solver = new CpSolver();
    solver.getParameters().setMaxTimeInSeconds(30).setNumWorkers(2);
    assertThat(solver.solve(model)).isEqualTo(CpSolverStatus.OPTIMAL);
    return (int) Math.round(solver.objectiveValue());
  }

  private static Packing packing(double most, double box, double alone, double... masses) {
    List<ToPack> pieces = new ArrayList<>();
    for (double mass : masses) {
      pieces.add(new ToPack("p" + pieces.size(), mass));
    }
    return new Packing(pieces, most, box, alone);
  }
}
