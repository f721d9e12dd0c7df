package ironshelf.copy;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;

/** A change of a copy's condition, with its reason. Never edited. */
@Entity
@Table(name = "copy_marks")
class CopyMark {

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private long copyId;

  @Enumerated(EnumType.STRING)
  private CopyCondition condition;

  private String reason;
  private Instant markedAt;

  protected CopyMark() {}

  CopyMark(long copyId, CopyCondition condition, String reason, Instant markedAt) {
    this.copyId = copyId;
    this.condition = condition;
    this.reason = reason;
    this.markedAt = markedAt;
  }

  CopyHistory.Mark view() {
    return new CopyHistory.Mark(condition, reason, markedAt);
  }
}
