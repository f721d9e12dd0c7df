package ironshelf.pour;

import static java.util.Objects.requireNonNull;

import ironshelf.core.pour.BatchSplit;
import ironshelf.core.pour.PourInput;
import ironshelf.core.pour.PourSum;
import ironshelf.core.pour.TargetReading;
import ironshelf.core.recipe.BatchRequest;
import ironshelf.core.recipe.BatchSum;
import ironshelf.core.recipe.Recipe;
import ironshelf.product.ProductLayer;
import ironshelf.product.Target;
import ironshelf.recipe.RecipeService;
import ironshelf.workshop.WorkshopService;
import ironshelf.workshop.WorkshopView;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** The sums behind a sheet: what each copy takes, and what is weighed for all of them. */
@Component
class SheetSums {

  private final WorkshopService workshop;
  private final RecipeService recipes;

  SheetSums(WorkshopService workshop, RecipeService recipes) {
    this.workshop = workshop;
    this.recipes = recipes;
  }

  /** What is to be weighed for a choice, and what it was worked out from. */
  record Worked(
      WorkshopView shop,
      double roomC,
      double waterC,
      List<RecipeService.Mix> mixes,
      double densityKgM3,
      PourSum sum) {}

  Worked work(PourSheetRequest request, Chosen chosen) {
    WorkshopView shop = workshop.view();
    double roomC = Double.isNaN(request.roomC()) ? shop.roomC() : request.roomC();
    double waterC = Double.isNaN(request.waterC()) ? Math.max(0, roomC) : request.waterC();
    List<RecipeService.Mix> mixes = chosen.session().stream().map(l -> mix(chosen, l)).toList();
    double density = densityKgM3(mixes.get(0).recipe());
    List<BatchSplit.Load> loads = new ArrayList<>();
    for (Chosen.Fill fill : chosen.fills()) {
      double litres = litresEach(chosen, fill, density);
      double minutes = fill.product().minutesPerPiece() * fill.mould().shape().cavities();
      fill.copies().forEach(c -> loads.add(new BatchSplit.Load(c.code(), litres, minutes)));
    }
    PourSum sum =
        PourSum.of(
            new PourInput(
                IntStream.range(0, mixes.size())
                    .mapToObj(i -> new PourInput.LayerMix(mixes.get(i).recipe(), chosen.share(i)))
                    .toList(),
                loads,
                shop.wastePercent(),
                shop.mixerL(),
                roomC,
                waterC,
                chosen.recipe().mixMin(),
                request.minutesWanted(),
                request.mixes()));
    return new Worked(shop, roomC, waterC, mixes, density, sum);
  }

  static double workingMin(PourSum sum) {
    return sum.layers().stream()
        .mapToDouble(l -> requireNonNull(l.workingMin()))
        .min()
        .orElseThrow();
  }

  private RecipeService.Mix mix(Chosen chosen, ProductLayer layer) {
    RecipeService.Mix mix = recipes.mix(chosen.recipe().id(), chosen.colourwayOf(layer));
    return Boolean.TRUE.equals(layer.withoutFibre()) ? mix.withoutFibre() : mix;
  }

  private static double densityKgM3(Recipe recipe) {
    return BatchSum.of(BatchRequest.ofOneLitre(recipe)).freshDensityKgM3();
  }

  /**
   * What one copy takes in this session: all it holds, or what its pieces are to weigh, and never
   * more than it holds.
   */
  static double litresEach(Chosen chosen, Chosen.Fill fill, double densityKgM3) {
    return Math.min(fill.mould().capacityL(), wantedL(chosen, fill, densityKgM3))
        * chosen.sessionShare();
  }

  /** What one copy would take for its pieces to weigh what they are sold by, all layers. */
  static double wantedL(Chosen chosen, Chosen.Fill fill, double densityKgM3) {
    Double freshKg = freshKg(chosen, fill);
    return freshKg == null
        ? fill.mould().capacityL()
        : freshKg * fill.mould().shape().cavities() / densityKgM3 * 1000;
  }

  /** Wet mix of one piece sold by its mass; null where its mass does not matter. */
  static @Nullable Double freshKg(Chosen chosen, Chosen.Fill fill) {
    Target target = fill.product().target();
    return target == null
        ? null
        : TargetReading.of(target.massKg(), 0, target.hardwareKg(), chosen.recipe().retention(), 1)
            .freshKg();
  }
}
