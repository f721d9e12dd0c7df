package ironshelf.core.quantity;

import java.math.BigDecimal;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/**
 * Collects what is wrong with a set of values, so that all of it is said at once.
 *
 * <p>Every number check is written so that NaN fails it. NaN also stands for "was not given",
 * because a missing number and one that is none need the same remedy. The first finding of a field
 * is kept; later ones of the same field would only repeat it.
 */
public final class Findings {

  /** No length in a workshop is over 10 m (common practice). */
  public static final double MAX_LENGTH_MM = 10_000;

  /** No mass in a workshop is over 5 t (common practice). */
  public static final double MAX_MASS_KG = 5_000;

  private final Map<String, Finding> byField = new LinkedHashMap<>();

  /** Requires a length over 0 and up to {@link #MAX_LENGTH_MM}. */
  public Findings length(String field, double mm) {
    return above(field, mm, 0, MAX_LENGTH_MM);
  }

  /** Requires a number over {@code low} (not equal to it) and up to {@code high}. */
  public Findings above(String field, double value, double low, double high) {
    if (Double.isNaN(value)) {
      return missing(field);
    }
    if (!(value > low)) {
      return add(
          new Finding(FindingCode.NUMBER_NOT_ABOVE, field, Map.of("value", value, "low", low)));
    }
    return atMost(field, value, high);
  }

  /** Requires a number from {@code low} to {@code high}, both allowed. */
  public Findings within(String field, double value, double low, double high) {
    if (Double.isNaN(value)) {
      return missing(field);
    }
    if (!(value >= low)) {
      return add(
          new Finding(FindingCode.NUMBER_TOO_SMALL, field, Map.of("value", value, "low", low)));
    }
    return atMost(field, value, high);
  }

  /** Requires an amount of money from 0 to {@code most}; null where none was given. */
  public Findings amount(String field, BigDecimal value, BigDecimal most) {
    if (value != null && value.signum() < 0) {
      return add(
          new Finding(FindingCode.NUMBER_TOO_SMALL, field, Map.of("value", value, "low", 0)));
    }
    return addIf(
        value != null && value.compareTo(most) > 0,
        FindingCode.NUMBER_TOO_LARGE,
        field,
        Map.of("value", String.valueOf(value), "high", most));
  }

  private Findings atMost(String field, double value, double high) {
    if (!(value <= high)) {
      add(new Finding(FindingCode.NUMBER_TOO_LARGE, field, Map.of("value", value, "high", high)));
    }
    return this;
  }

  /** Requires a value to be given. */
  public Findings present(String field, Object value) {
    return value == null ? missing(field) : this;
  }

  /**
   * Requires a text with something in it, not over {@code most} characters, all of which can be
   * printed.
   */
  public Findings text(String field, String value, int most) {
    if (value == null || value.isBlank()) {
      return missing(field);
    }
    if (value.chars().anyMatch(c -> Character.isISOControl(c) && "\n\r\t".indexOf(c) < 0)) {
      return add(new Finding(FindingCode.TEXT_UNPRINTABLE, field, Map.of()));
    }
    return atMost(field + ".length", value.length(), most);
  }

  /** Requires a list with at least one entry and not over {@code most}. */
  public Findings list(String field, List<?> values, int most) {
    if (values == null || values.isEmpty()) {
      return add(new Finding(FindingCode.LIST_EMPTY, field, Map.of()));
    }
    if (values.size() > most) {
      add(
          new Finding(
              FindingCode.LIST_TOO_LONG, field, Map.of("value", values.size(), "high", most)));
    }
    for (int i = 0; i < values.size(); i++) {
      present(field + "." + i, values.get(i));
    }
    return this;
  }

  /** Notes that a field was not given. */
  public Findings missing(String field) {
    return add(new Finding(FindingCode.VALUE_MISSING, field, Map.of()));
  }

  public Findings add(Finding finding) {
    byField.putIfAbsent(finding.field(), finding);
    return this;
  }

  public Findings addIf(boolean wrong, FindingCode code, String field, Map<String, Object> params) {
    return wrong ? add(new Finding(code, field, params)) : this;
  }

  /** Makes a value; where it refuses, keeps what was found and gives null. */
  public <T> @Nullable T attempt(Supplier<T> making) {
    try {
      return making.get();
    } catch (RefusedException e) {
      e.findings().forEach(this::add);
      return null;
    }
  }

  public int size() {
    return byField.size();
  }

  public boolean isEmpty() {
    return byField.isEmpty();
  }

  public List<Finding> toList() {
    return List.copyOf(byField.values());
  }

  /**
   * @throws RefusedException with all that was found, if anything was
   */
  public void orRefuse() {
    if (!isEmpty()) {
      throw new RefusedException(toList());
    }
  }
}
