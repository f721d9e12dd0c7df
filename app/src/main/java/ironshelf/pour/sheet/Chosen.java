package ironshelf.pour.sheet;

import ironshelf.copy.CopyView;
import ironshelf.mould.MouldView;
import ironshelf.product.ProductLayer;
import ironshelf.product.ProductView;
import ironshelf.recipe.RecipeView;
import ironshelf.recipe.colourway.ColourwayView;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What a request for a sheet names, found and fitting together.
 *
 * @param session the layers that are mixed beside each other, at least one
 * @param mayStartAt when the layer below is stiff enough; null for the first layer
 */
record Chosen(
    RecipeView recipe,
    ColourwayView colourway,
    int firstLayer,
    List<ProductLayer> session,
    List<Fill> fills,
    @Nullable Instant mayStartAt) {

  /** A product, its mould and the copies to fill. */
  record Fill(ProductView product, MouldView mould, List<CopyView> copies) {}

  /** The colourway of a layer: its own, or the one that was ordered. */
  long colourwayOf(ProductLayer layer) {
    return layer.colourwayId() == null ? colourway.id() : layer.colourwayId();
  }

  /** How much of what a mould holds the session fills, 0 to 1 or above for heads. */
  double sessionShare() {
    return session.stream().mapToDouble(ProductLayer::sharePercent).sum() / 100;
  }

  /** How much of the session one of its layers is, 0 to 1. */
  double share(int layer) {
    return session.get(layer).sharePercent() / 100 / sessionShare();
  }

  /** How much of a product there is when the session is over, 0 to 1. */
  double shareAfter(ProductView product) {
    return product.layers().stream()
            .limit(firstLayer + (long) session.size())
            .mapToDouble(ProductLayer::sharePercent)
            .sum()
        / 100
        / shares(product);
  }

  /** All of a product's layers over what its mould holds. */
  static double shares(ProductView product) {
    return product.layers().stream().mapToDouble(ProductLayer::sharePercent).sum() / 100;
  }

  /** Whether pieces that were out are put into a mould again for it. */
  boolean isAgain() {
    return Boolean.TRUE.equals(session.get(0).again());
  }
}
