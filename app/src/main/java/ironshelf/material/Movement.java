package ironshelf.material;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.math.BigDecimal;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** One change of a lot's quantity, never edited. */
@Entity
@Table(name = "movements")
class Movement {

  /** Why a lot's quantity changed. */
  enum Kind {
    RECEIVED,
    USED
  }

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private long lotId;

  @Enumerated(EnumType.STRING)
  private Kind kind;

  private BigDecimal massKg;

  @Column(name = "moved_at")
  private Instant at;

  private @Nullable Long pourId;

  protected Movement() {}

  Movement(long lotId, Kind kind, BigDecimal massKg, Instant at, @Nullable Long pourId) {
    this.lotId = lotId;
    this.kind = kind;
    this.massKg = massKg;
    this.at = at;
    this.pourId = pourId;
  }

  MovementView view() {
    return new MovementView(kind.name().toLowerCase(java.util.Locale.ROOT), massKg, at, pourId);
  }
}
