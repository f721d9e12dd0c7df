package ironshelf.pour.record;

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

/** Mix of a bowl that came to nothing, and why. */
@Entity
@EntityListeners(AuditingEntityListener.class)
@Table(name = "pour_waste")
public class Waste implements OfPour {

  /** How it came to nothing. */
  public enum WasteKind {
    THROWN,
    UNACCOUNTED
  }

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private long pourId;

  @Enumerated(EnumType.STRING)
  private WasteKind kind;

  private BigDecimal kg;
  private String reason;
  private Instant notedAt;

  @CreatedBy
  @Column(updatable = false)
  private @Nullable String who;

  protected Waste() {}

  public Waste(long pourId, WasteKind kind, BigDecimal kg, String reason, Instant notedAt) {
    this.pourId = pourId;
    this.kind = kind;
    this.kg = kg;
    this.reason = reason;
    this.notedAt = notedAt;
  }

  public WasteView view() {
    return new WasteView(pourId, kind == WasteKind.THROWN, kg, reason, notedAt);
  }

  public long pourId() {
    return pourId;
  }

  public WasteKind kind() {
    return kind;
  }

  public BigDecimal kg() {
    return kg;
  }

  public String reason() {
    return reason;
  }

  @Override
  public Long pourOf() {
    return pourId;
  }
}
