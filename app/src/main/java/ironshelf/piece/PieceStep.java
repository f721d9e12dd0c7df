package ironshelf.piece;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.math.BigDecimal;
import java.math.RoundingMode;
import org.hibernate.annotations.Immutable;
import org.jspecify.annotations.Nullable;

/** An act as one piece had it, and the one before, to which undoing it leads back. */
@Entity
@Immutable
@Table(name = "piece_steps")
class PieceStep {

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private long actId;
  private long pieceId;
  private @Nullable Long beforeId;
  private int stepNo;

  @Column(name = "round_no")
  private int round;

  private @Nullable BigDecimal massKg;
  private @Nullable Integer weighedWith;

  protected PieceStep() {}

  PieceStep(
      long actId,
      long pieceId,
      @Nullable Long beforeId,
      StepDone.Place place,
      @Nullable OnScale scale) {
    this.actId = actId;
    this.pieceId = pieceId;
    this.beforeId = beforeId;
    this.stepNo = place.stepNo();
    this.round = place.round();
    this.massKg =
        scale == null ? null : BigDecimal.valueOf(scale.massKg()).setScale(4, RoundingMode.HALF_UP);
    this.weighedWith = scale == null ? null : scale.with();
  }

  /** The same at another place of a route. */
  PieceStep at(int otherStepNo) {
    PieceStep other =
        new PieceStep(actId, pieceId, beforeId, new StepDone.Place(otherStepNo, round), null);
    other.massKg = massKg;
    other.weighedWith = weighedWith;
    return other;
  }

  Long id() {
    return id;
  }

  long actId() {
    return actId;
  }

  long pieceId() {
    return pieceId;
  }

  @Nullable Long beforeId() {
    return beforeId;
  }

  int stepNo() {
    return stepNo;
  }

  int round() {
    return round;
  }

  @Nullable BigDecimal massKg() {
    return massKg;
  }

  @Nullable Integer weighedWith() {
    return weighedWith;
  }
}
