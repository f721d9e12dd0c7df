package ironshelf.order.allotment;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** A piece tied to a line; a piece is tied once at most. */
@Entity
@Table(name = "allotments")
public class Allotment {

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private long lineId;
  private long pieceId;

  @Column(name = "made_at")
  private Instant at;

  private @Nullable Instant sentAt;

  /** What is sent cannot be freed at the same moment. */
  @Version private long version;

  protected Allotment() {}

  public Allotment(long lineId, long pieceId, Instant at) {
    this.lineId = lineId;
    this.pieceId = pieceId;
    this.at = at;
  }

  public long lineId() {
    return lineId;
  }

  public long pieceId() {
    return pieceId;
  }

  public boolean isSent() {
    return sentAt != null;
  }

  public void sent(@Nullable Instant when) {
    sentAt = when;
  }
}
