package ironshelf.piece;

import java.time.Instant;

/** Pieces of one pour that came out at one moment, scrap not counted. */
public record OutOfMould(
    long pourId, long productId, long colourwayId, Instant demouldedAt, long count) {}
