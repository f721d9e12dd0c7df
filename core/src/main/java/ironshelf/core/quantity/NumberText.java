package ironshelf.core.quantity;

import java.util.Optional;
import java.util.regex.Matcher;

/**
 * A number alone, in the forms people write: {@code 1/2}, {@code 1 1/4}, {@code ¾}, {@code 0,5}.
 */
public final class NumberText {

  private NumberText() {}

  /** The number, where the whole text is one; nothing where it is not, or could mean two things. */
  public static Optional<Double> read(String text) {
    Matcher number = NumberReader.NUMBER.matcher(NumberReader.plain(text));
    if (!number.matches() || NumberReader.isAmbiguous(number)) {
      return Optional.empty();
    }
    double value = NumberReader.value(number);
    return Double.isNaN(value) ? Optional.empty() : Optional.of(value);
  }
}
