package ironshelf.pour;

import java.time.Instant;

/** That a whole pour was taken back. */
public record PourUndone(long pour, Instant at) {}
