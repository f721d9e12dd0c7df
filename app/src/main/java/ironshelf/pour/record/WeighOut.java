package ironshelf.pour.record;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.math.BigDecimal;

/** What a pour asked for of one material, and what went in. */
@Entity
@Table(name = "weigh_outs")
public class WeighOut {

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private int position;
  private long materialId;
  private BigDecimal askedKg;
  private BigDecimal actualKg;
  private boolean measured;

  protected WeighOut() {}

  WeighOut(int position, long materialId, Pour.Went went) {
    this.position = position;
    this.materialId = materialId;
    change(went);
  }

  int position() {
    return position;
  }

  void change(Pour.Went went) {
    this.askedKg = went.askedKg();
    this.actualKg = went.actualKg();
    this.measured = went.measured();
  }

  /** Whether all of it was measured: only then does it teach. */
  public boolean measured() {
    return measured;
  }

  public long materialId() {
    return materialId;
  }

  public BigDecimal askedKg() {
    return askedKg;
  }

  public BigDecimal actualKg() {
    return actualKg;
  }
}
