package ironshelf.product;

import java.math.BigDecimal;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A product as others see it.
 *
 * @param shelfPlace where its pieces stand when they are ready; null where that is not said
 */
public record ProductView(
    long id,
    long version,
    String name,
    long mouldId,
    long recipeId,
    BigDecimal price,
    double minutesPerPiece,
    BigDecimal goods,
    List<ProductLayer> layers,
    @Nullable Target target,
    @Nullable String shelfPlace) {

  /** The layers mixed in one session: that one, and those after it that do not wait. */
  public List<ProductLayer> session(int firstLayer) {
    int end = firstLayer + 1;
    while (end < layers.size() && layers.get(end).waitH() == 0) {
      end++;
    }
    return layers.subList(firstLayer, end);
  }

  /** What of it is kept and can be changed. */
  public ProductRequest kept() {
    return new ProductRequest(
        name, mouldId, recipeId, price, minutesPerPiece, goods, layers, target, shelfPlace);
  }
}
