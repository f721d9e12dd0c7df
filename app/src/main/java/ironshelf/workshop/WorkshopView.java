package ironshelf.workshop;

import ironshelf.access.Money;
import ironshelf.core.plan.OpenHours;
import ironshelf.core.quantity.CupSize;
import ironshelf.core.quantity.DecimalMark;
import ironshelf.core.quantity.QuantityReader;
import ironshelf.core.quantity.style.UnitSystem;
import ironshelf.style.ShopStyle;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The shop as others see it.
 *
 * @param now what its clock says
 * @param hours when people are in
 * @param people who work at once
 * @param lateDayWorthH hours of work saved for which a line may be a day later
 * @param address for labels; null where it is not kept
 * @param scaleG what the bench scale shows at the finest
 * @param families of things that are made here, by their names in lower case; empty: all
 * @param setUp whether the questions of the set-up were answered or put aside
 * @param style how it writes quantities, money and times
 * @param scoopL what one level scoop holds
 * @param clockBackMin by how many minutes the machine's clock was set back; null as a rule
 */
public record WorkshopView(
    long version,
    String name,
    boolean demo,
    Instant now,
    double roomC,
    double mixerL,
    double scoopL,
    double wastePercent,
    @Money BigDecimal ratePerHour,
    CupSize cup,
    OpenHours hours,
    int people,
    double lateDayWorthH,
    @Nullable String address,
    double scaleG,
    List<String> families,
    boolean setUp,
    ShopStyle style,
    @Nullable Long clockBackMin) {

  /** What a change that changes nothing says. */
  public WorkshopChange kept() {
    return new WorkshopChange(
        name,
        roomC,
        mixerL,
        scoopL,
        wastePercent,
        ratePerHour,
        cup,
        hours,
        people,
        lateDayWorthH,
        address,
        scaleG,
        null,
        null,
        null);
  }

  /**
   * Reads what people of this shop write.
   *
   * @param mark of the device that they write on; null where it is not known
   */
  public QuantityReader quantities(@Nullable DecimalMark mark) {
    DecimalMark usual = style.units() == UnitSystem.US ? DecimalMark.POINT : DecimalMark.EITHER;
    return new QuantityReader(cup, mark == null ? usual : mark);
  }
}
