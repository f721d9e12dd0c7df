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
 * @param asks what only a person can tell; null where the records say it
 */
public record CauseView(
    Cause cause,
    String name,
    Evidence.Verdict verdict,
    @Nullable String fact,
    String change,
    @Nullable FactName asks) {}
