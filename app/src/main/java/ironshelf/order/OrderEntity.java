package ironshelf.order;

import static java.util.Objects.requireNonNull;

import jakarta.persistence.CascadeType;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EntityListeners;
import jakarta.persistence.FetchType;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.OneToMany;
import jakarta.persistence.OrderBy;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.data.annotation.CreatedBy;
import org.springframework.data.annotation.LastModifiedBy;
import org.springframework.data.jpa.domain.support.AuditingEntityListener;

/** What a customer asked for. Its state follows from its lines. */
@Entity
@EntityListeners(AuditingEntityListener.class)
@Table(name = "orders")
class OrderEntity {

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private String number;
  private long customerId;
  private LocalDate placedOn;
  private LocalDate due;
  private @Nullable String note;
  private boolean quote;
  private @Nullable LocalDate promisedOn;
  private @Nullable LocalDate depositOn;
  private @Nullable LocalDate paidOn;
  private @Nullable Instant cancelledAt;
  private @Nullable String feedOrder;
  @Version private long version;

  @OneToMany(cascade = CascadeType.ALL, fetch = FetchType.LAZY, mappedBy = "order")
  @OrderBy("position")
  @org.hibernate.annotations.BatchSize(size = 100)
  private List<OrderLine> lines = new ArrayList<>();

  @CreatedBy
  @Column(updatable = false)
  private @Nullable String who;

  @LastModifiedBy private @Nullable String changedBy;

  protected OrderEntity() {}

  OrderEntity(String number, LocalDate placedOn, OrderRequest from) {
    this.number = number;
    this.placedOn = placedOn;
    this.quote = Boolean.TRUE.equals(from.quote());
    change(from);
  }

  final void change(OrderRequest to) {
    this.customerId = requireNonNull(to.customerId());
    this.due = requireNonNull(to.due());
    this.note = to.note();
  }

  void addLine(OrderLine line) {
    lines.add(line);
  }

  Long id() {
    return id;
  }

  long version() {
    return version;
  }

  String number() {
    return number;
  }

  long customerId() {
    return customerId;
  }

  LocalDate placedOn() {
    return placedOn;
  }

  LocalDate due() {
    return due;
  }

  @Nullable String note() {
    return note;
  }

  boolean isQuote() {
    return quote;
  }

  boolean isCancelled() {
    return cancelledAt != null;
  }

  @Nullable LocalDate promisedOn() {
    return promisedOn;
  }

  @Nullable LocalDate depositOn() {
    return depositOn;
  }

  @Nullable LocalDate paidOn() {
    return paidOn;
  }

  @Nullable String feedOrder() {
    return feedOrder;
  }

  /** All lines, those called off included. */
  List<OrderLine> allLines() {
    return lines;
  }

  List<OrderLine> lines() {
    return lines.stream().filter(l -> !l.isCancelled()).toList();
  }

  /** A quote becomes an order, with the date that was given. */
  void accept(LocalDate promised) {
    quote = false;
    promise(promised);
  }

  void promise(LocalDate promised) {
    promisedOn = promised;
    due = promised;
  }

  void mark(OrderMarks marks) {
    depositOn = marks.depositOn();
    paidOn = marks.paidOn();
  }

  void cancel(Instant at) {
    cancelledAt = at;
  }

  void fed(String order) {
    feedOrder = order;
  }

  @Nullable String who() {
    return who;
  }

  @Nullable String changedBy() {
    return changedBy;
  }
}
