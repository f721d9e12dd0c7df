package ironshelf.pour.script;

import ironshelf.core.pour.script.PourState;
import ironshelf.pour.Meant;
import ironshelf.store.OfPour;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.annotations.Mutability;
import org.hibernate.type.SqlTypes;
import org.hibernate.type.descriptor.java.Immutability;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/** A pour from its opening to its record. What was meant never changes. */
@Entity
@Table(name = "pour_sessions")
class PourSession implements OfPour {

  @Id private Long pourId;

  @Enumerated(EnumType.STRING)
  private PourState.Status status;

  private Instant openedAt;
  private @Nullable Instant closedAt;

  @JdbcTypeCode(SqlTypes.JSON)
  @Mutability(Immutability.class)
  private Meant meant;

  /** The sheet as the bench saw it, kept word for word; null: of before it was kept. */
  @JdbcTypeCode(SqlTypes.JSON)
  @Mutability(Immutability.class)
  private @Nullable JsonNode shown;

  protected PourSession() {}

  PourSession(long pourId, Meant meant, @Nullable JsonNode shown, Instant openedAt) {
    this.pourId = pourId;
    this.meant = meant;
    this.shown = shown;
    this.openedAt = openedAt;
    this.status = PourState.Status.OPEN;
  }

  long pourId() {
    return pourId;
  }

  @Override
  public Long pourOf() {
    return pourId;
  }

  Meant meant() {
    return meant;
  }

  @Nullable JsonNode shown() {
    return shown;
  }

  PourState.Status status() {
    return status;
  }

  Instant openedAt() {
    return openedAt;
  }

  @Nullable Instant closedAt() {
    return closedAt;
  }

  /** Notes where it stands now. */
  void stands(PourState.Status now, Instant at) {
    this.status = now;
    this.closedAt = now == PourState.Status.OPEN ? null : at;
  }
}
