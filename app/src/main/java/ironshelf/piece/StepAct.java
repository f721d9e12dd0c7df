package ironshelf.piece;

import ironshelf.core.cure.Touch;
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
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.data.annotation.CreatedBy;
import org.springframework.data.jpa.domain.support.AuditingEntityListener;

/** A step done to pieces at one time, or their scrapping. Never changed, only undone. */
@Entity
@EntityListeners(AuditingEntityListener.class)
@Table(name = "step_acts")
class StepAct {

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private @Nullable String step;
  private Instant doneAt;
  private @Nullable String earlyReason;
  private @Nullable String note;
  private boolean freed;
  private boolean leftOut;
  private boolean puttingBack;

  @Enumerated(EnumType.STRING)
  private @Nullable Touch touch;

  private @Nullable Instant undoneAt;

  @CreatedBy
  @Column(updatable = false)
  private @Nullable String who;

  protected StepAct() {}

  StepAct(StepDone done, boolean freed) {
    this.step = done.step();
    this.doneAt = done.at();
    this.earlyReason = done.reason();
    this.note = done.note();
    this.freed = freed;
    this.leftOut = done.leftOut();
    this.touch = done.touch();
  }

  /** Pieces put into a mould again, which belongs to a pour and is undone with it. */
  static StepAct puttingBack(StepDone done) {
    StepAct act = new StepAct(done, false);
    act.puttingBack = true;
    return act;
  }

  Long id() {
    return id;
  }

  boolean isScrap() {
    return step == null;
  }

  boolean isPuttingBack() {
    return puttingBack;
  }

  /** Whether it took pieces out of their moulds. */
  boolean hasFreed() {
    return freed;
  }

  boolean isUndone() {
    return undoneAt != null;
  }

  void undo(Instant at) {
    this.undoneAt = at;
  }

  /** As it was done to those steps' pieces; its place is that of the first. */
  StepActView view(List<PieceStep> own) {
    return new StepActView(
        id,
        step,
        own.isEmpty() ? 0 : own.get(0).stepNo(),
        own.isEmpty() ? 1 : own.get(0).round(),
        doneAt,
        earlyReason,
        note,
        freed,
        leftOut,
        touch,
        own.stream().map(PieceStep::pieceId).toList(),
        who);
  }
}
