package ironshelf.core.recipe;

import ironshelf.core.material.Water;
import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.Findings;
import ironshelf.core.quantity.RefusedException;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * The heat balance of a mix as it comes together: the mean temperature of what goes in, weighted by
 * mass and specific heat, less what ice takes to melt (ACI 305R, temperature of fresh concrete).
 * Heat of wetting and of the mixer is not counted.
 *
 * @param solidsKg dry materials, over 0
 * @param waterKg all mixing water, ice included; 0 where the mix is dry
 */
public record MixHeat(double solidsKg, double solidsC, double waterKg) {

  /** Specific heat of dry solids in kJ/(kg K) (ACI 305R: 0.22 against water's 1). */
  static final double SOLIDS_SPECIFIC_HEAT = 0.88;

  /** Heat that melts ice, in kJ/kg (ACI 305R: 144 Btu/lb, 80 kcal/kg). */
  static final double ICE_LATENT_HEAT = 335;

  /** The coldest water that a tap and a bucket of ice give. */
  static final double COLDEST_WATER_C = 1;

  private static final double HOTTEST_WATER_C = 60;
  private static final double ROUNDING = 1e-9;

  public MixHeat {
    new Findings()
        .above("solidsKg", solidsKg, 0, Findings.MAX_MASS_KG)
        .within("solidsC", solidsC, -30, 60)
        .within("waterKg", waterKg, 0, Findings.MAX_MASS_KG)
        .orRefuse();
  }

  /**
   * Returns the mix's temperature with that much of the water as ice at 0 degrees.
   *
   * @param iceKg part of the water
   * @param field to name in what is refused
   * @throws RefusedException for ice of which some would not melt: the mix would be below 0
   */
  public double mixC(double waterC, double iceKg, String field) {
    double most = mostIceKg(waterC);
    new Findings()
        .addIf(
            iceKg > 0 && iceKg > most * (1 + ROUNDING),
            FindingCode.ICE_STAYS,
            field,
            Map.of("value", iceKg, "most", most))
        .orRefuse();
    double liquid = waterKg - iceKg;
    return (solidsKg * SOLIDS_SPECIFIC_HEAT * solidsC
            + liquid * Water.SPECIFIC_HEAT * waterC
            - iceKg * ICE_LATENT_HEAT)
        / heatCapacity();
  }

  /**
   * Returns how much of the water can be ice so that all of it melts, water of that temperature.
   */
  public double mostIceKg(double waterC) {
    double warmth =
        solidsKg * SOLIDS_SPECIFIC_HEAT * solidsC + waterKg * Water.SPECIFIC_HEAT * waterC;
    return Math.max(
        0, Math.min(waterKg, warmth / (ICE_LATENT_HEAT + Water.SPECIFIC_HEAT * waterC)));
  }

  private double heatCapacity() {
    return solidsKg * SOLIDS_SPECIFIC_HEAT + waterKg * Water.SPECIFIC_HEAT;
  }

  /**
   * How to come to a mix temperature.
   *
   * @param waterC to use; never under {@link #COLDEST_WATER_C}
   * @param iceKg of the mixing water to be ice; 0 where cold water does
   * @param reached whether it can be reached at all
   */
  public record Cooling(double waterC, double iceKg, boolean reached) {}

  /**
   * Returns the warmest water that keeps the mix that cold; with ice where no water is cold enough.
   */
  public Cooling coolingFor(double mixC) {
    if (waterKg == 0) {
      return new Cooling(solidsC, 0, mixC >= solidsC);
    }
    double wanted =
        (mixC * heatCapacity() - solidsKg * SOLIDS_SPECIFIC_HEAT * solidsC)
            / (waterKg * Water.SPECIFIC_HEAT);
    if (wanted >= COLDEST_WATER_C) {
      return new Cooling(Math.min(wanted, HOTTEST_WATER_C), 0, wanted <= HOTTEST_WATER_C);
    }
    double missing = (COLDEST_WATER_C - wanted) * waterKg * Water.SPECIFIC_HEAT;
    double ice = missing / (ICE_LATENT_HEAT + COLDEST_WATER_C * Water.SPECIFIC_HEAT);
    double most = mostIceKg(COLDEST_WATER_C);
    return new Cooling(COLDEST_WATER_C, Math.min(ice, most), ice <= most);
  }

  /**
   * Returns the cooling that leaves so many minutes of work; null where the recipe gives no time.
   */
  public @Nullable Cooling coolingFor(@Nullable Double minutesAt20C, double minutes) {
    return minutesAt20C == null ? null : coolingFor(WorkingTime.mixCFor(minutesAt20C, minutes));
  }
}
