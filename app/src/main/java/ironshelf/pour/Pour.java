package ironshelf.pour;

import jakarta.persistence.CascadeType;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.OneToMany;
import jakarta.persistence.OrderBy;
import jakarta.persistence.Table;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** One mixing and filling, with what really went in. Never changed. */
@Entity
@Table(name = "pours")
class Pour {

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private long productId;
  private long recipeId;
  private long colourwayId;
  private @Nullable Long lineId;
  private Instant pouredAt;
  private double roomC;
  private double waterC;
  private @Nullable BigDecimal leftKg;

  @OneToMany(cascade = CascadeType.ALL, fetch = FetchType.LAZY)
  @JoinColumn(name = "pour_id", nullable = false)
  @OrderBy("position")
  private List<WeighOut> weighOuts = new ArrayList<>();

  protected Pour() {}

  Pour(
      long productId,
      long recipeId,
      long colourwayId,
      @Nullable Long lineId,
      Instant pouredAt,
      double roomC,
      double waterC) {
    this.productId = productId;
    this.recipeId = recipeId;
    this.colourwayId = colourwayId;
    this.lineId = lineId;
    this.pouredAt = pouredAt;
    this.roomC = roomC;
    this.waterC = waterC;
  }

  @Nullable BigDecimal leftKg() {
    return leftKg;
  }

  /** Notes what was left in the bowl. */
  void leave(BigDecimal massKg) {
    this.leftKg = massKg;
  }

  void weigh(long materialId, BigDecimal askedKg, BigDecimal actualKg) {
    weighOuts.add(new WeighOut(weighOuts.size(), materialId, askedKg, actualKg));
  }

  Long id() {
    return id;
  }

  long productId() {
    return productId;
  }

  long recipeId() {
    return recipeId;
  }

  long colourwayId() {
    return colourwayId;
  }

  @Nullable Long lineId() {
    return lineId;
  }

  Instant pouredAt() {
    return pouredAt;
  }

  double roomC() {
    return roomC;
  }

  List<WeighOut> weighOuts() {
    return weighOuts;
  }
}
