package ironshelf.bench;

import ironshelf.core.material.Role;
import ironshelf.core.recipe.Basis;
import ironshelf.core.recipe.BatchRequest;
import ironshelf.core.recipe.BatchResult;
import ironshelf.core.recipe.BatchSum;
import ironshelf.core.recipe.Ingredient;
import ironshelf.core.recipe.Recipe;
import java.util.List;
import java.util.concurrent.TimeUnit;
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

/** The batch sum for one piece and for many, which are split into batches of six. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 3, time = 1)
@Fork(1)
public class BatchSumBench {

  @Param({"1", "60", "600"})
  public int pieces;

  private BatchRequest request;

  @Setup
  public void setUp() {
    Recipe recipe =
        new Recipe(
            List.of(
                Ingredient.of("cement", Role.BINDER, Basis.PARTS_BY_VOLUME, 4, 2.98, 1250.0),
                Ingredient.of("water", Role.WATER, Basis.PARTS_BY_VOLUME, 1, 1, null),
                Ingredient.of("black", Role.PIGMENT, Basis.PERCENT_OF_BINDER, 4, 4.6, null)),
            2,
            1,
            15.0,
            null);
    request = new BatchRequest(recipe, 0.96 * pieces, 8, 10.0, 20, 15, pieces, 2, 3);
  }

  @Benchmark
  public BatchResult batch() {
    return BatchSum.of(request);
  }
}
