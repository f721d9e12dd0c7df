package ironshelf.material;

import ironshelf.store.OfPour;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EntityListeners;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.math.BigDecimal;
import java.time.Instant;
import org.jspecify.annotations.Nullable;
import org.springframework.data.annotation.CreatedBy;
import org.springframework.data.jpa.domain.support.AuditingEntityListener;

/** One change of a lot's quantity, never edited. */
@Entity
@EntityListeners(AuditingEntityListener.class)
@Table(name = "movements")
public class Movement implements OfPour {

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private long lotId;

  @Enumerated(EnumType.STRING)
  private MovementKind kind;

  private BigDecimal massKg;

  @Column(name = "moved_at")
  private Instant at;

  private @Nullable Long pourId;
  private @Nullable Long actId;
  private @Nullable String reason;

  @CreatedBy
  @Column(updatable = false)
  private @Nullable String who;

  protected Movement() {}

  public Movement(long lotId, MovementKind kind, BigDecimal massKg, Instant at, TakenFor what) {
    this.lotId = lotId;
    this.kind = kind;
    this.massKg = massKg;
    this.at = at;
    this.pourId = what.pourId();
    this.actId = what.actId();
  }

  /** A change that no pour made, and why. */
  static Movement because(
      long lotId, MovementKind kind, BigDecimal massKg, Instant at, String reason) {
    Movement movement = new Movement(lotId, kind, massKg, at, TakenFor.NOTHING);
    movement.reason = reason;
    return movement;
  }

  public long lotId() {
    return lotId;
  }

  public BigDecimal massKg() {
    return massKg;
  }

  public MovementView view() {
    return new MovementView(lotId, kind, massKg, at, pourId, reason, who);
  }

  @Override
  public @Nullable Long pourOf() {
    return pourId;
  }
}
