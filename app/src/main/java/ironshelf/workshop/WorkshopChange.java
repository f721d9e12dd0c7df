package ironshelf.workshop;

import ironshelf.core.plan.OpenHours;
import ironshelf.core.quantity.CupSize;
import ironshelf.core.quantity.Findings;
import ironshelf.core.quantity.WhenMissing;
import ironshelf.style.ShopStyle;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.DayOfWeek;
import java.time.LocalTime;
import java.util.List;
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
 * @param hours when people are in; null: Monday to Friday, 07:00 to 16:00
 * @param people who work at once, 1 to 50 (1)
 * @param lateDayWorthH hours of work saved for which the plan may have a line a day later, 0.5 to
 *     200; null keeps it
 * @param address for labels; null where it is not kept
 * @param scaleG what the bench scale shows at the finest, over 0 and up to 1 000 (1)
 * @param families of things that are made here, by their names in lower case; null keeps them
 * @param setUp whether the set-up is done with; null keeps it
 * @param style how it writes quantities, money and times; null keeps it
 */
public record WorkshopChange(
    String name,
    double roomC,
    double mixerL,
    double scoopL,
    double wastePercent,
    @Nullable BigDecimal ratePerHour,
    @Nullable CupSize cup,
    @Nullable OpenHours hours,
    @WhenMissing("1") int people,
    @Nullable Double lateDayWorthH,
    @Nullable String address,
    @WhenMissing("1") double scaleG,
    @Nullable List<String> families,
    @Nullable Boolean setUp,
    @Nullable ShopStyle style) {

  private static final BigDecimal MOST = new BigDecimal(100_000);

  static final OpenHours USUAL_HOURS =
      new OpenHours(
          List.of(DayOfWeek.values()).subList(0, 5), LocalTime.of(7, 0), LocalTime.of(16, 0), null);

  public WorkshopChange {
    hours = hours == null ? USUAL_HOURS : hours;
    people = people == 0 ? 1 : people;
    address = address == null || address.isBlank() ? null : address.strip();
    ratePerHour = ratePerHour == null ? BigDecimal.ZERO : ratePerHour;
    scaleG = Double.isNaN(scaleG) || scaleG == 0 ? 1 : scaleG;
    families = families == null ? null : List.copyOf(families);
    cup = cup == null ? CupSize.US : cup;
    new Findings()
        .text("name", name, 80)
        .within("roomC", roomC, -30, 60)
        .above("mixerL", mixerL, 0, 5_000)
        .above("scoopL", scoopL, 0, 20)
        .within("wastePercent", wastePercent, 0, 100)
        .within("people", people, 1, 50)
        .within("lateDayWorthH", lateDayWorthH == null ? 1 : lateDayWorthH, 0.5, 200)
        .above("scaleG", scaleG, 0, 1_000)
        .within("families.length", families == null ? 0 : families.size(), 0, 10)
        .within("address.length", address == null ? 0 : address.length(), 0, 300)
        .amount("ratePerHour", ratePerHour, MOST)
        .orRefuse();
    ratePerHour = ratePerHour.setScale(2, RoundingMode.HALF_UP);
  }

  /** The same with other people and hours. */
  public WorkshopChange with(int others, OpenHours otherHours) {
    return new WorkshopChange(
        name,
        roomC,
        mixerL,
        scoopL,
        wastePercent,
        ratePerHour,
        cup,
        otherHours,
        others,
        lateDayWorthH,
        address,
        scaleG,
        families,
        setUp,
        style);
  }
}
