package ironshelf.order;

import ironshelf.core.quantity.Finding;
import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.Findings;
import ironshelf.product.ProductService;
import ironshelf.product.ProductView;
import ironshelf.recipe.colourway.ColourwayView;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Finds products and their colourways by the names that tables and feeds have for them. */
@Component
public class GoodsNames {

  private final ProductService products;

  GoodsNames(ProductService products) {
    this.products = products;
  }

  /** A product in a colourway. */
  public record Goods(long productId, long colourwayId) {}

  /**
   * What these names mean; null, and a finding, where they mean nothing.
   *
   * @param at what stands before the names of the fields
   */
  public @Nullable Goods find(String product, String colourway, String at, Findings findings) {
    Optional<ProductView> known =
        products.all().values().stream()
            .filter(p -> p.name().equalsIgnoreCase(product.strip()))
            .findFirst();
    if (known.isEmpty()) {
      findings.add(unknown(at + "product", product, "the name of a product"));
      return null;
    }
    Optional<ColourwayView> colour =
        products.offered(known.get()).stream()
            .filter(c -> c.name().equalsIgnoreCase(colourway.strip()))
            .findFirst();
    if (colour.isEmpty()) {
      findings.add(unknown(at + "colourway", colourway, "a colourway of " + known.get().name()));
      return null;
    }
    return new Goods(known.get().id(), colour.get().id());
  }

  private static Finding unknown(String field, String value, String wanted) {
    return new Finding(
        FindingCode.VALUE_UNREADABLE, field, Map.of("value", value, "wanted", wanted));
  }
}
