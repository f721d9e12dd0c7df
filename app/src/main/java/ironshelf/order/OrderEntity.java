package ironshelf.order;

import jakarta.persistence.CascadeType;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.OneToMany;
import jakarta.persistence.OrderBy;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;

/** What a customer asked for. Its state follows from its lines. */
@Entity
@Table(name = "orders")
class OrderEntity {

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private String number;
  private String customer;
  private LocalDate placedOn;
  private LocalDate due;
  @Version private long version;

  @OneToMany(cascade = CascadeType.ALL, fetch = FetchType.LAZY, mappedBy = "order")
  @OrderBy("position")
  @org.hibernate.annotations.BatchSize(size = 100)
  private List<OrderLine> lines = new ArrayList<>();

  protected OrderEntity() {}

  OrderEntity(String number, String customer, LocalDate placedOn, LocalDate due) {
    this.number = number;
    this.customer = customer;
    this.placedOn = placedOn;
    this.due = due;
  }

  void addLine(long productId, long colourwayId, int quantity, BigDecimal price) {
    lines.add(new OrderLine(this, lines.size() + 1, productId, colourwayId, quantity, price));
  }

  Long id() {
    return id;
  }

  String number() {
    return number;
  }

  List<OrderLine> lines() {
    return lines;
  }

  OrderView view(List<OrderLineView> lineViews) {
    return new OrderView(id, number, customer, placedOn, due, lineViews);
  }
}
