package ironshelf.workshop;

import ironshelf.core.quantity.CupSize;
import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.Findings;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * The shop's own measures.
 *
 * @param roomC the room's usual temperature, -30 to 60
 * @param mixerL the most mixed at once, over 0 and up to 5 000
 * @param scoopL what one level scoop holds, over 0 and up to 20
 * @param wastePercent mixed on top of what the moulds hold, 0 to 100
 * @param ratePerHour of work, in the shop's money, 0 to 100 000
 * @param cup which cup is meant; null: the US cup
 */
public record WorkshopChange(
    String name,
    double roomC,
    double mixerL,
    double scoopL,
    double wastePercent,
    @Nullable BigDecimal ratePerHour,
    @Nullable CupSize cup) {

  private static final BigDecimal MOST = new BigDecimal(100_000);

  public WorkshopChange {
    ratePerHour = ratePerHour == null ? BigDecimal.ZERO : ratePerHour;
    cup = cup == null ? CupSize.US : cup;
    new Findings()
        .text("name", name, 80)
        .within("roomC", roomC, -30, 60)
        .above("mixerL", mixerL, 0, 5_000)
        .above("scoopL", scoopL, 0, 20)
        .within("wastePercent", wastePercent, 0, 100)
        .addIf(
            ratePerHour.signum() < 0,
            FindingCode.NUMBER_TOO_SMALL,
            "ratePerHour",
            Map.of("value", ratePerHour, "low", 0))
        .addIf(
            ratePerHour.compareTo(MOST) > 0,
            FindingCode.NUMBER_TOO_LARGE,
            "ratePerHour",
            Map.of("value", ratePerHour, "high", MOST))
        .orRefuse();
    ratePerHour = ratePerHour.setScale(2, RoundingMode.HALF_UP);
  }
}
