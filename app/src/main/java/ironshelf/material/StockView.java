package ironshelf.material;

import ironshelf.access.Money;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A material and what is left of it, lot by lot, oldest first.
 *
 * @param remainingPieces null where it is not counted in pieces
 * @param lots those of which something is left, and the last ones that are used up
 */
public record StockView(
    MaterialView material,
    BigDecimal remainingKg,
    @Nullable Long remainingPieces,
    List<LotView> lots) {

  static StockView of(MaterialView material, BigDecimal remainingKg, List<LotView> lots) {
    Double pieceG = material.pieceG();
    Long pieces = pieceG == null ? null : Math.round(remainingKg.doubleValue() * 1_000 / pieceG);
    return new StockView(material, remainingKg, pieces, lots);
  }

  /**
   * A lot with the sum of its movements.
   *
   * @param staleOn the last day it should be used; null where it keeps
   * @param price paid for the whole lot; null where it was not said
   */
  public record LotView(
      long id,
      String code,
      BigDecimal remainingKg,
      @Nullable LocalDate receivedOn,
      @Nullable LocalDate openedOn,
      @Nullable LocalDate staleOn,
      @Money @Nullable BigDecimal price) {}
}
