package ironshelf.recipe;

import ironshelf.core.material.Role;
import ironshelf.core.material.StartingMaterials;
import ironshelf.core.recipe.starting.StartingColour;
import ironshelf.http.problem.ProblemException;
import ironshelf.material.MaterialService;
import ironshelf.material.MaterialView;
import ironshelf.material.Stock;
import ironshelf.material.StockView;
import ironshelf.recipe.colourway.ColourwayRequest;
import ironshelf.recipe.colourway.ColourwayView;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Colours to start with: from the pigments that the shop has, and from those it can take. */
@Service
@Transactional
public class ColourOffers {

  /** What a shop's own pigment is dosed at until somebody knows better (common practice). */
  private static final double OWN_PERCENT = 4;

  private static final String OWN = "material-";
  private static final String UNKNOWN_SHADE = "#8d8a84";

  private final RecipeService recipes;
  private final MaterialService materials;
  private final Stock stock;

  ColourOffers(RecipeService recipes, MaterialService materials, Stock stock) {
    this.recipes = recipes;
    this.materials = materials;
    this.stock = stock;
  }

  /**
   * A colour that could be made.
   *
   * @param pigment in words; null where there is none in it
   * @param percentOfCement its dose
   * @param inShop whether its pigment is one of the shop's materials
   * @param inRecipe whether the recipe has a colourway of that name already, or for the plain
   *     colour one without pigment
   */
  public record ColourOffer(
      String code,
      String name,
      String swatch,
      @Nullable String pigment,
      double percentOfCement,
      boolean inShop,
      boolean inRecipe) {}

  /**
   * All colours for a recipe.
   *
   * @param recipeId null where it is not taken in yet
   * @param binder code of its binder, for the shade
   */
  @Transactional(readOnly = true)
  public List<ColourOffer> offers(@Nullable Long recipeId, @Nullable String binder) {
    List<ColourwayView> own =
        recipeId == null ? List.of() : recipes.colourwaysOf(recipes.recipe(recipeId).firstId());
    Set<String> names =
        own.stream()
            .map(c -> c.name().toLowerCase(java.util.Locale.ROOT))
            .collect(Collectors.toSet());
    boolean plain = own.stream().anyMatch(c -> c.doses().isEmpty());
    List<MaterialView> shop = stock.all().stream().map(StockView::material).toList();
    List<ColourOffer> offers = new ArrayList<>();
    for (StartingColour colour : StartingColour.shipped()) {
      String code = colour.pigment();
      offers.add(
          new ColourOffer(
              colour.code(),
              colour.name(),
              colour.swatchOn(binder),
              code == null ? null : StartingMaterials.shipped().find(code).orElseThrow().name(),
              colour.percentOfCement(),
              code == null || shop.stream().anyMatch(m -> m.code().equals(code)),
              (code == null && plain)
                  || names.contains(colour.name().toLowerCase(java.util.Locale.ROOT))));
    }
    Set<String> shipped =
        StartingColour.shipped().stream()
            .map(c -> String.valueOf(c.pigment()))
            .collect(Collectors.toSet());
    shop.stream()
        .filter(m -> m.role() == Role.PIGMENT && !shipped.contains(m.code()) && !m.retired())
        .forEach(
            m ->
                offers.add(
                    new ColourOffer(
                        OWN + m.id(),
                        m.name(),
                        UNKNOWN_SHADE,
                        m.name(),
                        OWN_PERCENT,
                        true,
                        names.contains(m.name().toLowerCase(java.util.Locale.ROOT)))));
    return offers;
  }

  /** Adds these colours to a recipe, their pigments with them; those of a known name stay. */
  public List<ColourwayView> take(long recipeId, List<String> codes) {
    long firstId = recipes.recipe(recipeId).firstId();
    String binder = binder(recipeId);
    List<ColourOffer> offers = offers(recipeId, binder);
    List<ColourwayView> taken = new ArrayList<>();
    for (String code : codes) {
      ColourOffer offer =
          offers.stream()
              .filter(o -> o.code().equals(code))
              .findFirst()
              .orElseThrow(() -> ProblemException.unknown("colour", code));
      taken.add(
          recipes.colourwaysOf(firstId).stream()
              .filter(c -> c.name().equalsIgnoreCase(offer.name()))
              .findFirst()
              .orElseGet(() -> recipes.addColourway(firstId, request(offer))));
    }
    return taken;
  }

  private ColourwayRequest request(ColourOffer offer) {
    StartingColour shipped = StartingColour.find(offer.code()).orElse(null);
    @Nullable Long pigment = null;
    if (offer.code().startsWith(OWN)) {
      pigment = Long.valueOf(offer.code().substring(OWN.length()));
    } else if (shipped != null && shipped.pigment() != null) {
      pigment = materials.adoptOnce(shipped.pigment()).id();
    }
    return new ColourwayRequest(
        offer.name(),
        offer.swatch(),
        shipped == null ? 0 : shipped.waterOffsetPercent(),
        pigment == null
            ? List.of()
            : List.of(new ColourwayRequest.DoseRequest(pigment, offer.percentOfCement())));
  }

  /** Code of the first binder of a recipe; null where it has none of the shop's. */
  @Transactional(readOnly = true)
  public @Nullable String binder(long recipeId) {
    return materials.byIds(recipes.mix(recipeId, null).materialIds()).values().stream()
        .filter(m -> m.role() == Role.BINDER)
        .map(MaterialView::code)
        .findFirst()
        .orElse(null);
  }
}
