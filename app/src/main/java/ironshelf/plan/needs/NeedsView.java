package ironshelf.plan.needs;

import ironshelf.access.Money;
import ironshelf.core.material.Lasting;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What the plan uses, against stock.
 *
 * @param weeks Mondays, as far as the plan goes
 * @param cost of all that is to be bought, as far as prices are known
 */
public record NeedsView(List<LocalDate> weeks, List<NeedView> materials, @Money BigDecimal cost) {

  /**
   * One material.
   *
   * @param useKg week by week
   * @param lasting how long it is there at that pace
   * @param shortOn the first day on which there is not enough; null: never
   * @param staleKg of the stock that goes stale before it is used
   */
  public record NeedView(
      long materialId,
      String material,
      @Nullable Double packKg,
      BigDecimal stockKg,
      List<Double> useKg,
      Lasting lasting,
      @Nullable LocalDate shortOn,
      double staleKg,
      int leadDays,
      List<PurchaseView> purchases) {}

  /**
   * What is to be bought.
   *
   * @param late whether the day to order it has passed
   * @param price null where none is known
   */
  public record PurchaseView(
      LocalDate orderBy,
      LocalDate neededOn,
      double massKg,
      int packs,
      boolean late,
      @Money @Nullable BigDecimal price) {}
}
