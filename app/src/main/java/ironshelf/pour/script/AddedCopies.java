package ironshelf.pour.script;

import static java.util.Objects.requireNonNull;

import ironshelf.copy.CopyView;
import ironshelf.core.pour.script.What;
import ironshelf.http.problem.ProblemException;
import ironshelf.material.MaterialService;
import ironshelf.mould.MouldService;
import ironshelf.mould.MouldView;
import ironshelf.pour.Meant;
import ironshelf.pour.SheetKeys;
import ironshelf.product.ProductService;
import ironshelf.product.ProductView;
import ironshelf.recipe.RecipeService;
import ironshelf.recipe.RecipeView;
import ironshelf.recipe.colourway.ColourwayView;
import java.util.Map;
import org.springframework.stereotype.Component;

/**
 * What a pour turns to that its sheet did not name: a copy that is added, another colour, a further
 * material.
 */
@Component
class AddedCopies {

  private final ProductService products;
  private final MouldService moulds;
  private final RecipeService recipes;
  private final MaterialService materials;

  AddedCopies(
      ProductService products,
      MouldService moulds,
      RecipeService recipes,
      MaterialService materials) {
    this.products = products;
    this.moulds = moulds;
    this.recipes = recipes;
    this.materials = materials;
  }

  Meant.MeantCopy copy(What.Added added) {
    String code = requireNonNull(added.copy()).key();
    if (added.product() == null) {
      throw ProblemException.conflict("pour.productMissing", Map.of("copy", code));
    }
    ProductView product = products.product(SheetKeys.id(added.product()));
    MouldView mould = moulds.mould(product.mouldId());
    CopyView copy =
        mould.copies().stream()
            .filter(c -> c.code().equals(code))
            .findFirst()
            .orElseThrow(
                () ->
                    ProblemException.conflict(
                        "copy.wrongMould",
                        Map.of("copy", code, "product", product.name(), "mould", mould.name())));
    Long line = added.line() == null ? null : SheetKeys.id(added.line());
    return new Meant.MeantCopy(code, copy.id(), null, product.id(), line);
  }

  /** A bowl that is split off has a colour of the recipe that is poured. */
  void refuseColour(Meant meant, What.SplitOff split) {
    RecipeView recipe = recipes.recipe(meant.recipeId());
    ColourwayView colour = recipes.colourway(SheetKeys.id(split.colour()));
    if (colour.recipeId() != recipe.firstId()) {
      throw ProblemException.conflict(
          "pour.colourWrong", Map.of("colour", colour.name(), "recipe", recipe.name()));
    }
  }

  /** What is added to a bowl is one of the shop's materials, since its stock is booked. */
  void refuseUnknown(What.PutIn extra) {
    materials.byId(SheetKeys.id(extra.material()));
  }
}
