package ironshelf.recipe;

import ironshelf.core.quantity.Findings;
import ironshelf.core.recipe.starting.StartingRecipe;
import ironshelf.core.recipe.starting.StartingRecipes;
import ironshelf.http.SeenVersion;
import ironshelf.recipe.colourway.ColourwayRequest;
import ironshelf.recipe.colourway.ColourwayVersions;
import ironshelf.recipe.colourway.ColourwayView;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
class RecipeController {

  private final RecipeService recipes;
  private final RecipePages pages;
  private final RecipeStarter starter;
  private final ColourOffers colours;
  private final ColourwayVersions versions;

  RecipeController(
      RecipeService recipes,
      RecipePages pages,
      RecipeStarter starter,
      ColourOffers colours,
      ColourwayVersions versions) {
    this.recipes = recipes;
    this.pages = pages;
    this.starter = starter;
    this.colours = colours;
    this.versions = versions;
  }

  @GetMapping("/api/recipes")
  List<RecipePage> recipes() {
    return pages.all();
  }

  @GetMapping("/api/recipes/{id}")
  RecipePage recipe(@PathVariable long id) {
    return pages.page(id);
  }

  @PostMapping("/api/recipes")
  @ResponseStatus(HttpStatus.CREATED)
  RecipePage add(@RequestBody NewRecipe recipe) {
    return pages.page(recipes.add(recipe).id());
  }

  /** If-Match carries the number of the newest version that was seen. */
  @PostMapping("/api/recipes/{id}/versions")
  @ResponseStatus(HttpStatus.CREATED)
  RecipePage addVersion(
      @PathVariable long id, @SeenVersion long seen, @RequestBody NewRecipe recipe) {
    return pages.page(recipes.addVersion(id, (int) seen, recipe).id());
  }

  @PostMapping("/api/recipes/{id}/colourways")
  @ResponseStatus(HttpStatus.CREATED)
  ColourwayView addColourway(@PathVariable long id, @RequestBody ColourwayRequest colourway) {
    return recipes.addColourway(id, colourway);
  }

  /** What a colourway was, version by version. */
  @GetMapping("/api/colourways/{id}/versions")
  List<ColourwayView> colourwayVersions(@PathVariable long id) {
    return versions.all(id);
  }

  @PutMapping("/api/colourways/{id}")
  ColourwayView changeColourway(@PathVariable long id, @RequestBody ColourwayRequest colourway) {
    return recipes.changeColourway(id, colourway);
  }

  /** Colours to start with, made of the pigments that the shop has or can take. */
  @GetMapping("/api/recipes/{id}/colour-offers")
  List<ColourOffers.ColourOffer> colourOffers(@PathVariable long id) {
    return colours.offers(id, colours.binder(id));
  }

  /** Colours by their codes. */
  record ColoursRequest(List<String> codes) {
    ColoursRequest {
      new Findings().list("codes", codes, 40).orRefuse();
    }
  }

  /** Adds several colours in one step, their pigments taken into the shop with them. */
  @PostMapping("/api/recipes/{id}/colours")
  @ResponseStatus(HttpStatus.CREATED)
  List<ColourwayView> takeColours(@PathVariable long id, @RequestBody ColoursRequest wanted) {
    return colours.take(id, wanted.codes());
  }

  @GetMapping("/api/starting-recipes")
  List<StartingRecipe> starting() {
    return StartingRecipes.shipped().all();
  }

  /** Takes a shipped recipe into the shop, with those of its materials that are not there yet. */
  @PostMapping("/api/starting-recipes/{code}")
  @ResponseStatus(HttpStatus.CREATED)
  RecipePage adopt(@PathVariable String code) {
    return pages.page(starter.adopt(code).id());
  }
}
