package ironshelf.pour.record;

import ironshelf.core.cure.Stay;
import java.time.Instant;
import java.util.List;

/**
 * What others need to know of what is in a cast to tell when it comes out.
 *
 * @param sessionId the first pour of the session that put the last layer in
 * @param pouredAt the last layer
 * @param stays where it stood since then, in order
 */
public record PourFacts(
    long castId,
    long sessionId,
    long productId,
    long recipeId,
    long colourwayId,
    Instant pouredAt,
    double roomC,
    List<Stay> stays) {}
