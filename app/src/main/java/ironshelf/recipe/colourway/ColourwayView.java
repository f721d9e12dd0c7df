package ironshelf.recipe.colourway;

import java.util.List;

/**
 * A colourway as others see it; the swatch is {@code #rrggbb}.
 *
 * @param recipeId the first version of the recipe that it colours
 * @param versionNo from 1; each change makes a new one
 * @param waterOffsetPercent how much more water it takes than the recipe's own
 */
public record ColourwayView(
    long id,
    long recipeId,
    int versionNo,
    String name,
    String swatch,
    double waterOffsetPercent,
    List<Dose> doses) {

  /** A pigment and its dose. */
  public record Dose(long materialId, double percentOfBinder) {}
}
