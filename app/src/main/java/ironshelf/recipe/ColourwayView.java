package ironshelf.recipe;

/** A colourway as others see it; the swatch is {@code #rrggbb}. */
public record ColourwayView(long id, long recipeId, String name, String swatch) {}
