package ironshelf.copy;

import ironshelf.core.quantity.Findings;
import ironshelf.core.quantity.WhenMissing;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * A copy as it is to be kept.
 *
 * @param code as on its label, unique in the shop
 * @param emptyKg what it weighs empty, its core with it, 0 to 5 000
 * @param castsBefore casts it had before it was kept here, 0 to 100 000
 */
public record CopyRequest(
    String code,
    @WhenMissing("0") double castsBefore,
    @Nullable String place,
    @Nullable LocalDate boughtOn,
    @Nullable BigDecimal boughtFor,
    @Nullable Double emptyKg) {

  private static final BigDecimal MOST = new BigDecimal(1_000_000);

  public CopyRequest {
    castsBefore = Double.isNaN(castsBefore) ? 0 : castsBefore;
    Findings findings =
        new Findings().text("code", code, 20).within("castsBefore", castsBefore, 0, 100_000);
    if (place != null) {
      findings.text("place", place, 60);
    }
    if (emptyKg != null) {
      findings.within("emptyKg", emptyKg, 0, Findings.MAX_MASS_KG);
    }
    findings.amount("boughtFor", boughtFor, MOST);
    findings.orRefuse();
    boughtFor = boughtFor == null ? null : boughtFor.setScale(2, RoundingMode.HALF_UP);
  }
}
