package ironshelf.station;

import ironshelf.core.quantity.Findings;
import org.jspecify.annotations.Nullable;

/**
 * A station as it is to be kept.
 *
 * @param pieces 1 to 100 000; null where that does not bind
 * @param litres over 0 and up to 100 000; likewise
 */
public record StationChange(String name, @Nullable Integer pieces, @Nullable Double litres) {
  public StationChange {
    Findings findings = new Findings().text("name", name, 80);
    if (pieces != null) {
      findings.within("pieces", pieces, 1, 100_000);
    }
    if (litres != null) {
      findings.above("litres", litres, 0, 100_000);
    }
    findings.orRefuse();
  }
}
