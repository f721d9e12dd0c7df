package ironshelf.dispatch;

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
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.data.annotation.CreatedBy;
import org.springframework.data.jpa.domain.support.AuditingEntityListener;

/** Parcels of one order that went together. Never edited, only undone. */
@Entity
@EntityListeners(AuditingEntityListener.class)
@Table(name = "dispatches")
class Dispatch {

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private long orderId;
  private String carrier;
  private Instant sentAt;
  private @Nullable Instant undoneAt;
  @Version private long version;

  @OneToMany(cascade = CascadeType.ALL, fetch = FetchType.LAZY, mappedBy = "dispatch")
  @OrderBy("number")
  private List<ParcelEntity> parcels = new ArrayList<>();

  @CreatedBy
  @Column(updatable = false)
  private @Nullable String who;

  protected Dispatch() {}

  Dispatch(long orderId, String carrier, Instant sentAt) {
    this.orderId = orderId;
    this.carrier = carrier;
    this.sentAt = sentAt;
  }

  void add(ParcelEntity parcel) {
    parcels.add(parcel);
  }

  Long id() {
    return id;
  }

  long orderId() {
    return orderId;
  }

  Instant sentAt() {
    return sentAt;
  }

  boolean isUndone() {
    return undoneAt != null;
  }

  void undo(Instant at) {
    undoneAt = at;
  }

  List<ParcelEntity> parcels() {
    return parcels;
  }

  List<Long> pieceIds() {
    return parcels.stream().flatMap(p -> p.pieces().stream()).map(ParcelPiece::pieceId).toList();
  }

  DispatchView view() {
    return new DispatchView(
        id,
        orderId,
        carrier,
        sentAt,
        undoneAt != null,
        parcels.stream().map(ParcelEntity::view).toList(),
        who);
  }
}
