package ironshelf.pour.record;

import java.math.BigDecimal;
import java.time.Instant;

/**
 * Mix that came to nothing.
 *
 * @param thrown whether somebody threw it away; else nobody could account for it
 */
public record WasteView(long pourId, boolean thrown, BigDecimal kg, String reason, Instant at) {}
