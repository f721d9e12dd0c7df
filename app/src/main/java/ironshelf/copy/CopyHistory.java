package ironshelf.copy;

import java.math.BigDecimal;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Everything that is known of one copy: each cast with what came of it, each change of condition.
 */
public record CopyHistory(CopyView copy, long mouldId, List<HistoryCast> casts, List<Mark> marks) {

  /**
   * One cast, newest first.
   *
   * @param earlyReason why it came out before its time; null where it did not
   */
  public record HistoryCast(
      long castId,
      long pourId,
      Instant filledAt,
      @Nullable Instant emptiedAt,
      @Nullable String earlyReason,
      List<HistoryPiece> pieces) {}

  /** What came of a cavity. */
  public record HistoryPiece(
      long pieceId, @Nullable BigDecimal massKg, @Nullable String scrapReason) {}

  /** A change of condition. */
  public record Mark(CopyCondition condition, String reason, Instant at) {}
}
