package ironshelf.pour;

import java.math.BigDecimal;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A session of pouring as others see it: the first pour, with those made beside it.
 *
 * @param products by name
 * @param waiting what goes on top of it later
 * @param undoneAt when it was taken back; null where it stands
 * @param who recorded it; null where that was done at the shop's own machine
 */
public record PourView(
    long id,
    List<String> products,
    String colourway,
    Instant pouredAt,
    Instant readyAt,
    @Nullable Instant greenUntil,
    List<String> copies,
    int pieces,
    int allotted,
    List<PouredFor> orders,
    List<WeighOutView> weighOuts,
    List<WaitingLayer> waiting,
    @Nullable Instant undoneAt,
    @Nullable String who) {

  /** An order that it was made for. */
  public record PouredFor(long id, String number) {}

  /**
   * What was asked for and what went in, all layers of the session together.
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
