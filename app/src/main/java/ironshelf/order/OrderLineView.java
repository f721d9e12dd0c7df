package ironshelf.order;

import java.math.BigDecimal;

/**
 * A line and how far it is.
 *
 * @param stage what follows from its pieces
 * @param inMould allotted pieces that are in their moulds
 * @param drying allotted pieces that are out and drying
 * @param dry allotted pieces that are dry
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
    int drying,
    int dry,
    int scrapped,
    int toPour) {

  /** Sound pieces tied to the line. */
  public int allotted() {
    return inMould + drying + dry;
  }
}
