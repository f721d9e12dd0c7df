package ironshelf.dispatch;

import ironshelf.core.quantity.Findings;
import ironshelf.core.quantity.WhenMissing;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What is to be packed of an order.
 *
 * @param pieceIds null: all that is ready
 * @param carrier by whose limit it is packed
 * @param boxKg of the box and what pads it, 0 to 100 (0.4)
 * @param aloneFromKg a piece of that mass or more goes alone (10)
 */
public record PackRequest(
    @Nullable List<Long> pieceIds,
    @Nullable String carrier,
    @WhenMissing("0.4") double boxKg,
    @WhenMissing("10") double aloneFromKg) {
  public PackRequest {
    boxKg = Double.isNaN(boxKg) ? 0.4 : boxKg;
    aloneFromKg = Double.isNaN(aloneFromKg) ? 10 : aloneFromKg;
    new Findings()
        .text("carrier", carrier, 40)
        .within("boxKg", boxKg, 0, 100)
        .above("aloneFromKg", aloneFromKg, 0, 1_000)
        .orRefuse();
  }
}
