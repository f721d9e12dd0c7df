package ironshelf.copy;

import ironshelf.piece.PieceView;
import ironshelf.store.OfPour;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** One use of one copy: filled, and later emptied. */
@Entity
@Table(name = "casts")
class Cast implements OfPour {

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private long copyId;
  private long pourId;
  private Instant filledAt;
  private @Nullable Instant emptiedAt;
  private @Nullable String earlyReason;
  private @Nullable Instant washedAt;
  @Version private long version;

  protected Cast() {}

  Cast(long copyId, long pourId, Instant filledAt) {
    this.copyId = copyId;
    this.pourId = pourId;
    this.filledAt = filledAt;
  }

  void empty(Instant at, @Nullable String reasonIfEarly) {
    this.emptiedAt = at;
    this.earlyReason = reasonIfEarly;
  }

  /** It was not taken out after all. */
  void unempty() {
    this.emptiedAt = null;
    this.earlyReason = null;
    this.washedAt = null;
  }

  void wash(Instant at) {
    this.washedAt = at;
  }

  CopyHistory.HistoryCast history(List<PieceView> pieces) {
    return new CopyHistory.HistoryCast(
        id,
        pourId,
        filledAt,
        emptiedAt,
        earlyReason,
        pieces.stream()
            .map(p -> new CopyHistory.HistoryPiece(p.id(), p.massKg(), p.scrapReason()))
            .toList());
  }

  @Nullable Instant emptiedAt() {
    return emptiedAt;
  }

  boolean isEmptied() {
    return emptiedAt != null;
  }

  Long id() {
    return id;
  }

  long copyId() {
    return copyId;
  }

  CastView view(Copy copy) {
    return new CastView(id, version, copyId, copy.code(), copy.mouldId(), pourId, filledAt);
  }

  @Override
  public Long pourOf() {
    return pourId;
  }

  @Override
  public @Nullable Long castOf() {
    return id;
  }
}
