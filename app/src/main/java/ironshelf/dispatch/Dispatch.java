package ironshelf.dispatch;

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
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Parcels of one order that went together. Never edited, only undone. */
@Entity
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
        parcels.stream().map(ParcelEntity::view).toList());
  }
}
