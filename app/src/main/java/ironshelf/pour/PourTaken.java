package ironshelf.pour;

import java.math.BigDecimal;
import java.time.Instant;
import java.util.List;

/** What a pour asked for and what really went in, with how many pieces it made. */
public record PourTaken(
    long id, long productId, long recipeId, long colourwayId, Instant pouredAt, List<Taken> taken) {

  /** Of one material. */
  public record Taken(long materialId, BigDecimal askedKg, BigDecimal actualKg) {}
}
