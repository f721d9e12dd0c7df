package ironshelf.material;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.math.BigDecimal;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/** One delivery of a material. What remains of it is the sum of its movements. */
@Entity
@Table(name = "lots")
public class Lot {

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private long materialId;
  private String code;
  private @Nullable LocalDate receivedOn;
  private @Nullable LocalDate openedOn;
  private @Nullable LocalDate staleOn;
  private @Nullable BigDecimal price;
  private @Nullable BigDecimal usualPerKg;
  @Version private long version;

  protected Lot() {}

  /**
   * @param price paid for all of it; null where it was not said
   * @param usualPerKg what a kilogram cost at last when it came; null where that was not known
   */
  Lot(
      long materialId,
      String code,
      LocalDate receivedOn,
      @Nullable LocalDate staleOn,
      @Nullable BigDecimal price,
      @Nullable BigDecimal usualPerKg) {
    this.usualPerKg = usualPerKg;
    this.materialId = materialId;
    this.code = code;
    this.receivedOn = receivedOn;
    this.staleOn = staleOn;
    this.price = price;
  }

  /** Opened today: it keeps until then, unless it was to be stale before. */
  void open(LocalDate today, @Nullable LocalDate keepsUntil) {
    if (openedOn == null) {
      openedOn = today;
      if (keepsUntil != null && (staleOn == null || keepsUntil.isBefore(staleOn))) {
        staleOn = keepsUntil;
      }
    }
  }

  public long materialId() {
    return materialId;
  }

  StockView.LotView view(BigDecimal remainingKg) {
    return new StockView.LotView(id, code, remainingKg, receivedOn, openedOn, staleOn, price);
  }

  public Long id() {
    return id;
  }
}
