package ironshelf.piece;

import java.math.BigDecimal;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * A piece as others see it.
 *
 * @param demouldedAt null while it is in its mould
 * @param scrapReason null unless it is scrap
 */
public record PieceView(
    long id,
    long castId,
    long pourId,
    long productId,
    long colourwayId,
    @Nullable Instant demouldedAt,
    @Nullable BigDecimal massKg,
    @Nullable String scrapReason) {

  public boolean isScrap() {
    return scrapReason != null;
  }
}
