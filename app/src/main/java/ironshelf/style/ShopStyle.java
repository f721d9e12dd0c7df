package ironshelf.style;

import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.Findings;
import ironshelf.core.quantity.style.UnitSystem;
import java.time.DayOfWeek;
import java.time.ZoneId;
import java.util.Currency;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TimeZone;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * How the shop writes quantities, money and times. What is missing is as most shops have it.
 *
 * @param units metric, or US customary (metric)
 * @param scaleUnit what the bench scale shows (g, or oz with US units)
 * @param currency ISO 4217, three letters (EUR)
 * @param clock 24 or 12 hours (24)
 * @param firstDay of the week (Monday)
 * @param zone by its name in the IANA time zone database (that of the machine)
 */
public record ShopStyle(
    @Nullable UnitSystem units,
    @Nullable ScaleUnit scaleUnit,
    @Nullable String currency,
    @Nullable ClockStyle clock,
    @Nullable DayOfWeek firstDay,
    @Nullable String zone) {

  /** The platform makes these sets anew for whoever asks. */
  private static final Set<String> CURRENCIES = currencies();

  private static final Set<String> ZONES = Set.copyOf(ZoneId.getAvailableZoneIds());

  public static final ShopStyle USUAL = new ShopStyle(null, null, null, null, null, null);

  public ShopStyle {
    units = units == null ? UnitSystem.METRIC : units;
    scaleUnit =
        scaleUnit == null ? (units == UnitSystem.US ? ScaleUnit.OZ : ScaleUnit.G) : scaleUnit;
    currency = currency == null ? "EUR" : currency.strip().toUpperCase(Locale.ROOT);
    clock = clock == null ? ClockStyle.H24 : clock;
    firstDay = firstDay == null ? DayOfWeek.MONDAY : firstDay;
    zone = zone == null ? TimeZone.getDefault().getID() : zone.strip();
    new Findings()
        .addIf(
            !CURRENCIES.contains(currency),
            FindingCode.VALUE_UNREADABLE,
            "currency",
            Map.of("value", currency, "wanted", "the three letters of a currency, like EUR or USD"))
        .addIf(
            !ZONES.contains(zone),
            FindingCode.VALUE_UNREADABLE,
            "zone",
            Map.of("value", zone, "wanted", "a time zone, like Europe/Lisbon or America/Chicago"))
        .orRefuse();
  }

  /** The language tag whose number and date forms the shop uses. */
  public Locale locale() {
    return units == UnitSystem.US ? Locale.US : Locale.UK;
  }

  private static Set<String> currencies() {
    return Currency.getAvailableCurrencies().stream()
        .map(Currency::getCurrencyCode)
        .collect(Collectors.toUnmodifiableSet());
  }
}
