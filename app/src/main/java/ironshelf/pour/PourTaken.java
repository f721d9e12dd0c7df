package ironshelf.pour;

import java.math.BigDecimal;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What a pour asked for and what really went in.
 *
 * @param leftKg what was left in the bowl; null where it was not weighed
 */
public record PourTaken(
    long id,
    long productId,
    long recipeId,
    long colourwayId,
    Instant pouredAt,
    @Nullable BigDecimal leftKg,
    List<Taken> taken) {

  /** Of one material. */
  public record Taken(long materialId, BigDecimal askedKg, BigDecimal actualKg) {}
}
