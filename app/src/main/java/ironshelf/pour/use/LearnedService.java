package ironshelf.pour.use;

import static java.util.Objects.requireNonNullElse;

import ironshelf.core.material.Role;
import ironshelf.core.material.Water;
import ironshelf.core.recipe.BatchRequest;
import ironshelf.core.recipe.BatchResult;
import ironshelf.core.recipe.BatchSum;
import ironshelf.core.recipe.Learned;
import ironshelf.material.MaterialService;
import ironshelf.material.MaterialView;
import ironshelf.pour.PourTaken;
import ironshelf.product.ProductService;
import ironshelf.product.ProductView;
import ironshelf.recipe.NewRecipe;
import ironshelf.recipe.RecipeService;
import ironshelf.recipe.RecipeView;
import ironshelf.recipe.colourway.ColourwayVersions;
import ironshelf.recipe.colourway.ColourwayView;
import ironshelf.store.CachedRead;
import ironshelf.store.TableVersions;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Works out what pours teach; keeps nothing, so that nothing has to be undone. */
@Service
@Transactional(readOnly = true)
class LearnedService {

  private final Bowls bowls;
  private final RecipeService recipes;
  private final MaterialService materials;
  private final ProductService products;
  private final LearnedMinutes minutes;
  private final WorkingTimes working;
  private final ColourwayVersions versions;

  /** By the recipe, once it was asked for. */
  private final CachedRead<Map<Long, LearnedView>> learned;

  LearnedService(
      Bowls bowls,
      RecipeService recipes,
      MaterialService materials,
      ProductService products,
      LearnedMinutes minutes,
      WorkingTimes working,
      ColourwayVersions versions,
      TableVersions changes) {
    this.learned = changes.keepBut(ConcurrentHashMap::new, UseService.FREE);
    this.bowls = bowls;
    this.recipes = recipes;
    this.materials = materials;
    this.products = products;
    this.minutes = minutes;
    this.working = working;
    this.versions = versions;
  }

  LearnedView learned(long recipeId) {
    return learned.get().computeIfAbsent(recipeId, this::read);
  }

  private LearnedView read(long recipeId) {
    long firstId = recipes.recipe(recipeId).firstId();
    NewRecipe used = recipes.kept(recipeId);
    Map<Long, ProductView> productsById = products.all();
    Map<Long, MaterialView> byId = materials.all();
    Map<Long, RecipeView> versionsById = recipes.allRecipes();
    List<Bowl> bowlsOfIt =
        bowls.together().stream()
            .filter(b -> versionsById.get(b.taken().recipeId()).firstId() == firstId)
            .toList();
    List<PourTaken> own = bowlsOfIt.stream().map(Bowl::taken).toList();
    Mixes mixes = new Mixes(recipeId, byId);
    Retentions retained = Retentions.of(productsById, bowlsOfIt);
    List<Double> yields = new ArrayList<>();
    List<Double> retentions = new ArrayList<>();
    for (Bowl bowl : bowlsOfIt) {
      PourTaken pour = bowl.taken();
      double wentKg = pour.wentKg().doubleValue();
      double promisedL = mixes.promisedL(pour);
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
      retained.of(bowl, filledKg).ifPresent(retentions::add);
    }
    return new LearnedView(
        used.yieldFactor(),
        Learned.of(used.yieldFactor(), yields),
        used.retention(),
        Learned.of(used.retention(), retentions),
        used.workingMinAt20C(),
        working.learned(firstId, used.workingMinAt20C()),
        water(firstId, own, byId),
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

  /** What a recipe promises of what went into bowls, each of its colourways worked out once. */
  private final class Mixes {

    /** By the material. */
    private record Litres(Map<Long, Double> perKg, double ofOneLitreL) {}

    private final long recipeId;
    private final Map<Long, MaterialView> byId;
    private final Map<Long, Litres> byColourway = new HashMap<>();

    Mixes(long recipeId, Map<Long, MaterialView> byId) {
      this.recipeId = recipeId;
      this.byId = byId;
    }

    /**
     * What the recipe promises of that which went in: air, its yield, and what a bag declares (see
     * {@link BatchSum}), each material as moist as its recipe takes it.
     */
    double promisedL(PourTaken pour) {
      Litres litres = byColourway.computeIfAbsent(pour.colourwayId(), this::litres);
      double wentL = 0;
      for (PourTaken.Taken t : pour.taken()) {
        // What no line of the recipe has was added at the bench.
        double own = 1 / (byId.get(t.materialId()).relativeDensity() * Water.DENSITY_KG_L);
        wentL += t.actualKg().doubleValue() * litres.perKg.getOrDefault(t.materialId(), own);
      }
      return wentL / litres.ofOneLitreL;
    }

    private Litres litres(long colourwayId) {
      RecipeService.Mix mix = recipes.mix(recipeId, colourwayId).weighable();
      List<BatchResult.Line> lines = BatchSum.of(BatchRequest.ofOneLitre(mix.recipe())).lines();
      Map<Long, Double> perKg = new HashMap<>();
      double absoluteL = 0;
      for (int i = 0; i < lines.size(); i++) {
        BatchResult.Line line = lines.get(i);
        absoluteL += line.absoluteL();
        perKg.put(mix.materialIds().get(i), line.absoluteL() / line.massKg());
      }
      return new Litres(perKg, absoluteL);
    }
  }

  private List<LearnedView.LearnedWater> water(
      long firstId, List<PourTaken> own, Map<Long, MaterialView> byId) {
    List<LearnedView.LearnedWater> water = new ArrayList<>();
    Map<List<Number>, ColourwayView> was = new HashMap<>();
    for (ColourwayView colourway : recipes.colourwaysOf(firstId)) {
      List<Double> factors = new ArrayList<>();
      for (PourTaken pour : own) {
        if (pour.colourwayId() != colourway.id()) {
          continue;
        }
        double asked = waterKg(pour, byId, false);
        if (asked > 0 && isWaterMeasured(pour, byId)) {
          double factor = waterKg(pour, byId, true) / asked;
          double offset =
              was.computeIfAbsent(
                      List.of(colourway.id(), requireNonNullElse(pour.colourwayVersion(), 0)),
                      k -> versions.of(colourway.id(), pour.colourwayVersion()))
                  .waterOffsetPercent();
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
}
