package ironshelf.pour.use;

import static java.util.Objects.requireNonNull;

import ironshelf.access.Money;
import ironshelf.material.consumption.LotPrices;
import ironshelf.pour.PourReader;
import ironshelf.pour.PourTaken;
import ironshelf.pour.WasteBook;
import ironshelf.pour.record.WasteView;
import ironshelf.recipe.RecipeService;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What mix that came to nothing cost. */
@Service
@Transactional(readOnly = true)
class WasteUse {

  private static final int MOST = 200;

  private final WasteBook waste;
  private final PourReader pours;
  private final UseLedger ledger;
  private final RecipeService recipes;

  WasteUse(WasteBook waste, PourReader pours, UseLedger ledger, RecipeService recipes) {
    this.waste = waste;
    this.pours = pours;
    this.ledger = ledger;
    this.recipes = recipes;
  }

  /**
   * Mix that came to nothing.
   *
   * @param thrown whether somebody threw it away; else nobody could account for it
   * @param cost of its share of the bowl's materials; null where no price is known
   */
  record WasteRow(
      long pourId,
      Instant at,
      String mix,
      boolean thrown,
      String reason,
      BigDecimal kg,
      @Money @Nullable BigDecimal cost) {}

  /** The latest first. */
  List<WasteRow> rows() {
    List<WasteView> latest = waste.latest(MOST);
    Map<Long, PourTaken> taken =
        pours.takenOf(latest.stream().map(WasteView::pourId).distinct().toList());
    LotPrices.OfPours prices = ledger.perKg(taken.values());
    return latest.stream()
        .map(
            w -> {
              PourTaken pour = requireNonNull(taken.get(w.pourId()));
              return new WasteRow(
                  pour.sessionId(),
                  w.at(),
                  recipes.recipe(pour.recipeId()).name()
                      + ", "
                      + recipes.colourway(pour.colourwayId()).name(),
                  w.thrown(),
                  w.reason(),
                  w.kg(),
                  cost(pour, w.kg(), prices));
            })
        .toList();
  }

  private static @Nullable BigDecimal cost(
      PourTaken pour, BigDecimal kg, LotPrices.OfPours prices) {
    BigDecimal went = pour.wentKg();
    if (went.signum() == 0) {
      return null;
    }
    BigDecimal cost = null;
    for (PourTaken.Taken t : pour.taken()) {
      BigDecimal perKg = prices.perKg(pour.id(), t.materialId());
      if (perKg != null) {
        BigDecimal of =
            perKg
                .multiply(t.actualKg())
                .multiply(kg)
                .divide(went, UseLedger.SCALE, RoundingMode.HALF_UP);
        cost = cost == null ? of : cost.add(of);
      }
    }
    return cost;
  }
}
