package ironshelf.order;

import java.math.BigDecimal;

/**
 * A line and how far it is.
 *
 * @param stage what follows from its pieces
 * @param inMould allotted pieces that are in their moulds
 * @param curing allotted pieces that are out of their moulds and on their way
 * @param ready allotted pieces whose route has ended
 * @param scrapped pieces that were allotted and broke; they count for nothing
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
    BigDecimal price,
    LineStage stage,
    int inMould,
    int curing,
    int ready,
    int scrapped,
    int toPour) {

  /** Sound pieces tied to the line. */
  public int allotted() {
    return inMould + curing + ready;
  }
}
