package ironshelf.order.line;

import ironshelf.access.Money;
import java.math.BigDecimal;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * A line and how far it is.
 *
 * @param stage what follows from its pieces
 * @param inMould allotted pieces that are in their moulds
 * @param curing allotted pieces that are out of their moulds and on their way
 * @param ready allotted pieces whose route has ended
 * @param sent pieces that have gone
 * @param refunded pieces that came back and are not made again
 * @param scrapped pieces that were allotted and broke; they count for nothing
 * @param shades batches that its pieces come from
 * @param toPour how many are still to be poured
 */
public record OrderLineView(
    long id,
    int position,
    long productId,
    String product,
    long mouldId,
    long colourwayId,
    String colourway,
    String swatch,
    int quantity,
    @Money BigDecimal price,
    LocalDate due,
    @Nullable String note,
    OrderStage stage,
    int inMould,
    int curing,
    int ready,
    int sent,
    int refunded,
    int scrapped,
    int shades,
    int toPour) {

  /** Sound pieces tied to the line. */
  public int allotted() {
    return inMould + curing + ready + sent;
  }
}
