package ironshelf.core.piece.cause;

import ironshelf.core.quantity.Findings;
import java.util.EnumMap;
import java.util.Map;

/**
 * What is known of a piece; what is not known is not there.
 *
 * @param known each -1 000 000 to 1 000 000
 */
public record PieceFacts(Map<FactName, Double> known) {

  public PieceFacts {
    Findings findings = new Findings().present("known", known);
    if (known != null) {
      known.forEach((name, value) -> findings.within(name.name(), value, -1e6, 1e6));
    }
    findings.orRefuse();
    known = Map.copyOf(known);
  }

  /** Returns what is known of it, NaN where it is not. */
  public double get(FactName name) {
    return known.getOrDefault(name, Double.NaN);
  }

  /** Returns the same with what somebody says besides; what is said wins. */
  public PieceFacts and(Map<FactName, Double> said) {
    Map<FactName, Double> all = new EnumMap<>(FactName.class);
    all.putAll(known);
    all.putAll(said);
    return new PieceFacts(all);
  }
}
