package ironshelf.piece;

import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.Findings;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * What a scale said of a piece.
 *
 * @param massKg of the piece, or its share of those that were weighed together
 * @param with how many were weighed together, 2 or more; null where it was alone
 */
public record OnScale(double massKg, @Nullable Integer with) {

  public OnScale {
    Findings findings = new Findings().above("massKg", massKg, 0, Findings.MAX_MASS_KG);
    if (with != null) {
      findings.within("with", with, 2, 5_000);
    }
    findings.orRefuse();
  }

  public static OnScale alone(double massKg) {
    return new OnScale(massKg, null);
  }

  /**
   * The share of each of several pieces that were weighed together; null where they were not
   * weighed so. Refused where one of them has a mass of its own besides.
   *
   * @param totalKg of all of them; null where they were not weighed together
   */
  public static @Nullable OnScale together(@Nullable Double totalKg, int pieces, boolean alsoEach) {
    if (totalKg == null) {
      return null;
    }
    new Findings()
        .above("totalMassKg", totalKg, 0, Findings.MAX_MASS_KG)
        .addIf(alsoEach, FindingCode.MASS_TWICE, "totalMassKg", Map.of("value", totalKg))
        .addIf(pieces == 0, FindingCode.VALUE_MISSING, "pieces", Map.of())
        .orRefuse();
    return new OnScale(totalKg / pieces, pieces == 1 ? null : pieces);
  }
}
