package ironshelf.core.quantity;

import java.text.Normalizer;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads the number forms people write: decimals, commas, fractions, mixed and Unicode ones. */
final class NumberReader {

  /** A mixed number, a fraction or a decimal, at the start of a text. */
  static final Pattern NUMBER =
      Pattern.compile("(?:(\\d+)[ -]+)?(\\d+)\\s*/\\s*(\\d+)|(\\d+(?:[.,]\\d+)?|[.,]\\d+)");

  private static final Pattern MAYBE_THOUSANDS = Pattern.compile("[1-9]\\d{0,2},\\d{3}");

  private NumberReader() {}

  /** Writes one-half signs and their like as " 1/2", and fancy minus and spaces as plain ones. */
  static String plain(String text) {
    String spaced = text.replaceAll("([¼½¾⅐-⅞])", " $1 ");
    return Normalizer.normalize(spaced, Normalizer.Form.NFKC)
        .replace('⁄', '/')
        .replace('−', '-')
        .strip();
  }

  /** Whether a comma could as well part thousands: "1,250". */
  static boolean isAmbiguous(Matcher number) {
    return number.group(4) != null && MAYBE_THOUSANDS.matcher(number.group(4)).matches();
  }

  /** The value of a match of {@link #NUMBER}; NaN for a fraction over nothing. */
  static double value(Matcher number) {
    if (number.group(4) != null) {
      return Double.parseDouble(number.group(4).replace(',', '.'));
    }
    double whole = number.group(1) == null ? 0 : Double.parseDouble(number.group(1));
    double below = Double.parseDouble(number.group(3));
    return below == 0 ? Double.NaN : whole + Double.parseDouble(number.group(2)) / below;
  }
}
