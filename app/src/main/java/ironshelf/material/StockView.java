package ironshelf.material;

import java.math.BigDecimal;
import java.util.List;

/** A material and what is left of it, lot by lot, oldest first. */
public record StockView(MaterialView material, BigDecimal remainingKg, List<LotView> lots) {

  /** A lot with the sum of its movements. */
  public record LotView(long id, String code, BigDecimal remainingKg) {}
}
