package ironshelf.core.quantity;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.regex.Matcher;

/**
 * A number alone, in the forms people write: {@code 1/2}, {@code 1 1/4}, {@code ¾}, {@code 0,5}.
 */
public final class NumberText {

  private NumberText() {}

  /**
   * Returns the number, where the whole text is one; nothing where it is not, or could mean two
   * things.
   */
  public static Optional<Double> read(String text, DecimalMark mark) {
    Matcher number = NumberReader.NUMBER.matcher(NumberReader.plain(text));
    OptionalDouble value =
        number.matches() ? NumberReader.value(number, mark) : OptionalDouble.empty();
    return value.isEmpty() || Double.isNaN(value.getAsDouble())
        ? Optional.empty()
        : Optional.of(value.getAsDouble());
  }
}
