package ironshelf.mould;

import org.jspecify.annotations.Nullable;

/**
 * A copy as others see it.
 *
 * @param casts finished ones, those from before it was kept here included
 * @param held the cast that it is holding; null when it is free
 */
public record CopyView(
    long id,
    String code,
    long version,
    CopyCondition condition,
    long casts,
    @Nullable CastView held) {}
