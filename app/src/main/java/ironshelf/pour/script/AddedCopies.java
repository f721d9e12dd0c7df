package ironshelf.pour.script;

import static java.util.Objects.requireNonNull;

import ironshelf.copy.CopyView;
import ironshelf.core.pour.script.What;
import ironshelf.http.ProblemException;
import ironshelf.mould.MouldService;
import ironshelf.mould.MouldView;
import ironshelf.pour.Meant;
import ironshelf.product.ProductService;
import ironshelf.product.ProductView;
import java.util.Map;
import org.springframework.stereotype.Component;

/** Finds what was added to a pour by its code: a copy, and what it becomes. */
@Component
class AddedCopies {

  private final ProductService products;
  private final MouldService moulds;

  AddedCopies(ProductService products, MouldService moulds) {
    this.products = products;
    this.moulds = moulds;
  }

  Meant.MeantCopy copy(What.Added added) {
    String code = requireNonNull(added.copy()).key();
    if (added.product() == null) {
      throw ProblemException.conflict("pour.productMissing", Map.of("copy", code));
    }
    ProductView product = products.product(number(added.product()));
    MouldView mould = moulds.mould(product.mouldId());
    CopyView copy =
        mould.copies().stream()
            .filter(c -> c.code().equals(code))
            .findFirst()
            .orElseThrow(
                () ->
                    ProblemException.conflict(
                        "copy.wrongMould",
                        Map.of("copy", code, "product", product.name(), "mould", mould.name())));
    Long line = added.line() == null ? null : number(added.line());
    return new Meant.MeantCopy(code, copy.id(), null, product.id(), line);
  }

  private static long number(String id) {
    try {
      return Long.parseLong(id);
    } catch (NumberFormatException e) {
      throw ProblemException.bad("id.notNumber", Map.of("value", id));
    }
  }
}
