package ironshelf.recipe;

import ironshelf.core.material.BinderBag;
import ironshelf.core.material.Role;
import ironshelf.core.recipe.BatchRequest;
import ironshelf.core.recipe.BatchResult;
import ironshelf.core.recipe.BatchSum;
import ironshelf.http.problem.Catalogue;
import ironshelf.http.problem.FindingView;
import ironshelf.material.MaterialService;
import ironshelf.material.MaterialView;
import ironshelf.recipe.colourway.ColourwayView;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What follows from a version of a recipe: a litre of it, its cost, its other versions. */
@Service
@Transactional(readOnly = true)
class RecipePages {

  private static final int SCALE = 4;

  private final RecipeService recipes;
  private final MaterialService materials;
  private final Catalogue catalogue;

  RecipePages(RecipeService recipes, MaterialService materials, Catalogue catalogue) {
    this.recipes = recipes;
    this.materials = materials;
    this.catalogue = catalogue;
  }

  /** The newest version of every recipe. */
  List<RecipePage> all() {
    return recipes.allLatest().values().stream().map(r -> page(r.id())).toList();
  }

  RecipePage page(long id) {
    RecipeView recipe = recipes.recipe(id);
    RecipeService.Mix mix = recipes.mix(id, null);
    Map<Long, MaterialView> byId = materials.byIds(mix.materialIds());
    BatchResult litre = litre(mix);
    List<RecipePage.LitreLine> lines = new ArrayList<>();
    List<String> lackPrice = new ArrayList<>();
    BigDecimal cost = BigDecimal.ZERO;
    for (int i = 0; i < litre.lines().size(); i++) {
      BatchResult.Line line = litre.lines().get(i);
      MaterialView material = byId.get(mix.materialIds().get(i));
      BigDecimal perKg = material.role() == Role.WATER ? BigDecimal.ZERO : material.pricePerKg();
      BigDecimal own =
          perKg == null
              ? null
              : perKg
                  .multiply(BigDecimal.valueOf(line.massKg()))
                  .setScale(SCALE, RoundingMode.HALF_UP);
      if (own == null) {
        lackPrice.add(material.name());
      } else {
        cost = cost.add(own);
      }
      lines.add(
          new RecipePage.LitreLine(
              material.id(), material.name(), line.massKg(), line.scoopL(), own));
    }
    BinderBag bag =
        mix.materialIds().stream()
            .map(byId::get)
            .map(MaterialView::bag)
            .filter(Objects::nonNull)
            .findFirst()
            .orElse(null);
    List<ColourwayView> colourways = recipes.colourwaysOf(recipe.firstId());
    List<RecipeView> versions = recipes.versions(recipe.firstId());
    return new RecipePage(
        recipe,
        versions.get(0).id() == id,
        recipes.kept(id),
        List.copyOf(lines),
        litre.freshDensityKgM3(),
        litre.dryKgM3(),
        litre.waterBinderRatio(),
        lackPrice.isEmpty() ? cost : null,
        List.copyOf(lackPrice),
        colourways,
        colourways.stream().map(c -> dosing(id, c, bag)).toList(),
        versions.stream().map(v -> new RecipePage.RecipeVersion(v.id(), v.versionNo())).toList(),
        warnings(mix, litre));
  }

  private RecipePage.Dosing dosing(long id, ColourwayView colourway, @Nullable BinderBag bag) {
    List<Long> pigments = colourway.doses().stream().map(ColourwayView.Dose::materialId).toList();
    Map<Long, MaterialView> byId = materials.byIds(pigments);
    List<@Nullable Double> spoons = new ArrayList<>();
    for (ColourwayView.Dose dose : colourway.doses()) {
      Double spoonG = byId.get(dose.materialId()).spoonG();
      spoons.add(bag == null || spoonG == null ? null : bag.spoons(dose.percentOfBinder(), spoonG));
    }
    RecipeService.Mix mix = recipes.mix(id, colourway.id());
    BatchResult litre = litre(mix);
    return new RecipePage.Dosing(
        litre.pigmentPercentOfBinder(), Collections.unmodifiableList(spoons), warnings(mix, litre));
  }

  private static BatchResult litre(RecipeService.Mix mix) {
    return BatchSum.of(BatchRequest.ofOneLitre(mix.weighable().recipe()));
  }

  /** What to mind of a mix; first of all why it cannot be weighed out today. */
  private List<FindingView> warnings(RecipeService.Mix mix, BatchResult litre) {
    return catalogue.views(
        Stream.concat(mix.recipe().tooWet().stream(), litre.warnings().stream()).toList());
  }
}
