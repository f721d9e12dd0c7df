package ironshelf.core.pour;

import ironshelf.core.quantity.Finding;
import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.RefusedException;
import ironshelf.core.recipe.BatchRequest;
import ironshelf.core.recipe.BatchResult;
import ironshelf.core.recipe.BatchSum;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/**
 * What to weigh for a pour into several copies, layer by layer, and how it is shared out over
 * batches (docs/method/mixes.md).
 *
 * <p>Each layer is a {@link BatchSum} of its share. The batches are a {@link BatchSplit} of whole
 * copies: no layer of a batch is more than the mixer holds, and when all its layers are mixed, one
 * after the other, enough of the shortest working time is left to fill its copies. Refused: what
 * those refuse. Not promised: that a layer waits for the one on top of it longer than it works.
 *
 * @param layers in the order of the input, each for the whole pour
 * @param pourWithinMin minutes left for filling when a batch's last layer is mixed; null where no
 *     recipe gives a working time
 */
public record PourSum(
    List<BatchResult> layers, List<PourBatch> batches, @Nullable Double pourWithinMin) {

  /**
   * What is mixed for some of the copies.
   *
   * @param parts what each copy takes of it, in litres, all layers together and without waste
   * @param layers the lines of each layer, in the order of the pour's
   */
  public record PourBatch(List<BatchPart> parts, List<List<BatchResult.Line>> layers) {
    public PourBatch {
      parts = List.copyOf(parts);
      layers = List.copyOf(layers);
    }

    public List<String> copies() {
      return parts.stream().map(BatchPart::copy).toList();
    }
  }

  /** What one copy takes of a batch. */
  public record BatchPart(String copy, double litres) {}

  public PourSum {
    layers = List.copyOf(layers);
    batches = List.copyOf(batches);
  }

  public static PourSum of(PourInput input) {
    double litres = input.litres();
    List<BatchResult> layers = input.layers().stream().map(l -> layer(input, l)).toList();
    Double within = pourWithinMin(input, layers);
    double largest =
        input.layers().stream().mapToDouble(PourInput.LayerMix::share).max().orElseThrow();
    double mixed = largest * (1 + input.wastePercent() / 100);
    BatchSplit split =
        BatchSplit.of(
            input.copies().stream()
                .map(c -> new BatchSplit.Load(c.copy(), c.litres() * mixed, c.minutes()))
                .toList(),
            input.mixerL(),
            within,
            input.batches());
    return new PourSum(
        layers,
        split.batches().stream().map(b -> batch(b, layers, litres, mixed)).toList(),
        within);
  }

  private static BatchResult layer(PourInput input, PourInput.LayerMix layer) {
    return BatchSum.of(
        new BatchRequest(
            layer.recipe(),
            input.litres() * layer.share(),
            input.wastePercent(),
            null,
            input.roomC(),
            input.waterC(),
            1,
            0,
            0,
            0,
            input.minutesWanted()));
  }

  /** The first mix to stiffen sets the time; it waits while the others are mixed. */
  private static @Nullable Double pourWithinMin(PourInput input, List<BatchResult> layers) {
    OptionalDouble shortest =
        layers.stream()
            .map(BatchResult::workingMin)
            .filter(Objects::nonNull)
            .mapToDouble(Double::doubleValue)
            .min();
    if (shortest.isEmpty()) {
      return null;
    }
    double mixMinutes = input.mixMinutes() * layers.size();
    double left = shortest.getAsDouble() - mixMinutes;
    double needed =
        input.copies().stream().mapToDouble(BatchSplit.Load::minutes).max().orElseThrow();
    if (!(left > 0)) {
      throw new RefusedException(
          new Finding(
              FindingCode.BATCH_CLOCK_TOO_SHORT,
              "minutesPerPiece",
              Map.of(
                  "value",
                  needed,
                  "mix",
                  mixMinutes,
                  "working",
                  shortest.getAsDouble(),
                  "water",
                  Double.isNaN(input.waterC()) ? input.roomC() : input.waterC())));
    }
    return left;
  }

  private static PourBatch batch(
      BatchSplit.SplitBatch split, List<BatchResult> layers, double litres, double mixed) {
    double share = split.litres() / (litres * mixed);
    return new PourBatch(
        split.parts().stream().map(p -> new BatchPart(p.copy(), p.litres() / mixed)).toList(),
        layers.stream()
            .map(l -> l.lines().stream().map(line -> line.share(share)).toList())
            .toList());
  }
}
