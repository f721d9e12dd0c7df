package ironshelf.order.line;

/**
 * A line of which something is to be poured.
 *
 * @param recipe by its name
 * @param mixKey alike for lines that one mix can fill together
 */
public record ToPour(
    long orderId,
    String number,
    String customer,
    OrderLineView line,
    String recipe,
    String mixKey) {}
