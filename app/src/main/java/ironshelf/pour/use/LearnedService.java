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
import java.util.HashMap;
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
      double wentKg = pour.wentKg().doubleValue();
      double promisedL = promisedL(pour, recipeId);
      double filledL = pour.filledL();
      if (pour.measured() && pour.leftKg() != null && filledL > 0) {
        double filledKg = wentKg - pour.leftKg().doubleValue() - pour.thrownKg().doubleValue();
        // What was left has the density of what was filled.
        double yieldL = filledL * wentKg / filledKg;
        yields.add(yieldL / promisedL * used.yieldFactor());
      }
      OptionalDouble filledKg =
          pour.measured()
              ? OptionalDouble.of(wentKg * filledL / promisedL)
              : OptionalDouble.empty();
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
   * What the recipe promises of that which went in: air, its yield, and what a bag declares (see
   * {@link BatchSum}), each material as moist as its recipe takes it.
   */
  private double promisedL(PourTaken pour, long recipeId) {
    RecipeService.Mix mix = recipes.mix(recipeId, pour.colourwayId());
    List<BatchResult.Line> lines = BatchSum.of(BatchRequest.ofOneLitre(mix.recipe())).lines();
    Map<Long, Double> litresPerKg = new HashMap<>();
    double absoluteL = 0;
    for (int i = 0; i < lines.size(); i++) {
      BatchResult.Line line = lines.get(i);
      absoluteL += line.absoluteL();
      litresPerKg.put(mix.materialIds().get(i), line.absoluteL() / line.massKg());
    }
    Map<Long, MaterialView> byId = materials.byIds(ids(pour));
    double wentL = 0;
    for (PourTaken.Taken t : pour.taken()) {
      // What no line of the recipe has was added at the bench.
      double own = 1 / (byId.get(t.materialId()).relativeDensity() * Water.DENSITY_KG_L);
      wentL += t.actualKg().doubleValue() * litresPerKg.getOrDefault(t.materialId(), own);
    }
    return wentL / absoluteL;
  }

  private List<LearnedView.LearnedWater> water(long firstId, List<PourTaken> own) {
    List<LearnedView.LearnedWater> water = new ArrayList<>();
    for (ColourwayView colourway : recipes.colourwaysOf(firstId)) {
      List<Double> factors = new ArrayList<>();
      for (PourTaken pour : own) {
        if (pour.colourwayId() != colourway.id()) {
          continue;
        }
        Map<Long, MaterialView> byId = materials.byIds(ids(pour));
        double asked = waterKg(pour, byId, false);
        if (asked > 0 && isWaterMeasured(pour, byId)) {
          double factor = waterKg(pour, byId, true) / asked;
          double offset = versions.of(colourway.id(), pour.colourwayVersion()).waterOffsetPercent();
          factors.add((1 + offset / 100) * factor);
        }
      }
      water.add(
          new LearnedView.LearnedWater(
              colourway.id(),
              colourway.name(),
              colourway.waterOffsetPercent(),
              offset(Learned.of(1 + colourway.waterOffsetPercent() / 100, factors))));
    }
    return List.copyOf(water);
  }

  private static Learned offset(Learned factor) {
    return new Learned((factor.value() - 1) * 100, factor.count(), factor.heldOut());
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
}
