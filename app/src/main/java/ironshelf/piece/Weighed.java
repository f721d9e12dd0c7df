package ironshelf.piece;

import ironshelf.core.quantity.Findings;
import org.jspecify.annotations.Nullable;

/**
 * What came out of a cavity: a piece with its mass, or scrap with its reason. A broken piece need
 * not be weighed.
 */
public record Weighed(@Nullable Double massKg, @Nullable String scrapReason) {

  public Weighed {
    Findings findings = new Findings();
    if (scrapReason != null) {
      findings.text("scrapReason", scrapReason, 200);
    }
    if (massKg != null || scrapReason == null) {
      findings.above("massKg", massKg == null ? Double.NaN : massKg, 0, Findings.MAX_MASS_KG);
    }
    findings.orRefuse();
  }
}
