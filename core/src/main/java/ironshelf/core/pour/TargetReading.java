package ironshelf.core.pour;

import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.Findings;
import ironshelf.core.recipe.Recipe;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/**
 * What the scale must show to stop, for a piece sold by its dry mass: {@code stop = mould +
 * hardware + (target - hardware) / retention} (docs/method/target-weights.md).
 *
 * @param freshKg wet mix in all
 * @param stopAtKg with mould and hardware on the scale; of the first pour where there are several
 * @param perPourKg wet mix a pour
 * @param stopsAtKg of each pour in turn, what was poured before weighed as the wet mix it was
 * @param retention dry over fresh, which it was worked out with
 */
public record TargetReading(
    double freshKg, double stopAtKg, double perPourKg, List<Double> stopsAtKg, double retention) {

  public TargetReading {
    stopsAtKg = List.copyOf(stopsAtKg);
  }

  /** Density of a dense mix, of which spheres are usually poured, in kg/m3 (common practice). */
  public static final double SPHERE_KG_M3 = 2_400;

  /** The lightest of usual fresh mixes, so that a mould holds any, kg/m3 (common practice). */
  private static final double ORDINARY_KG_M3 = 2_100;

  /**
   * @param targetKg dry, hardware included, over 0
   * @param mouldKg on the scale, 0 or more
   * @param hardwareKg handles, inserts, wire, 0 or more and under the target
   * @param retention dry over fresh, 0.5 to 1
   * @param pours 1 to 10, of equal mass
   */
  public static TargetReading of(
      double targetKg, double mouldKg, double hardwareKg, double retention, int pours) {
    new Findings()
        .above("targetKg", targetKg, 0, Findings.MAX_MASS_KG)
        .within("mouldKg", mouldKg, 0, Findings.MAX_MASS_KG)
        .within("hardwareKg", hardwareKg, 0, Findings.MAX_MASS_KG)
        .within("retention", retention, 0.5, 1)
        .within("pours", pours, 1, 10)
        .addIf(
            hardwareKg >= targetKg,
            FindingCode.NUMBER_TOO_LARGE,
            "hardwareKg",
            Map.of("value", hardwareKg, "high", targetKg))
        .orRefuse();
    double fresh = (targetKg - hardwareKg) / retention;
    double each = fresh / pours;
    return new TargetReading(
        fresh,
        mouldKg + hardwareKg + each,
        each,
        IntStream.rangeClosed(1, pours).mapToObj(n -> mouldKg + hardwareKg + n * each).toList(),
        retention);
  }

  /** Returns the diameter in mm of a whole sphere of that mass. */
  public static double sphereDiameterMm(double massKg, double densityKgM3) {
    new Findings()
        .above("massKg", massKg, 0, Findings.MAX_MASS_KG)
        .within("densityKgM3", densityKgM3, 100, 10_000)
        .orRefuse();
    return Math.cbrt(6 * massKg / densityKgM3 / Math.PI) * 1000;
  }

  /** Returns the mass in kg of a whole sphere of that diameter. */
  public static double sphereMassKg(double diameterMm, double densityKgM3) {
    new Findings()
        .length("diameterMm", diameterMm)
        .within("densityKgM3", densityKgM3, 100, 10_000)
        .orRefuse();
    return Math.PI / 6 * Math.pow(diameterMm / 1000, 3) * densityKgM3;
  }

  /** Returns the mass of one head of a hand weight with two, of which the handle is part. */
  public static double headKg(double targetKg, double hardwareKg) {
    // The same is refused here as for a reading.
    return of(targetKg, 0, hardwareKg, 1, 2).perPourKg();
  }

  /**
   * Returns how wide a six-sided head is, across its flats, to hold its mix: its dry mass over the
   * starting retention, at a light mix's density, rounded up to whole millimetres (area of a
   * regular hexagon: half the root of 3 times the width squared).
   */
  public static double headAcrossMm(double headKg, double headThicknessMm) {
    new Findings()
        .above("headKg", headKg, 0, Findings.MAX_MASS_KG)
        .length("headThicknessMm", headThicknessMm)
        .orRefuse();
    double mm3 = headKg / Recipe.STARTING_RETENTION / ORDINARY_KG_M3 * 1e9;
    return Math.ceil(Math.sqrt(mm3 / headThicknessMm / (Math.sqrt(3) / 2)));
  }

  /** Returns how long a handle must be cut: the grip, and into each head up to its boss. */
  public static double handleMm(double gripMm, double headThicknessMm, double bossMm) {
    new Findings()
        .length("gripMm", gripMm)
        .length("headThicknessMm", headThicknessMm)
        .within("bossMm", bossMm, 0, headThicknessMm > 0 ? headThicknessMm : Findings.MAX_LENGTH_MM)
        .orRefuse();
    return gripMm + 2 * (headThicknessMm - bossMm);
  }
}
