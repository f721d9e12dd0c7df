package ironshelf.core.route;

import ironshelf.core.quantity.Findings;

/**
 * Pieces of another product that a joining step takes.
 *
 * @param quantity for each piece, 1 to 1 000
 */
public record PartWanted(long productId, int quantity) {
  public PartWanted {
    new Findings()
        .within("productId", (double) productId, 1, 1e15)
        .within("quantity", quantity, 1, 1_000)
        .orRefuse();
  }
}
