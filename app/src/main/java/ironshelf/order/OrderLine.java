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
import java.time.Instant;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

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
  private LocalDate due;
  private @Nullable String note;
  private int refunded;
  private @Nullable Instant cancelledAt;
  @Version private long version;

  protected OrderLine() {}

  OrderLine(OrderEntity order, int position, long productId, long colourwayId) {
    this.order = order;
    this.position = position;
    this.productId = productId;
    this.colourwayId = colourwayId;
  }

  void change(int quantity, BigDecimal price, LocalDate due, @Nullable String note) {
    this.quantity = quantity;
    this.price = price;
    this.due = due;
    this.note = note;
  }

  /** Has another colourway from now on, of the recipe that its product is made of now. */
  void colour(long colourwayId) {
    this.colourwayId = colourwayId;
  }

  void cancel(Instant at) {
    cancelledAt = at;
  }

  void refund() {
    refunded++;
  }

  void due(LocalDate due) {
    this.due = due;
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

  LocalDate due() {
    return due;
  }

  @Nullable String note() {
    return note;
  }

  int refunded() {
    return refunded;
  }

  boolean isCancelled() {
    return cancelledAt != null;
  }
}
