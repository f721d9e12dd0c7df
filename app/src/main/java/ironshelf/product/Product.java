package ironshelf.product;

import static java.util.Objects.requireNonNull;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.math.BigDecimal;
import java.util.List;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.annotations.Mutability;
import org.hibernate.type.SqlTypes;
import org.hibernate.type.descriptor.java.Immutability;
import org.jspecify.annotations.Nullable;

/** What is sold: a mould filled with a recipe, in one layer or more, at a price. */
@Entity
@Table(name = "products")
class Product {

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private String name;
  private long mouldId;
  private long recipeId;
  private BigDecimal price;
  private double minutesPerPiece;
  private BigDecimal goods;
  private @Nullable String shelfPlace;

  @JdbcTypeCode(SqlTypes.JSON)
  @Mutability(Immutability.class)
  private List<ProductLayer> layers;

  @JdbcTypeCode(SqlTypes.JSON)
  @Mutability(Immutability.class)
  private @Nullable Target target;

  @JdbcTypeCode(SqlTypes.JSON)
  @Mutability(Immutability.class)
  private List<Long> soldIn;

  @JdbcTypeCode(SqlTypes.JSON)
  @Mutability(Immutability.class)
  private @Nullable WaxKept wax;

  @Version private long version;

  protected Product() {}

  Product(ProductRequest from) {
    change(from);
  }

  final void change(ProductRequest to) {
    this.name = to.name().strip();
    this.mouldId = requireNonNull(to.mouldId());
    this.recipeId = requireNonNull(to.recipeId());
    this.price = requireNonNull(to.price());
    this.minutesPerPiece = to.minutesPerPiece();
    this.goods = requireNonNull(to.goods());
    this.shelfPlace = to.shelfPlace();
    this.layers = requireNonNull(to.layers());
    this.target = to.target();
    this.soldIn = requireNonNull(to.soldIn());
    this.wax = to.wax();
  }

  Long id() {
    return id;
  }

  long version() {
    return version;
  }

  ProductView view() {
    return new ProductView(
        id,
        version,
        name,
        mouldId,
        recipeId,
        price,
        minutesPerPiece,
        goods,
        layers,
        target,
        shelfPlace,
        soldIn,
        wax);
  }
}
