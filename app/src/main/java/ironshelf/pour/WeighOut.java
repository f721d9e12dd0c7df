package ironshelf.pour;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.math.BigDecimal;

/** What a pour asked for of one material, and what went in. */
@Entity
@Table(name = "weigh_outs")
class WeighOut {

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private int position;
  private long materialId;
  private BigDecimal askedKg;
  private BigDecimal actualKg;

  protected WeighOut() {}

  WeighOut(int position, long materialId, BigDecimal askedKg, BigDecimal actualKg) {
    this.position = position;
    this.materialId = materialId;
    this.askedKg = askedKg;
    this.actualKg = actualKg;
  }

  int position() {
    return position;
  }

  void change(BigDecimal asked, BigDecimal actual) {
    this.askedKg = asked;
    this.actualKg = actual;
  }

  long materialId() {
    return materialId;
  }

  BigDecimal askedKg() {
    return askedKg;
  }

  BigDecimal actualKg() {
    return actualKg;
  }
}
