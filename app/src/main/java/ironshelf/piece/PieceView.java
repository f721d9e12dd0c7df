package ironshelf.piece;

import java.math.BigDecimal;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * A piece as others see it.
 *
 * @param demouldedAt null while it is in its mould
 * @param readyAt when its route ended; null while it goes on
 * @param ageAtOutH equivalent age when it came out of its mould; null before, and of pieces of
 *     before ages were kept
 * @param ageAtReadyH the same when its route ended
 * @param massKg the last time that it was weighed
 * @param weighedWith of how many weighed together it is a share; null where it was alone
 * @param grade null before it was inspected
 * @param scrapReason null unless it is scrap
 * @param joinedInto the piece that it is a part of; null where it is none
 */
public record PieceView(
    long id,
    long castId,
    long pourId,
    long productId,
    long colourwayId,
    long routeId,
    @Nullable Instant demouldedAt,
    @Nullable Instant readyAt,
    @Nullable Double ageAtOutH,
    @Nullable Double ageAtReadyH,
    @Nullable BigDecimal massKg,
    @Nullable Integer weighedWith,
    @Nullable Grade grade,
    @Nullable String scrapReason,
    @Nullable Instant sentAt,
    @Nullable Long joinedInto) {

  /** The same as an earlier cast had it. */
  PieceView in(EarlierCast earlier) {
    return new PieceView(
        id,
        earlier.castId(),
        pourId,
        productId,
        colourwayId,
        routeId,
        earlier.demouldedAt(),
        readyAt,
        earlier.ageAtOutH(),
        ageAtReadyH,
        massKg,
        weighedWith,
        grade,
        scrapReason,
        sentAt,
        joinedInto);
  }

  public boolean isScrap() {
    return scrapReason != null;
  }
}
