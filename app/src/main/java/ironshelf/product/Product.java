package ironshelf.product;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.math.BigDecimal;

/** What is sold: a mould filled with a recipe, at a price. */
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
  @Version private long version;

  protected Product() {}

  Product(String name, long mouldId, long recipeId, BigDecimal price, double minutesPerPiece) {
    this.name = name;
    this.mouldId = mouldId;
    this.recipeId = recipeId;
    this.price = price;
    this.minutesPerPiece = minutesPerPiece;
  }

  ProductView view() {
    return new ProductView(id, name, mouldId, recipeId, price, minutesPerPiece);
  }
}
