package ironshelf.core.pour;

import ironshelf.core.quantity.Findings;
import org.jspecify.annotations.Nullable;

/**
 * Whether so much wet mix fits a mould, and the density at which it would.
 *
 * @param fullKg what the mould holds of the mix
 * @param heightMm how high it stands; null where the mould has no one area over its height
 * @param over whether it is more than the mould holds
 * @param thin whether it stands lower than it may
 * @param wantedKgM3 the density at which it just fits, or is just thick enough; null where it does
 */
public record MouldFit(
    double fullKg,
    @Nullable Double heightMm,
    boolean over,
    boolean thin,
    @Nullable Double wantedKgM3) {

  /**
   * @param freshKg over 0 and up to 5 000
   * @param capacityL of the mould, over 0 and up to 5 000
   * @param mixKgM3 100 to 10 000
   * @param fillPerMmKg what a millimetre of height takes, over 0; null where that differs
   * @param leastMm never thinner than that, over 0 and up to 5 000; null: any
   */
  public static MouldFit of(
      double freshKg,
      double capacityL,
      double mixKgM3,
      @Nullable Double fillPerMmKg,
      @Nullable Double leastMm) {
    Findings findings =
        new Findings()
            .above("freshKg", freshKg, 0, Findings.MAX_MASS_KG)
            .above("capacityL", capacityL, 0, 5_000)
            .within("mixKgM3", mixKgM3, 100, 10_000);
    if (fillPerMmKg != null) {
      findings.above("fillPerMmKg", fillPerMmKg, 0, Findings.MAX_MASS_KG);
    }
    if (leastMm != null) {
      findings.above("leastMm", leastMm, 0, 5_000);
    }
    findings.orRefuse();
    double fullKg = capacityL * mixKgM3 / 1000;
    Double heightMm = fillPerMmKg == null ? null : Double.valueOf(freshKg / fillPerMmKg);
    boolean over = freshKg > fullKg;
    boolean thin = heightMm != null && leastMm != null && heightMm < leastMm;
    // The same mass in the whole mould, or just at its least thickness.
    Double wanted = over ? Double.valueOf(mixKgM3 * freshKg / fullKg) : null;
    if (!over && heightMm != null && leastMm != null && thin) {
      wanted = mixKgM3 * heightMm / leastMm;
    }
    return new MouldFit(fullKg, heightMm, over, thin, wanted);
  }
}
