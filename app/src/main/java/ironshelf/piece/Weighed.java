package ironshelf.piece;

import ironshelf.core.quantity.Findings;
import org.jspecify.annotations.Nullable;

/**
 * What came out of a cavity.
 *
 * @param massKg null where it was not weighed: then nothing is learned of it
 * @param scrapReason null where it is sound
 */
public record Weighed(@Nullable Double massKg, @Nullable String scrapReason) {

  public Weighed {
    Findings findings = new Findings();
    if (scrapReason != null) {
      findings.text("scrapReason", scrapReason, 200);
    }
    if (massKg != null) {
      findings.above("massKg", massKg, 0, Findings.MAX_MASS_KG);
    }
    findings.orRefuse();
  }

  /** What the scale said of it: alone, or else with others where it is sound. */
  @Nullable OnScale or(@Nullable OnScale together) {
    if (massKg != null) {
      return OnScale.alone(massKg);
    }
    return scrapReason == null ? together : null;
  }
}
