package ironshelf.inspect;

import ironshelf.core.piece.cause.Cause;
import ironshelf.core.piece.cause.Evidence;
import ironshelf.core.piece.cause.FactName;
import org.jspecify.annotations.Nullable;

/**
 * A likely cause as others see it.
 *
 * @param name in words
 * @param fact that bears on it, in words; null where none is known
 * @param change what to do differently
 * @param part whose fact it is, where it is that of a piece that was joined into this one
 * @param asks what only a person can tell; null where the records say it
 */
public record CauseView(
    Cause cause,
    String name,
    Evidence.Verdict verdict,
    @Nullable String fact,
    String change,
    @Nullable PartOf part,
    @Nullable FactName asks) {

  /** A piece that was joined into another. */
  public record PartOf(long pieceId, String product) {}
}
