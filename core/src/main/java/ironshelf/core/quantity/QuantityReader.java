package ironshelf.core.quantity;

import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;

/**
 * Reads quantities as people type them: {@code 2 lb 4 oz}, {@code 1 1/4 gal}, {@code 3/4"}, {@code
 * 68 F}, {@code 1¼ cups}. A bare number is in the unit of the dimension; a bare number behind a
 * larger unit is in the next smaller one ({@code 2lb 4} is 2 lb 4 oz).
 *
 * <p>Conversions are those of the JVM's standard units library, exact to double precision. Refused:
 * nothing readable, a unit nobody knows or of another kind, {@code 1,250} (it could be either), a
 * minus sign anywhere but before a temperature. Not promised: the range; whoever uses the value
 * checks that.
 */
public final class QuantityReader {

  private static final int MOST_CHARACTERS = 80;

  private final UnitTable units;

  public QuantityReader(CupSize cup) {
    this.units = new UnitTable(cup);
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
      if (NumberReader.isAmbiguous(number)) {
        throw refused(FindingCode.QUANTITY_COMMA_AMBIGUOUS, text, dimension, number.group());
      }
      double value = NumberReader.value(number);
      if (Double.isNaN(value)) {
        throw refused(FindingCode.QUANTITY_UNREADABLE, text, dimension, number.group());
      }
      rest = rest.substring(number.end()).strip();
      String spelling = leadingUnit(rest);
      rest = rest.substring(spelling.length()).replaceFirst("^[\\s,+]+", "");
      UnitTable.Entry unit = unitOf(spelling.strip(), before, text, dimension);
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
        .find(dimension, spelling)
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

  private static String leadingUnit(String rest) {
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
