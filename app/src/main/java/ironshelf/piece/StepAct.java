package ironshelf.piece;

import ironshelf.core.cure.Touch;
import ironshelf.core.route.StepKind;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** A step done to pieces at one time, or their scrapping. Never changed, only undone. */
@Entity
@Table(name = "step_acts")
class StepAct {

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @Enumerated(EnumType.STRING)
  private @Nullable StepKind step;

  private int stepNo;
  private int roundNo;
  private Instant doneAt;
  private @Nullable String earlyReason;
  private @Nullable String note;

  @Enumerated(EnumType.STRING)
  private @Nullable Touch touch;

  private @Nullable Instant undoneAt;

  protected StepAct() {}

  StepAct(StepDone done) {
    this.step = done.step();
    this.stepNo = done.stepNo();
    this.roundNo = done.round();
    this.doneAt = done.at();
    this.earlyReason = done.earlyReason();
    this.note = done.note();
    this.touch = done.touch();
  }

  Long id() {
    return id;
  }

  boolean isScrap() {
    return step == null;
  }

  boolean isDemould() {
    return step == StepKind.DEMOULD;
  }

  boolean isUndone() {
    return undoneAt != null;
  }

  void undo(Instant at) {
    this.undoneAt = at;
  }

  StepActView view(List<Long> pieceIds) {
    return new StepActView(id, step, stepNo, roundNo, doneAt, earlyReason, note, touch, pieceIds);
  }
}
