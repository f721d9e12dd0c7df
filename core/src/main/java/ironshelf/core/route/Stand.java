package ironshelf.core.route;

import org.jspecify.annotations.Nullable;

/**
 * Where a piece is.
 *
 * @param station where it takes up room; null where it takes up none
 */
public record Stand(Board board, @Nullable String station) {}
