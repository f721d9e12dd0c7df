package ironshelf.copy;

import java.math.BigDecimal;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What is known of one copy: its latest casts with what came of them, each change of condition.
 *
 * @param castsHere how many casts of it there are, of which the latest are told
 */
public record CopyHistory(
    CopyView copy, long mouldId, long castsHere, List<HistoryCast> casts, List<Mark> marks) {

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
  public record Mark(CopyCondition condition, String reason, Instant at, @Nullable String who) {}
}
