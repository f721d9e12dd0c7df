package ironshelf.order;

import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.math.BigDecimal;

/** So many of a product in a colourway. */
@Entity
@Table(name = "order_lines")
class OrderLine {

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @ManyToOne(fetch = FetchType.LAZY)
  @JoinColumn(name = "order_id", nullable = false)
  private OrderEntity order;

  private int position;
  private long productId;
  private long colourwayId;
  private int quantity;
  private BigDecimal price;
  @Version private long version;

  protected OrderLine() {}

  OrderLine(
      OrderEntity order,
      int position,
      long productId,
      long colourwayId,
      int quantity,
      BigDecimal price) {
    this.order = order;
    this.position = position;
    this.productId = productId;
    this.colourwayId = colourwayId;
    this.quantity = quantity;
    this.price = price;
  }

  Long id() {
    return id;
  }

  OrderEntity order() {
    return order;
  }

  int position() {
    return position;
  }

  long productId() {
    return productId;
  }

  long colourwayId() {
    return colourwayId;
  }

  int quantity() {
    return quantity;
  }

  BigDecimal price() {
    return price;
  }
}
