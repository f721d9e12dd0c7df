package ironshelf.core.quantity;

import java.text.Normalizer;
import java.util.OptionalDouble;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Reads the number forms people write: decimals, commas, grouped thousands, fractions, mixed and
 * Unicode ones.
 */
final class NumberReader {

  /**
   * A mixed number, a fraction, or a run of digits and signs between them, at the start of a text;
   * thousands may be parted by single spaces.
   */
  static final Pattern NUMBER =
      Pattern.compile(
          "(?:(\\d+)[ -]+)?(\\d+)\\s*/\\s*(\\d+)"
              + "|([1-9]\\d{0,2}(?: \\d{3})+(?:[.,]\\d+)?(?![\\d.,/]*\\d)"
              + "|[.,]?\\d(?:[\\d.,]*\\d)?)");

  private static final Pattern ONE_COMMA_GROUP = Pattern.compile("[1-9]\\d{0,2},\\d{3}");
  private static final Pattern ONE_POINT_GROUP = Pattern.compile("[1-9]\\d{0,2}\\.\\d{3}");
  private static final Pattern COMMA_GROUPS = Pattern.compile("[1-9]\\d{0,2}(,\\d{3})+(\\.\\d+)?");
  private static final Pattern POINT_GROUPS = Pattern.compile("[1-9]\\d{0,2}(\\.\\d{3})+(,\\d+)?");
  private static final Pattern PLAIN = Pattern.compile("\\d*[.,]?\\d+");

  private NumberReader() {}

  /** Writes one-half signs and their like as " 1/2", and fancy minus and spaces as plain ones. */
  static String plain(String text) {
    String spaced = text.replaceAll("([¼½¾⅐-⅞])", " $1 ");
    return Normalizer.normalize(spaced, Normalizer.Form.NFKC)
        .replace('⁄', '/')
        .replace('−', '-')
        .strip();
  }

  /**
   * Returns the value of a match of {@link #NUMBER}: NaN for a fraction over nothing, nothing where
   * the signs in it could mean two things or none.
   */
  static OptionalDouble value(Matcher number, DecimalMark mark) {
    if (number.group(4) == null) {
      double whole = number.group(1) == null ? 0 : Double.parseDouble(number.group(1));
      double below = Double.parseDouble(number.group(3));
      return OptionalDouble.of(
          below == 0 ? Double.NaN : whole + Double.parseDouble(number.group(2)) / below);
    }
    boolean spaced = number.group(4).indexOf(' ') >= 0;
    String digits = number.group(4).replace(" ", "");
    if (mark == DecimalMark.POINT && COMMA_GROUPS.matcher(digits).matches()) {
      return OptionalDouble.of(Double.parseDouble(digits.replace(",", "")));
    }
    if (mark == DecimalMark.COMMA
        && digits.indexOf(',') > digits.indexOf('.')
        && POINT_GROUPS.matcher(digits).matches()) {
      return OptionalDouble.of(Double.parseDouble(digits.replace(".", "").replace(',', '.')));
    }
    if (!PLAIN.matcher(digits).matches() || (!spaced && isAmbiguous(digits, mark))) {
      return OptionalDouble.empty();
    }
    return OptionalDouble.of(Double.parseDouble(digits.replace(',', '.')));
  }

  /** Tests whether the one sign in it could part thousands as well as decimals. */
  private static boolean isAmbiguous(String digits, DecimalMark mark) {
    return switch (mark) {
      case POINT -> digits.indexOf(',') >= 0;
      case COMMA -> ONE_POINT_GROUP.matcher(digits).matches();
      case EITHER -> ONE_COMMA_GROUP.matcher(digits).matches();
    };
  }
}
