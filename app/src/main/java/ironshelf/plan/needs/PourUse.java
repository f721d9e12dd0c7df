package ironshelf.plan.needs;

import java.time.LocalDateTime;

/**
 * One cast that will be poured.
 *
 * @param pour which of its product's, from 0
 */
public record PourUse(int castNo, long productId, long colourwayId, int pour, LocalDateTime at) {}
