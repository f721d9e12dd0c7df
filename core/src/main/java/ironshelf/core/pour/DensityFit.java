package ironshelf.core.pour;

import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.Findings;
import java.util.Map;

/**
 * How much of a heavier or lighter aggregate brings a mix to a density, by absolute volume: a share
 * x of the whole replaced by grain, {@code density = (1 - x) mix + x grain} (ACI 211.1, 5.3;
 * docs/method/target-weights.md). The grain is taken to be dry and to fill no air.
 *
 * @param volumeShare of the whole, 0 to 1
 * @param grainPerMixKg kilograms of grain to one of the mix as it was
 */
public record DensityFit(double volumeShare, double grainPerMixKg) {

  /** More grain than so much leaves too little paste to bind it (common practice). */
  public static final double MOST_SHARE = 0.5;

  private static final double WATER_KG_M3 = 998;

  /**
   * @param mixKgM3 of the mix as it is, 100 to 10 000
   * @param wantedKgM3 between the mix's and the grain's own
   * @param grainRelativeDensity over 0 and up to 25
   */
  public static DensityFit of(double mixKgM3, double wantedKgM3, double grainRelativeDensity) {
    Findings findings =
        new Findings()
            .within("mixKgM3", mixKgM3, 100, 10_000)
            .within("wantedKgM3", wantedKgM3, 100, 10_000)
            .above("grainRelativeDensity", grainRelativeDensity, 0, 25);
    findings.orRefuse();
    double grain = grainRelativeDensity * WATER_KG_M3;
    double share = (wantedKgM3 - mixKgM3) / (grain - mixKgM3);
    double reach = mixKgM3 + MOST_SHARE * (grain - mixKgM3);
    findings
        .addIf(
            !(share >= 0 && share <= MOST_SHARE),
            FindingCode.DENSITY_OUT_OF_REACH,
            "wantedKgM3",
            Map.of("value", wantedKgM3, "mix", mixKgM3, "reach", reach))
        .orRefuse();
    return new DensityFit(share, share * grain / ((1 - share) * mixKgM3));
  }
}
