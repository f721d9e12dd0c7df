package ironshelf.core.assembly;

import ironshelf.core.quantity.Findings;

/**
 * What a join takes.
 *
 * @param good by its name among the goods
 * @param quantity 1 to 1 000 for each piece
 */
public record Part(String good, int quantity) {
  public Part {
    new Findings().text("good", good, 80).within("quantity", quantity, 1, 1_000).orRefuse();
  }
}
