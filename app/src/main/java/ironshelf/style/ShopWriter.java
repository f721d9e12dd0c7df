package ironshelf.style;

import static java.util.Objects.requireNonNull;

import ironshelf.core.quantity.style.Measure;
import ironshelf.core.quantity.style.QuantityFormat;
import ironshelf.core.quantity.style.UnitSystem;
import java.math.BigDecimal;
import java.text.NumberFormat;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.util.Currency;
import java.util.Locale;
import org.springframework.stereotype.Component;

/**
 * Writes quantities, money and times in the shop's style, as the interface does. The style is that
 * of the workshop, which sets it here when the data folder is opened and when it is changed.
 */
@Component
public class ShopWriter {

  private volatile ShopStyle style = ShopStyle.USUAL;

  public ShopStyle style() {
    return style;
  }

  public void use(ShopStyle to) {
    this.style = requireNonNull(to);
  }

  public String quantity(Measure measure, double value) {
    return new QuantityFormat(requireNonNull(style.units())).say(measure, value);
  }

  public String mass(double kg) {
    return quantity(Measure.MASS, kg);
  }

  public String length(double mm) {
    return quantity(Measure.LENGTH, mm);
  }

  public String money(BigDecimal amount) {
    NumberFormat format = NumberFormat.getCurrencyInstance(style.locale());
    format.setCurrency(Currency.getInstance(style.currency()));
    return format.format(amount);
  }

  public String date(LocalDate date) {
    return date.format(
        DateTimeFormatter.ofPattern(
            style.units() == UnitSystem.US ? "EEE, MMM d, yyyy" : "EEE d MMM yyyy",
            style.locale()));
  }

  /** A date of this or the next weeks: no year. */
  public String day(LocalDate date) {
    return date.format(
        DateTimeFormatter.ofPattern(
            style.units() == UnitSystem.US ? "EEE, MMM d" : "EEE d MMM", style.locale()));
  }

  public String time(LocalTime time) {
    return style.clock() == ClockStyle.H12
        ? time.format(DateTimeFormatter.ofPattern("h:mm a", Locale.US)).toLowerCase(Locale.ROOT)
        : time.format(DateTimeFormatter.ofPattern("HH:mm"));
  }

  /** The same of what the shop's clock shows. */
  public String moment(LocalDateTime at, Clock clock) {
    return moment(at.atZone(ZoneId.of(requireNonNull(style.zone()))).toInstant(), clock);
  }

  /** A clock time today, with its weekday this week, with its date otherwise. */
  public String moment(Instant at, Clock clock) {
    ZoneId zone = ZoneId.of(requireNonNull(style.zone()));
    ZonedDateTime local = at.atZone(zone);
    long days =
        ChronoUnit.DAYS.between(LocalDate.ofInstant(clock.instant(), zone), local.toLocalDate());
    String time = time(local.toLocalTime());
    if (days == 0) {
      return time;
    }
    if (Math.abs(days) < 7) {
      return local.format(DateTimeFormatter.ofPattern("EEE", style.locale())) + " " + time;
    }
    return date(local.toLocalDate()) + ", " + time;
  }
}
