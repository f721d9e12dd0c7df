package ironshelf.dispatch;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;

/** A piece that came back. Never edited. */
@Entity
@Table(name = "returns")
class ReturnEntity {

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private long pieceId;
  private long lineId;
  private String reason;
  private String outcome;
  private boolean replaced;
  private Instant returnedAt;

  protected ReturnEntity() {}

  ReturnEntity(
      long pieceId, long lineId, String reason, boolean sound, boolean replaced, Instant at) {
    this.pieceId = pieceId;
    this.lineId = lineId;
    this.reason = reason;
    this.outcome = sound ? "STOCK" : "SCRAP";
    this.replaced = replaced;
    this.returnedAt = at;
  }

  Long id() {
    return id;
  }
}
