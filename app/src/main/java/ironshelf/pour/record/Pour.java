package ironshelf.pour.record;

import ironshelf.store.OfPour;
import jakarta.persistence.CascadeType;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EntityListeners;
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
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.data.annotation.CreatedBy;
import org.springframework.data.jpa.domain.support.AuditingEntityListener;

/**
 * One bowl: mixed in one colourway, with what really went in. Once it is recorded it is never
 * changed, only undone.
 */
@Entity
@EntityListeners(AuditingEntityListener.class)
@Table(name = "pours")
public class Pour implements OfPour {

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private long recipeId;
  private long colourwayId;
  private @Nullable Integer colourwayVersion;
  private @Nullable Long besideId;
  private @Nullable String mixKey;
  private Instant pouredAt;
  private double roomC;
  private double waterC;
  private @Nullable BigDecimal leftKg;
  private @Nullable Double fillingMin;
  private @Nullable BigDecimal ratePerHour;
  private @Nullable Instant undoneAt;

  @OneToMany(cascade = CascadeType.ALL, orphanRemoval = true, fetch = FetchType.LAZY)
  @JoinColumn(name = "pour_id", nullable = false)
  @OrderBy("position")
  private List<WeighOut> weighOuts = new ArrayList<>();

  @CreatedBy
  @Column(updatable = false)
  private @Nullable String who;

  protected Pour() {}

  /**
   * @param colourwayVersion null where that is not known
   * @param besideId the first pour of the same session; null where this is it
   * @param mixKey which bowl of its sheet it is; null where it was booked without one
   * @param ratePerHour what an hour cost on that day
   */
  public Pour(
      long recipeId,
      long colourwayId,
      @Nullable Integer colourwayVersion,
      @Nullable Long besideId,
      @Nullable String mixKey,
      Instant pouredAt,
      double roomC,
      double waterC,
      BigDecimal ratePerHour) {
    this.ratePerHour = ratePerHour;
    this.recipeId = recipeId;
    this.colourwayId = colourwayId;
    this.colourwayVersion = colourwayVersion;
    this.besideId = besideId;
    this.mixKey = mixKey;
    this.pouredAt = pouredAt;
    this.roomC = roomC;
    this.waterC = waterC;
  }

  public @Nullable BigDecimal leftKg() {
    return leftKg;
  }

  /** Notes what was left in the bowl. */
  public void leave(BigDecimal massKg) {
    this.leftKg = massKg;
  }

  /** Notes how many minutes it took to fill the copies. */
  public void fillIn(double minutes) {
    this.fillingMin = minutes;
  }

  public @Nullable BigDecimal ratePerHour() {
    return ratePerHour;
  }

  public @Nullable Double fillingMin() {
    return fillingMin;
  }

  /** Notes that the booking was taken back. */
  public void undo(Instant at) {
    this.undoneAt = at;
  }

  public @Nullable Instant undoneAt() {
    return undoneAt;
  }

  /**
   * What was asked of a material, and what went in.
   *
   * @param measured whether all of it was
   */
  public record Went(BigDecimal askedKg, BigDecimal actualKg, boolean measured) {}

  /** Notes what went in so far, by material. */
  public void weigh(Map<Long, Went> went) {
    weighOuts.removeIf(w -> !went.containsKey(w.materialId()));
    went.forEach(
        (materialId, now) ->
            weighOuts.stream()
                .filter(w -> w.materialId() == materialId)
                .findFirst()
                .ifPresentOrElse(
                    known -> known.change(now),
                    () -> weighOuts.add(new WeighOut(next(), materialId, now))));
  }

  private int next() {
    return weighOuts.stream().mapToInt(WeighOut::position).max().orElse(-1) + 1;
  }

  /** All that went in, in kg. */
  public BigDecimal wentKg() {
    return weighOuts.stream().map(WeighOut::actualKg).reduce(BigDecimal.ZERO, BigDecimal::add);
  }

  public @Nullable String mixKey() {
    return mixKey;
  }

  public void pouredAt(Instant at) {
    this.pouredAt = at;
  }

  public Long id() {
    return id;
  }

  /** The first pour of the session. */
  public long sessionId() {
    return besideId == null ? id : besideId;
  }

  public long recipeId() {
    return recipeId;
  }

  public long colourwayId() {
    return colourwayId;
  }

  public @Nullable Integer colourwayVersion() {
    return colourwayVersion;
  }

  public Instant pouredAt() {
    return pouredAt;
  }

  public double roomC() {
    return roomC;
  }

  public double waterC() {
    return waterC;
  }

  public List<WeighOut> weighOuts() {
    return weighOuts;
  }

  @Override
  public @Nullable Long pourOf() {
    return id;
  }

  public @Nullable String who() {
    return who;
  }
}
