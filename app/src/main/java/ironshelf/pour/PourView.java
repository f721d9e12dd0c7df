package ironshelf.pour;

import java.math.BigDecimal;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** A pour as others see it. */
public record PourView(
    long id,
    String product,
    String colourway,
    Instant pouredAt,
    Instant readyAt,
    @Nullable Instant greenUntil,
    List<String> copies,
    int pieces,
    int allotted,
    @Nullable String orderNumber,
    @Nullable Long orderId,
    List<WeighOutView> weighOuts) {

  /**
   * What was asked for and what went in.
   *
   * @param remainingKg what the lots hold now; null for what comes from the tap
   */
  public record WeighOutView(
      long materialId,
      String material,
      BigDecimal askedKg,
      BigDecimal actualKg,
      @Nullable BigDecimal remainingKg) {}
}
