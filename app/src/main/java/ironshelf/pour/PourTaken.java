package ironshelf.pour;

import java.math.BigDecimal;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What a pour asked for and what really went in.
 *
 * @param leftKg what was left in the bowl; null where it was not weighed
 * @param fillingMin minutes to fill the copies once it was mixed; null where it is not known
 * @param fills what it filled
 */
public record PourTaken(
    long id,
    long recipeId,
    long colourwayId,
    Instant pouredAt,
    @Nullable BigDecimal leftKg,
    @Nullable Double fillingMin,
    List<Taken> taken,
    List<PourFillView> fills) {

  /** Of one material. */
  public record Taken(long materialId, BigDecimal askedKg, BigDecimal actualKg) {}

  public double filledL() {
    return fills.stream().mapToDouble(PourFillView::litres).sum();
  }
}
