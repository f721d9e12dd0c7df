package ironshelf.pour.sheet;

import static java.util.Objects.requireNonNull;

import ironshelf.core.pour.BatchSplit;
import ironshelf.core.pour.CastTake;
import ironshelf.core.pour.PourInput;
import ironshelf.core.pour.PourSum;
import ironshelf.product.ProductLayer;
import ironshelf.product.Target;
import ironshelf.recipe.RecipeService;
import ironshelf.workshop.WorkshopService;
import ironshelf.workshop.WorkshopView;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
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

  /**
   * What is to be weighed for a choice, and what it was worked out from.
   *
   * @param fills what one cast of each takes in this session
   */
  record Worked(
      WorkshopView shop,
      double roomC,
      double waterC,
      List<RecipeService.Mix> mixes,
      List<WorkedFill> fills,
      PourSum sum) {

    int pieces() {
      return fills.stream()
          .mapToInt(f -> f.fill.copies().size() * f.fill.mould().shape().cavities())
          .sum();
    }

    double filledL() {
      return fills.stream().mapToDouble(f -> f.fill.copies().size() * f.litres()).sum();
    }
  }

  /**
   * A product's copies and what each takes.
   *
   * @param whole of all its layers, whenever they are poured
   * @param share how much of it this session is
   * @param holdsL what the mould holds of this session
   */
  record WorkedFill(Chosen.Fill fill, CastTake whole, double share, double holdsL) {

    double litres() {
      return whole.litres() * share;
    }

    double wantedL() {
      return whole.wantedL() * share;
    }

    /** The wet mix of one piece, all layers. */
    double pieceKg() {
      return whole.litres() * whole.densityKgM3() / 1000 / fill.mould().shape().cavities();
    }
  }

  Worked work(PourSheetRequest request, Chosen chosen) {
    WorkshopView shop = workshop.view();
    double roomC = Double.isNaN(request.roomC()) ? shop.roomC() : request.roomC();
    double waterC = Double.isNaN(request.waterC()) ? Math.max(0, roomC) : request.waterC();
    List<RecipeService.Mix> mixes = chosen.session().stream().map(l -> mix(chosen, l)).toList();
    List<WorkedFill> fills = chosen.fills().stream().map(f -> worked(chosen, f, shop)).toList();
    List<BatchSplit.Load> loads = new ArrayList<>();
    for (WorkedFill each : fills) {
      Chosen.Fill fill = each.fill;
      double minutes = fill.product().minutesPerPiece() * fill.mould().shape().cavities();
      fill.copies().forEach(c -> loads.add(new BatchSplit.Load(c.code(), each.litres(), minutes)));
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
    return new Worked(shop, roomC, waterC, mixes, fills, sum);
  }

  static double workingMin(PourSum sum) {
    return sum.layers().stream()
        .mapToDouble(l -> requireNonNull(l.workingMin()))
        .min()
        .orElseThrow();
  }

  private WorkedFill worked(Chosen chosen, Chosen.Fill fill, WorkshopView shop) {
    Target target = fill.product().target();
    CastTake whole =
        CastTake.of(
            fill.mould().capacityL(),
            fill.mould().shape().cavities(),
            fill.product().layers().stream()
                .map(l -> new PourInput.LayerMix(mix(chosen, l).recipe(), l.sharePercent() / 100))
                .toList(),
            target == null ? null : target.sold(chosen.recipe().retention()),
            shop.wastePercent());
    double session = chosen.sessionShare();
    return new WorkedFill(
        fill, whole, session / Chosen.shares(fill.product()), fill.mould().capacityL() * session);
  }

  private RecipeService.Mix mix(Chosen chosen, ProductLayer layer) {
    return recipes.mix(
        chosen.recipe().id(), chosen.colourwayOf(layer), Boolean.TRUE.equals(layer.withoutFibre()));
  }
}
