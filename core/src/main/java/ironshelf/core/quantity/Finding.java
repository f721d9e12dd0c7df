package ironshelf.core.quantity;

import static java.util.Objects.requireNonNull;

import java.util.Collections;
import java.util.Map;
import java.util.TreeMap;

/**
 * One thing found wrong with an input, or worth a warning on a result: a code, the field it is
 * about, and the values that the wording needs. Carries no wording itself.
 *
 * @param code what was found
 * @param field the path of the field, dots between names, for example {@code core.topDiameterMm};
 *     empty where it concerns the whole
 * @param params values by name, kept in the order of their names
 */
public record Finding(FindingCode code, String field, Map<String, Object> params) {

  public Finding {
    requireNonNull(code, "code");
    requireNonNull(field, "field");
    params = Collections.unmodifiableMap(new TreeMap<>(params));
  }

  /** Returns a finding of a result as a whole. */
  public static Finding of(FindingCode code, Map<String, Object> params) {
    return new Finding(code, "", params);
  }

  /** Returns the same finding seen from one level further out. */
  public Finding under(String parent) {
    if (parent.isEmpty()) {
      return this;
    }
    return new Finding(code, field.isEmpty() ? parent : parent + "." + field, params);
  }
}
