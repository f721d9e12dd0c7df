package ironshelf.plan.needs;

import java.time.LocalDateTime;

/** One cast that will be poured. */
public record PourUse(int castNo, long productId, long colourwayId, LocalDateTime at) {}
