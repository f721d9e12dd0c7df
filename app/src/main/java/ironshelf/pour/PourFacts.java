package ironshelf.pour;

import java.time.Instant;

/** What others need to know of a pour to tell when its castings come out. */
public record PourFacts(
    long id, long productId, long recipeId, long colourwayId, Instant pouredAt, double roomC) {}
