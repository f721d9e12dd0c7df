package ironshelf.pour;

import java.time.Instant;
import java.util.List;

/**
 * A pour in short.
 *
 * @param copies codes of those that were filled
 */
public record PourBrief(
    long id,
    Instant at,
    long recipeId,
    long colourwayId,
    boolean undone,
    List<String> products,
    List<String> copies,
    List<PourView.PouredFor> orders) {}
