package ironshelf.core.quantity;

import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Reads quantities as people type them: {@code 2 lb 4 oz}, {@code 1 1/4 gal}, {@code 3/4"}, {@code
 * 68 F}, {@code 1¼ cups}. A bare number is in the unit of the dimension; a bare number behind a
 * larger unit is in the next smaller one ({@code 2lb 4} is 2 lb 4 oz).
 *
 * <p>Conversions are those of the JVM's standard units library, exact to double precision. Refused:
 * nothing readable, a unit nobody knows or of another kind, a number whose signs could mean two
 * things where it is typed ({@code 1,250}, {@code 1,2,3}; see {@link DecimalMark}), two numbers
 * without a unit between them, a unit that is not smaller than the one before it, a minus sign
 * anywhere but before a temperature, what is colder than -273.15 °C. Not promised: the range;
 * whoever uses the value checks that.
 */
public final class QuantityReader {

  private static final int MOST_CHARACTERS = 80;
  private static final double ABSOLUTE_ZERO_C = -273.15;

  /** A unit that ends in a 3: {@code ft3}, {@code cm^3}. */
  private static final Pattern CUBED = Pattern.compile("([a-zA-Z. ]+)\\^?3(?![\\d.,])");

  private final UnitTable units;
  private final DecimalMark mark;

  /** A reader that asks back whatever the decimal mark decides. */
  public QuantityReader(CupSize cup) {
    this(cup, DecimalMark.EITHER);
  }

  public QuantityReader(CupSize cup, DecimalMark mark) {
    this.units = new UnitTable(cup);
    this.mark = mark;
  }

  /** Returns how numbers are read. */
  public DecimalMark mark() {
    return mark;
  }

  /**
   * @throws RefusedException if the text cannot be read as a quantity of that dimension; its
   *     findings have the field {@code text}
   */
  public Reading read(String text, Dimension dimension) {
    new Findings().text("text", text, MOST_CHARACTERS).present("dimension", dimension).orRefuse();
    String rest = NumberReader.plain(text);
    boolean minus = rest.startsWith("-") && dimension == Dimension.TEMPERATURE;
    if (minus) {
      rest = rest.substring(1).strip();
    }
    double total = 0;
    StringBuilder echo = new StringBuilder();
    UnitTable.Entry before = null;
    while (!rest.isEmpty()) {
      Matcher number = NumberReader.NUMBER.matcher(rest);
      if (!number.lookingAt() || (before != null && dimension == Dimension.TEMPERATURE)) {
        throw refused(FindingCode.QUANTITY_UNREADABLE, text, dimension, rest);
      }
      double value =
          NumberReader.value(number, mark)
              .orElseThrow(
                  () ->
                      refused(
                          FindingCode.QUANTITY_COMMA_AMBIGUOUS, text, dimension, number.group()));
      if (Double.isNaN(value)) {
        throw refused(FindingCode.QUANTITY_UNREADABLE, text, dimension, number.group());
      }
      rest = rest.substring(number.end()).strip();
      String spelling = leadingUnit(rest, dimension);
      if (spelling.isBlank() && !rest.isEmpty()) {
        throw refused(FindingCode.QUANTITY_UNREADABLE, text, dimension, rest);
      }
      rest = rest.substring(spelling.length()).replaceFirst("^[\\s,+]+", "");
      UnitTable.Entry unit = unitOf(spelling.strip(), before, text, dimension);
      if (before != null && !unit.isSmallerThan(before)) {
        throw refused(FindingCode.QUANTITY_UNREADABLE, text, dimension, number.group());
      }
      total += unit.toBase().convert(minus ? -value : value);
      echo.append(echo.isEmpty() ? (minus ? "-" : "") : " ")
          .append(number.group().strip())
          .append(' ')
          .append(unit.symbol());
      before = unit;
    }
    if (before == null || !Double.isFinite(total)) {
      throw refused(FindingCode.QUANTITY_UNREADABLE, text, dimension, text);
    }
    new Findings()
        .addIf(
            dimension == Dimension.TEMPERATURE && total < ABSOLUTE_ZERO_C,
            FindingCode.NUMBER_TOO_SMALL,
            "text",
            Map.of("value", total, "low", ABSOLUTE_ZERO_C))
        .orRefuse();
    return new Reading(text, dimension, total, echo.toString());
  }

  private UnitTable.Entry unitOf(
      String spelling, UnitTable.Entry before, String text, Dimension dimension) {
    if (spelling.isEmpty()) {
      String bare = before == null ? dimension.unit() : before.next();
      return Optional.ofNullable(bare)
          .flatMap(symbol -> units.find(dimension, symbol))
          .orElseThrow(() -> refused(FindingCode.QUANTITY_UNREADABLE, text, dimension, text));
    }
    return units
        .find(dimension, spelling.replace("^", ""))
        .orElseThrow(
            () ->
                refused(
                    units.otherDimension(spelling).isPresent()
                        ? FindingCode.QUANTITY_WRONG_KIND
                        : FindingCode.QUANTITY_UNIT_UNKNOWN,
                    text,
                    dimension,
                    spelling));
  }

  private String leadingUnit(String rest, Dimension dimension) {
    Matcher cubed = CUBED.matcher(rest);
    if (cubed.lookingAt() && units.find(dimension, cubed.group(1).strip() + "3").isPresent()) {
      return cubed.group();
    }
    int end = 0;
    while (end < rest.length()
        && !Character.isDigit(rest.charAt(end))
        && ",+".indexOf(rest.charAt(end)) < 0) {
      end++;
    }
    // A decimal point that starts the next number (".5") belongs to that number.
    if (end > 0 && end < rest.length() && rest.charAt(end - 1) == '.') {
      end--;
    }
    return rest.substring(0, end);
  }

  private static RefusedException refused(
      FindingCode code, String text, Dimension dimension, String part) {
    return new RefusedException(
        new Finding(
            code,
            "text",
            Map.of(
                "value",
                text,
                "dimension",
                dimension.name().toLowerCase(java.util.Locale.ROOT),
                "part",
                part)));
  }
}
