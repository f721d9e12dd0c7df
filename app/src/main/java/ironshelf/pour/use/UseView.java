package ironshelf.pour.use;

import ironshelf.access.Money;
import java.math.BigDecimal;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What was used, the biggest drifts first. */
public record UseView(List<UseRow> rows, @Money List<ProductCost> costs) {

  /**
   * One material in one product, month, pour or piece.
   *
   * @param pieceId null unless it is of one piece alone
   * @param driftPercent actual over asked, less 100
   * @param perPieceKg what one piece took of it
   * @param cost of what went in; null where no price is known
   */
  public record UseRow(
      String of,
      @Nullable Long pieceId,
      String material,
      int pieces,
      BigDecimal askedKg,
      BigDecimal actualKg,
      double driftPercent,
      BigDecimal perPieceKg,
      @Money @Nullable BigDecimal cost) {}

  /**
   * What a good piece of a product cost, over all its pours.
   *
   * @param scrapShare of its pieces that came to nothing
   */
  public record ProductCost(
      String product,
      int pieces,
      double scrapShare,
      BigDecimal materials,
      BigDecimal mouldWear,
      BigDecimal goods,
      BigDecimal labour,
      BigDecimal scrap,
      BigDecimal total,
      BigDecimal price) {}
}
