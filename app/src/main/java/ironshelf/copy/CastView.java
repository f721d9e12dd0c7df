package ironshelf.copy;

import java.time.Instant;

/** A cast as others see it: one use of one copy. */
public record CastView(
    long id,
    long version,
    long copyId,
    String copyCode,
    long mouldId,
    long pourId,
    Instant filledAt) {}
