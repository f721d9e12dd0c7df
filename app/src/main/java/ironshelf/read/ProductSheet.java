package ironshelf.read;

import ironshelf.access.Money;
import ironshelf.core.mould.Section;
import ironshelf.core.piece.PieceCost;
import ironshelf.core.piece.WeightControl;
import ironshelf.http.problem.FindingView;
import ironshelf.order.line.OrderLineView;
import ironshelf.product.ProductView;
import ironshelf.route.RouteLine;
import java.math.BigDecimal;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * All that there is to see of one product.
 *
 * @param vesselL what one holds up to its rim; 0 where it is no vessel
 * @param dryKg of one piece, hardware with it
 * @param cost in its parts; null where a price is missing
 * @param lackPrice materials whose price is not known
 * @param madePieces behind the cost; 0 where it is reckoned from recipe and route
 * @param line its route's gates at 20 °C; empty where it has none
 * @param attendedMin of a person's time for one
 * @param perWeek pieces that its copies turn out in a working week
 * @param wanted open lines, soonest due first
 * @param takes what one piece takes, waste included
 * @param masses of the last pieces that were weighed, oldest first
 * @param weights whether those keep within what varies by chance; null of fewer than two
 */
public record ProductSheet(
    ProductCard card,
    ProductView product,
    String kind,
    Section section,
    double capacityL,
    double vesselL,
    double dryKg,
    @Nullable Double thinnestWallMm,
    @Nullable Double baseMm,
    @Money @Nullable PieceCost cost,
    List<String> lackPrice,
    int madePieces,
    List<RouteLine> line,
    double attendedMin,
    int perWeek,
    List<WantedLine> wanted,
    List<Take> takes,
    List<LastMass> masses,
    @Nullable WeightControl weights,
    List<FindingView> warnings) {

  /** An open line of an order. */
  public record WantedLine(long orderId, String order, String customer, OrderLineView line) {}

  /**
   * One material of a piece.
   *
   * @param stockKg what there is of it; null of water
   */
  public record Take(
      long materialId, String material, double massKg, @Nullable BigDecimal stockKg) {}

  /** A piece that was weighed. */
  public record LastMass(long pieceId, BigDecimal massKg, @Nullable String scrapReason) {}
}
