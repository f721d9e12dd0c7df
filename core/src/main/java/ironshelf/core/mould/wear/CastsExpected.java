package ironshelf.core.mould.wear;

import ironshelf.core.quantity.Findings;
import java.math.BigDecimal;
import java.math.RoundingMode;

/**
 * How many casts a kind of mould lasts in this shop: all casts of all its copies, worn ones and
 * those still in use, over the copies that wore out. That is the likeliest mean life where wear is
 * as likely at each cast (the MTBF of a constant repair rate, NIST/SEMATECH e-Handbook 8.4.5.1;
 * section from memory). Under three worn copies the starting value stands.
 *
 * @param casts mean life
 * @param wornCopies how many it rests on
 * @param own whether it is the shop's own
 */
public record CastsExpected(double casts, int wornCopies, boolean own) {

  /** Fewer ends of life say too little (common practice). */
  public static final int LEAST_WORN = 3;

  public static CastsExpected of(int startingValue, long allCasts, int wornCopies) {
    new Findings()
        .within("startingValue", startingValue, 1, 100_000)
        .within("allCasts", (double) allCasts, 0, 1e9)
        .within("wornCopies", wornCopies, 0, 1e6)
        .orRefuse();
    return wornCopies < LEAST_WORN || allCasts < wornCopies
        ? new CastsExpected(startingValue, wornCopies, false)
        : new CastsExpected((double) allCasts / wornCopies, wornCopies, true);
  }

  /** Returns what one cast wears off a mould that cost so much, to a hundredth of a cent. */
  public BigDecimal wearPerCast(BigDecimal price) {
    return price.divide(BigDecimal.valueOf(casts), 4, RoundingMode.HALF_UP);
  }
}
