package ironshelf.pour.use;

import static java.util.stream.Collectors.groupingBy;

import ironshelf.core.material.Role;
import ironshelf.core.material.Water;
import ironshelf.core.recipe.BatchRequest;
import ironshelf.core.recipe.BatchResult;
import ironshelf.core.recipe.BatchSum;
import ironshelf.core.recipe.Learned;
import ironshelf.material.MaterialService;
import ironshelf.material.MaterialView;
import ironshelf.piece.PieceService;
import ironshelf.piece.PieceView;
import ironshelf.pour.PourReader;
import ironshelf.pour.PourTaken;
import ironshelf.product.ProductService;
import ironshelf.product.ProductView;
import ironshelf.recipe.ColourwayVersions;
import ironshelf.recipe.ColourwayView;
import ironshelf.recipe.NewRecipe;
import ironshelf.recipe.RecipeService;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Works out what pours teach; keeps nothing, so that nothing has to be undone. */
@Service
@Transactional(readOnly = true)
class LearnedService {

  private final PourReader pours;
  private final RecipeService recipes;
  private final MaterialService materials;
  private final ProductService products;
  private final LearnedMinutes minutes;
  private final PieceService pieces;
  private final WorkingTimes working;
  private final ColourwayVersions versions;

  LearnedService(
      PourReader pours,
      RecipeService recipes,
      MaterialService materials,
      ProductService products,
      LearnedMinutes minutes,
      PieceService pieces,
      WorkingTimes working,
      ColourwayVersions versions) {
    this.pours = pours;
    this.recipes = recipes;
    this.materials = materials;
    this.products = products;
    this.minutes = minutes;
    this.pieces = pieces;
    this.working = working;
    this.versions = versions;
  }

  LearnedView learned(long recipeId) {
    long firstId = recipes.recipe(recipeId).firstId();
    NewRecipe used = recipes.kept(recipeId);
    Map<Long, ProductView> productsById = products.all();
    List<PourTaken> own =
        pours.takenTogether().stream()
            .filter(p -> recipes.recipe(p.recipeId()).firstId() == firstId)
            .toList();
    Retentions retained =
        new Retentions(
            productsById,
            pieces.ofPours(own.stream().map(PourTaken::sessionId).toList()).stream()
                .collect(groupingBy(PieceView::castId)));
    List<Double> yields = new ArrayList<>();
    List<Double> retentions = new ArrayList<>();
    for (PourTaken pour : own) {
      Mass mass = Mass.of(pour, materials.byIds(ids(pour)));
      double filledL = pour.filledL();
      if (pour.measured() && pour.leftKg() != null && filledL > 0) {
        double promisedL = mass.absoluteL * swell(recipeId, pour);
        double filledKg = mass.kg - pour.leftKg().doubleValue() - pour.thrownKg().doubleValue();
        // What was left has the density of what was filled.
        double yieldL = filledL * mass.kg / filledKg;
        yields.add(yieldL / promisedL * used.yieldFactor());
      }
      double mixedL = mass.absoluteL * swell(recipeId, pour);
      OptionalDouble filledKg =
          pour.measured() ? OptionalDouble.of(mass.kg * filledL / mixedL) : OptionalDouble.empty();
      retained.of(pour, own, filledKg).ifPresent(retentions::add);
    }
    return new LearnedView(
        used.yieldFactor(),
        Learned.of(used.yieldFactor(), yields),
        used.retention(),
        Learned.of(used.retention(), retentions),
        used.workingMinAt20C(),
        working.learned(firstId, used.workingMinAt20C()),
        water(firstId, own),
        minutes(own, productsById));
  }

  private List<LearnedView.LearnedMinutes> minutes(
      List<PourTaken> own, Map<Long, ProductView> productsById) {
    return minutes.of(own, productsById).entrySet().stream()
        .map(
            e -> {
              ProductView product = productsById.get(e.getKey());
              return new LearnedView.LearnedMinutes(
                  product.id(), product.name(), product.minutesPerPiece(), e.getValue());
            })
        .toList();
  }

  /**
   * What the recipe promises of the grains' and the water's own volume: air, its yield, and what a
   * bag declares (see BatchSum).
   */
  private double swell(long recipeId, PourTaken pour) {
    BatchResult litre =
        BatchSum.of(BatchRequest.ofOneLitre(recipes.mix(recipeId, pour.colourwayId()).recipe()));
    return 1 / litre.lines().stream().mapToDouble(BatchResult.Line::absoluteL).sum();
  }

  private List<LearnedView.LearnedWater> water(long firstId, List<PourTaken> own) {
    List<LearnedView.LearnedWater> water = new ArrayList<>();
    for (ColourwayView colourway : recipes.colourwaysOf(firstId)) {
      List<Double> offsets = new ArrayList<>();
      for (PourTaken pour : own) {
        if (pour.colourwayId() != colourway.id()) {
          continue;
        }
        Map<Long, MaterialView> byId = materials.byIds(ids(pour));
        double asked = waterKg(pour, byId, false);
        if (asked > 0 && isWaterMeasured(pour, byId)) {
          double factor = waterKg(pour, byId, true) / asked;
          double offset = versions.of(colourway.id(), pour.colourwayVersion()).waterOffsetPercent();
          offsets.add(((1 + offset / 100) * factor - 1) * 100);
        }
      }
      water.add(
          new LearnedView.LearnedWater(
              colourway.id(),
              colourway.name(),
              colourway.waterOffsetPercent(),
              Learned.of(colourway.waterOffsetPercent(), offsets)));
    }
    return List.copyOf(water);
  }

  private static boolean isWaterMeasured(PourTaken pour, Map<Long, MaterialView> byId) {
    return pour.taken().stream()
        .filter(t -> byId.get(t.materialId()).role() == Role.WATER)
        .allMatch(PourTaken.Taken::measured);
  }

  private static double waterKg(PourTaken pour, Map<Long, MaterialView> byId, boolean actual) {
    return pour.taken().stream()
        .filter(t -> byId.get(t.materialId()).role() == Role.WATER)
        .mapToDouble(t -> (actual ? t.actualKg() : t.askedKg()).doubleValue())
        .sum();
  }

  private static List<Long> ids(PourTaken pour) {
    return pour.taken().stream().map(PourTaken.Taken::materialId).toList();
  }

  /** What really went in, and the volume of its grains and water. */
  private record Mass(double kg, double absoluteL) {
    static Mass of(PourTaken pour, Map<Long, MaterialView> byId) {
      double kg = 0;
      double litres = 0;
      for (PourTaken.Taken t : pour.taken()) {
        double mass = t.actualKg().doubleValue();
        kg += mass;
        litres += mass / (byId.get(t.materialId()).relativeDensity() * Water.DENSITY_KG_L);
      }
      return new Mass(kg, litres);
    }
  }
}
