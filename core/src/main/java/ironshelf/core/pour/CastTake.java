package ironshelf.core.pour;

import ironshelf.core.quantity.Findings;
import ironshelf.core.recipe.BatchRequest;
import ironshelf.core.recipe.BatchResult;
import ironshelf.core.recipe.BatchSum;
import java.util.List;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * What one cast takes of its mixes: the one sum that a pour sheet, the needs, the plan and the cost
 * of a piece are worked out from.
 *
 * <p>A piece that is sold by its mass takes the wet mix that dries to it ({@link TargetReading}),
 * at the mean density of its layers by their shares; every other takes what its mould holds. A
 * layer's share is of what the mould holds, so that shares over 1 together are a mould filled
 * again: two heads have 1 each, a relief on a body 0.2 more. Not promised: that a wanted mass fits;
 * {@code litres} is never more than the mould holds each time, {@code wantedL} may be.
 *
 * @param wantedL for the pieces to weigh what they are sold by, all cavities and layers, without
 *     waste
 * @param litres that go in, all cavities and layers, without waste
 * @param densityKgM3 of all layers together, fresh
 * @param layers what is weighed for each, waste included, in the order of pouring
 */
public record CastTake(
    double wantedL, double litres, double densityKgM3, List<BatchResult> layers) {

  /**
   * A piece that is sold by its mass.
   *
   * @param targetKg dry, hardware included
   * @param hardwareKg under the target
   * @param retention dry over fresh, 0.5 to 1
   */
  public record Sold(double targetKg, double hardwareKg, double retention) {

    /** Returns the wet mix of one piece, in kg. */
    double freshKg() {
      return TargetReading.of(targetKg, 0, hardwareKg, retention, 1).freshKg();
    }
  }

  public CastTake {
    layers = List.copyOf(layers);
  }

  /**
   * @param capacityL of the whole mould, over 0 and up to 5 000
   * @param cavities 1 to 500
   * @param layers all of the product's, 1 to 6
   * @param sold null where its mass does not matter
   * @param wastePercent 0 to 100
   */
  public static CastTake of(
      double capacityL,
      int cavities,
      List<PourInput.LayerMix> layers,
      @Nullable Sold sold,
      double wastePercent) {
    new Findings()
        .above("capacityL", capacityL, 0, 5_000)
        .within("cavities", cavities, 1, 500)
        .list("layers", layers, 6)
        .orRefuse();
    double density = densityKgM3(layers);
    double shares = layers.stream().mapToDouble(PourInput.LayerMix::share).sum();
    double mostL = capacityL * Math.max(1, shares);
    double wanted = sold == null ? mostL : sold.freshKg() * cavities / density * 1000;
    double litres = Math.min(mostL, wanted);
    return new CastTake(
        wanted,
        litres,
        density,
        layers.stream()
            .map(
                l ->
                    BatchSum.of(
                        BatchRequest.ofLitres(
                            l.recipe(), litres * l.share() / shares, wastePercent)))
            .toList());
  }

  private static double densityKgM3(List<PourInput.LayerMix> layers) {
    double[] densities =
        layers.stream()
            .mapToDouble(l -> BatchSum.of(BatchRequest.ofOneLitre(l.recipe())).freshDensityKgM3())
            .toArray();
    double shares = layers.stream().mapToDouble(PourInput.LayerMix::share).sum();
    return IntStream.range(0, densities.length)
            .mapToDouble(i -> layers.get(i).share() * densities[i])
            .sum()
        / shares;
  }
}
