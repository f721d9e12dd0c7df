package ironshelf.core.recipe.starting;

import ironshelf.core.material.StartingMaterials;
import ironshelf.core.quantity.Findings;
import ironshelf.core.recipe.Basis;
import ironshelf.core.recipe.BatchSum;
import ironshelf.core.recipe.Ingredient;
import ironshelf.core.recipe.Recipe;
import ironshelf.core.recipe.Shade;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * A colour to start with: one pigment at a usual dose, or none.
 *
 * @param code short name in lower case, unique
 * @param pigment code of the shipped material; null for the plain mix
 * @param percentOfCement 0 for the plain mix, up to 10 (ASTM C979)
 * @param waterOffsetPercent dark colours want less water, white wants more (common practice)
 * @param source where the dose comes from
 */
public record StartingColour(
    String code,
    String name,
    @Nullable String pigment,
    double percentOfCement,
    double waterOffsetPercent,
    String source) {

  private static final String UNKNOWN_BINDER = "portland-grey";

  /** Doses that makers start from; each shop tunes its own (common practice; from memory). */
  private static final List<StartingColour> SHIPPED =
      List.of(
          new StartingColour("plain", "Plain", null, 0, 0, "common practice"),
          new StartingColour("white", "White", "titanium-dioxide", 5, 4, "from memory"),
          new StartingColour("black", "Black", "oxide-black", 4, -3, "from memory"),
          new StartingColour("red", "Red", "oxide-red", 4, -1, "from memory"),
          new StartingColour("brown", "Brown", "oxide-brown", 4, -1, "from memory"),
          new StartingColour("yellow", "Yellow", "oxide-yellow", 4, 0, "from memory"),
          new StartingColour("grey", "Grey", "oxide-black", 1, -1, "from memory"),
          new StartingColour("blush", "Blush", "oxide-red", 1, 0, "from memory"),
          new StartingColour("sand", "Sand", "oxide-yellow", 1.5, 0, "from memory"));

  public StartingColour {
    new Findings()
        .text("code", code, 40)
        .text("name", name, 80)
        .within("percentOfCement", percentOfCement, 0, BatchSum.MOST_PIGMENT_PERCENT)
        .within("waterOffsetPercent", waterOffsetPercent, -50, 50)
        .text("source", source, 200)
        .orRefuse();
  }

  public static List<StartingColour> shipped() {
    return SHIPPED;
  }

  public static Optional<StartingColour> find(String code) {
    return SHIPPED.stream().filter(c -> c.code.equals(code)).findFirst();
  }

  /** Returns the mix of a recipe in this colour. */
  public Recipe in(Recipe recipe) {
    return recipe.inColourway(
        pigment == null
            ? List.of()
            : List.of(
                Ingredient.of(
                    StartingMaterials.shipped().find(pigment).orElseThrow(),
                    Basis.PERCENT_OF_BINDER,
                    percentOfCement)),
        waterOffsetPercent);
  }

  /**
   * Returns what it will look like when dry, as {@code #rrggbb}: a guess ({@link Shade}), as if on
   * grey cement where the binder's own look is not known.
   *
   * @param binder code of the recipe's binder
   */
  public String swatchOn(@Nullable String binder) {
    String ground = Shade.known().contains(String.valueOf(binder)) ? binder : UNKNOWN_BINDER;
    List<Shade.Tinted> paste = new ArrayList<>(List.of(new Shade.Tinted(ground, 100)));
    if (pigment != null) {
      paste.add(new Shade.Tinted(pigment, percentOfCement));
    }
    return Shade.of(paste).dry();
  }
}
