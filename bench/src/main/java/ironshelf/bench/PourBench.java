package ironshelf.bench;

import ironshelf.core.material.Role;
import ironshelf.core.pour.BatchSplit;
import ironshelf.core.pour.Leftover;
import ironshelf.core.pour.PourInput;
import ironshelf.core.pour.PourSum;
import ironshelf.core.recipe.Basis;
import ironshelf.core.recipe.Ingredient;
import ironshelf.core.recipe.Recipe;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** A pour over copies of several moulds in two layers, and where its left-over goes. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
public class PourBench {

  private static final int KINDS = 50;

  @Param({"6", "60", "500"})
  int copies;

  private PourInput input;
  private List<Leftover.Filler> fillers;

  @Setup
  public void prepare() {
    Recipe neat =
        new Recipe(
            List.of(
                Ingredient.of("cement", Role.BINDER, Basis.PARTS_BY_VOLUME, 4, 2.98, 1250.0),
                Ingredient.of("water", Role.WATER, Basis.PARTS_BY_VOLUME, 1, 1, null),
                Ingredient.of("oxide", Role.PIGMENT, Basis.PERCENT_OF_BINDER, 3, 4.6, 800.0)),
            2,
            1,
            60.0,
            null);
    input =
        new PourInput(
            List.of(new PourInput.LayerMix(neat, 0.6), new PourInput.LayerMix(neat, 0.4)),
            IntStream.range(0, copies)
                .mapToObj(i -> new BatchSplit.Load("c" + i, 0.2 + 0.1 * (i % 17), 1))
                .toList(),
            8,
            12.0,
            20,
            15,
            3,
            null,
            null);
    fillers =
        IntStream.range(0, KINDS)
            .mapToObj(i -> new Leftover.Filler("m" + i, 0.05 + 0.013 * i, 3, 1 + i % 7))
            .toList();
  }

  @Benchmark
  public PourSum sum() {
    return PourSum.of(input);
  }

  @Benchmark
  public Leftover leftover() {
    return Leftover.of(2.4, fillers);
  }
}
