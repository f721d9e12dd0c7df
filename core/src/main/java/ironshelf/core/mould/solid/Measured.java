package ironshelf.core.mould.solid;

import ironshelf.core.quantity.Findings;
import org.jspecify.annotations.Nullable;

/**
 * A cavity that was measured instead of drawn, its core and inserts in their places.
 *
 * @param volumeL over 0 and up to 5 000
 * @param how null where it was not said
 */
public record Measured(double volumeL, @Nullable How how) implements Solid {

  /** Ways to measure. */
  public enum How {
    WATER_FILL,
    DRY_MIX_FILL,
    LAST_POURS
  }

  /** Density of water at 20 degrees in kg/L (docs/method/moulds.md). */
  private static final double WATER_KG_L = 0.998;

  /** Dry mix packs down by about a quarter when wetted (common practice). */
  private static final double DRY_MIX_FACTOR = 4.0 / 3;

  private static final double MAX_L = 5_000;

  public Measured {
    new Findings().above("volumeL", volumeL, 0, MAX_L).orRefuse();
  }

  @Override
  public double litres() {
    return volumeL;
  }

  /**
   * From a mass on the scale: water that fills it, dry mix that fills it level, or the mean of what
   * the last pours really took.
   *
   * <p>Dry mix that fills it level packs down by about a quarter when it is wetted: it takes four
   * thirds of that as dry mix.
   *
   * @param massKg over 0 and up to 5 000
   * @param kgM3 100 to 10 000; does not matter to water. For wet mix the fresh density; for dry mix
   *     how much of it is in a cubic metre of wet mix
   */
  public static Measured of(How how, double massKg, double kgM3) {
    Findings findings =
        new Findings().present("how", how).above("massKg", massKg, 0, Findings.MAX_MASS_KG);
    if (how != How.WATER_FILL) {
      findings.within(how == How.DRY_MIX_FILL ? "dryKgM3" : "freshDensityKgM3", kgM3, 100, 10_000);
    }
    findings.orRefuse();
    double volumeL =
        switch (how) {
          case WATER_FILL -> massKg / WATER_KG_L;
          case DRY_MIX_FILL -> massKg * DRY_MIX_FACTOR / kgM3 * 1000;
          case LAST_POURS -> massKg / kgM3 * 1000;
        };
    return new Measured(volumeL, how);
  }
}
