package ironshelf.material.consumption;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.math.BigDecimal;
import org.hibernate.annotations.Immutable;

/** What one piece took of a material at a step. */
@Entity
@Immutable
@Table(name = "step_takes")
class StepTake {

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private long actId;
  private long pieceId;
  private long materialId;
  private BigDecimal massKg;

  protected StepTake() {}

  StepTake(long actId, long pieceId, long materialId, BigDecimal massKg) {
    this.actId = actId;
    this.pieceId = pieceId;
    this.materialId = materialId;
    this.massKg = massKg;
  }

  long actId() {
    return actId;
  }

  long pieceId() {
    return pieceId;
  }

  long materialId() {
    return materialId;
  }

  BigDecimal massKg() {
    return massKg;
  }
}
