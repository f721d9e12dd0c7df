package ironshelf.product;

import ironshelf.http.ProblemException;
import java.math.BigDecimal;
import java.util.LinkedHashMap;
import java.util.Map;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Products. */
@Service
@Transactional
public class ProductService {

  private final ProductRepository products;

  ProductService(ProductRepository products) {
    this.products = products;
  }

  public ProductView add(
      String name, long mouldId, long recipeId, BigDecimal price, double minutesPerPiece) {
    return products.save(new Product(name, mouldId, recipeId, price, minutesPerPiece)).view();
  }

  @Transactional(readOnly = true)
  public ProductView product(long id) {
    return products
        .findById(id)
        .map(Product::view)
        .orElseThrow(() -> ProblemException.unknown("product", id));
  }

  /** All products by id. */
  @Transactional(readOnly = true)
  public Map<Long, ProductView> all() {
    Map<Long, ProductView> all = new LinkedHashMap<>();
    products.findAll().stream().map(Product::view).forEach(p -> all.put(p.id(), p));
    return all;
  }
}
