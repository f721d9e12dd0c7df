package ironshelf.pour.script;

import ironshelf.core.pour.script.PourState;
import ironshelf.pour.Meant;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

/** A pour from its opening to its record. What was meant never changes. */
@Entity
@Table(name = "pour_sessions")
class PourSession {

  @Id private Long pourId;

  @Enumerated(EnumType.STRING)
  private PourState.Status status;

  private Instant openedAt;
  private @Nullable Instant closedAt;

  @JdbcTypeCode(SqlTypes.JSON)
  private Meant meant;

  protected PourSession() {}

  PourSession(long pourId, Meant meant, Instant openedAt) {
    this.pourId = pourId;
    this.meant = meant;
    this.openedAt = openedAt;
    this.status = PourState.Status.OPEN;
  }

  long pourId() {
    return pourId;
  }

  Meant meant() {
    return meant;
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
