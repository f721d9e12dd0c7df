package ironshelf.copy;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EntityListeners;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import org.jspecify.annotations.Nullable;
import org.springframework.data.annotation.CreatedBy;
import org.springframework.data.jpa.domain.support.AuditingEntityListener;

/** A change of a copy's condition, with its reason. Never edited. */
@Entity
@EntityListeners(AuditingEntityListener.class)
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

  @CreatedBy
  @Column(updatable = false)
  private @Nullable String who;

  protected CopyMark() {}

  CopyMark(long copyId, CopyCondition condition, String reason, Instant markedAt) {
    this.copyId = copyId;
    this.condition = condition;
    this.reason = reason;
    this.markedAt = markedAt;
  }

  CopyHistory.Mark view() {
    return new CopyHistory.Mark(condition, reason, markedAt, who);
  }
}
