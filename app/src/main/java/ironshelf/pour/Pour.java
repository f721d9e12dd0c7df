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

/**
 * One mixing and filling in one colourway, with what really went in. Never changed, only undone.
 */
@Entity
@Table(name = "pours")
class Pour {

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private long recipeId;
  private long colourwayId;
  private @Nullable Long besideId;
  private Instant pouredAt;
  private double roomC;
  private double waterC;
  private @Nullable BigDecimal leftKg;
  private @Nullable Double fillingMin;
  private @Nullable Instant undoneAt;

  @OneToMany(cascade = CascadeType.ALL, fetch = FetchType.LAZY)
  @JoinColumn(name = "pour_id", nullable = false)
  @OrderBy("position")
  private List<WeighOut> weighOuts = new ArrayList<>();

  protected Pour() {}

  /**
   * @param besideId the first pour of the same session; null where this is it
   */
  Pour(
      long recipeId,
      long colourwayId,
      @Nullable Long besideId,
      Instant pouredAt,
      double roomC,
      double waterC) {
    this.recipeId = recipeId;
    this.colourwayId = colourwayId;
    this.besideId = besideId;
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

  /** Notes how many minutes it took to fill the copies. */
  void fillIn(double minutes) {
    this.fillingMin = minutes;
  }

  @Nullable Double fillingMin() {
    return fillingMin;
  }

  /** Notes that the booking was taken back. */
  void undo(Instant at) {
    this.undoneAt = at;
  }

  @Nullable Instant undoneAt() {
    return undoneAt;
  }

  void weigh(long materialId, BigDecimal askedKg, BigDecimal actualKg) {
    weighOuts.add(new WeighOut(weighOuts.size(), materialId, askedKg, actualKg));
  }

  Long id() {
    return id;
  }

  /** The first pour of the session. */
  long sessionId() {
    return besideId == null ? id : besideId;
  }

  long recipeId() {
    return recipeId;
  }

  long colourwayId() {
    return colourwayId;
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
