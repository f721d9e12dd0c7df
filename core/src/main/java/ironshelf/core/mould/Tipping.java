package ironshelf.core.mould;

import ironshelf.core.mould.planar.CrossSection;
import ironshelf.core.mould.solid.Drawn;
import ironshelf.core.quantity.Finding;
import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.Findings;
import ironshelf.core.quantity.RefusedException;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Point;

/**
 * How far a piece may be tilted before it falls: the angle whose tangent is the nearest edge of its
 * base over the height of its centre of mass (statics).
 *
 * <p>The piece is taken to be of one density, its inserts of the piece's own. Cores and bores count
 * where they are: one off the axis moves the centre of mass away from it. What is mounted stands on
 * the axis. Where the centre of mass is not over the base the angle is 0: it falls by itself.
 */
public final class Tipping {

  /** A portable lamp stands on a slope of 6 degrees (EN IEC 60598-2-4; from memory). */
  public static final double LEAST_DEG = 6;

  /** Density of a dry piece of an ordinary mix, in kg/m3 (common practice). */
  public static final double DRY_KG_M3 = 2_100;

  private static final int STEPS = 400;
  private static final int PANELS = 16;

  /**
   * @param centreOfMassMm over the base
   * @param baseReachMm from under the centre of mass to the nearest edge of the base
   * @param tipAngleDeg null where it stands on a point and rolls
   */
  public record Result(
      double massKg,
      double centreOfMassMm,
      double baseReachMm,
      @Nullable Double tipAngleDeg,
      List<Finding> warnings) {}

  private Tipping() {}

  /**
   * @param densityKgM3 of the dry piece, 100 to 10 000
   * @param fittingMassKg of what is mounted on it, 0 to 5 000
   * @param fittingHeightMm of the fitting's own centre of mass over the base, 0 to 10 000
   * @param upsideDown whether it stands on what was its rim in the mould
   * @throws RefusedException also where the cavity was only measured: its shape is not known
   */
  public static Result of(
      MouldShape shape,
      double densityKgM3,
      double fittingMassKg,
      double fittingHeightMm,
      boolean upsideDown) {
    new Findings()
        .within("densityKgM3", densityKgM3, 100, 10_000)
        .within("fittingMassKg", fittingMassKg, 0, Findings.MAX_MASS_KG)
        .within("fittingHeightMm", fittingHeightMm, 0, Findings.MAX_LENGTH_MM)
        .orRefuse();
    Drawn cavity = shape.drawnCavity();
    if (cavity == null) {
      throw new RefusedException(new Finding(FindingCode.CORE_IN_MEASURED, "cavity", Map.of()));
    }
    double height = cavity.heightMm();
    double volumeL = FillLevel.litresBelow(shape, cavity, height);
    double momentLMm = momentLMm(shape, cavity, volumeL);
    double pieceKg = volumeL * densityKgM3 / 1000;
    double pieceMm = upsideDown ? height - momentLMm / volumeL : momentLMm / volumeL;
    double massKg = pieceKg + fittingMassKg;
    double centreMm = (pieceKg * pieceMm + fittingMassKg * fittingHeightMm) / massKg;
    Coordinate piece = planCentre(shape, cavity);
    Coordinate centre = new Coordinate(piece.x * pieceKg / massKg, piece.y * pieceKg / massKg);
    Geometry foot = cavity.crossSectionAt(upsideDown ? height : 0).polygon().convexHull();
    double reachMm = reachMm(foot, centre);
    if (!(foot.getArea() > 0)) {
      return new Result(
          massKg, centreMm, 0, null, List.of(Finding.of(FindingCode.ROLLS, Map.of())));
    }
    double angle = Math.toDegrees(Math.atan2(reachMm, centreMm));
    return new Result(
        massKg,
        centreMm,
        reachMm,
        angle,
        angle < LEAST_DEG
            ? List.of(
                Finding.of(FindingCode.TIPS_EASILY, Map.of("value", angle, "least", LEAST_DEG)))
            : List.of());
  }

  /**
   * Returns the integral of z dV, as height times volume less the integral of V dz, by Simpson's
   * rule.
   */
  private static double momentLMm(MouldShape shape, Drawn cavity, double volumeL) {
    double step = cavity.heightMm() / STEPS;
    double sum = volumeL;
    for (int i = 1; i < STEPS; i++) {
      sum += (i % 2 == 0 ? 2 : 4) * FillLevel.litresBelow(shape, cavity, i * step);
    }
    return cavity.heightMm() * volumeL - sum * step / 3;
  }

  /** To the nearest edge of the foot's hull, a ring stands on its outer edge; 0 if beside it. */
  private static double reachMm(Geometry foot, Coordinate centre) {
    Point under = foot.getFactory().createPoint(centre);
    return foot.covers(under) ? foot.getBoundary().distance(under) : 0;
  }

  /**
   * Returns where the centre of mass stands, seen from above: the integral of area times centroid
   * over the height, cavity less cores, by Simpson's rule between the bends of either (exact where
   * sides are straight).
   */
  private static Coordinate planCentre(MouldShape shape, Drawn cavity) {
    double height = cavity.heightMm();
    TreeSet<Double> bends = new TreeSet<>(cavity.bendsMm());
    for (PlacedCore core : shape.allCores()) {
      core.solid().bendsMm().forEach(z -> bends.add(Math.min(height, core.liftMm() + z)));
    }
    double[] sum = new double[3];
    Double from = bends.first();
    for (Double to : bends.tailSet(from, false)) {
      double step = (to - from) / PANELS;
      for (int i = 0; i <= PANELS; i++) {
        double weight = i == 0 || i == PANELS ? 1 : i % 2 == 0 ? 2 : 4;
        // Just inside the ends, where a profile may step.
        double z = Math.max(from + step * 1e-9, Math.min(to - step * 1e-9, from + i * step));
        add(sum, cavity.crossSectionAt(z), weight * step);
        for (PlacedCore core : shape.allCores()) {
          if (z > core.liftMm() && z < core.liftMm() + core.solid().heightMm()) {
            add(sum, core.crossSectionAt(z), -weight * step);
          }
        }
      }
      from = to;
    }
    return sum[0] == 0 ? new Coordinate(0, 0) : new Coordinate(sum[1] / sum[0], sum[2] / sum[0]);
  }

  private static void add(double[] sum, CrossSection cut, double weight) {
    Coordinate centre = cut.centroid();
    sum[0] += weight * cut.areaMm2();
    sum[1] += weight * cut.areaMm2() * centre.x;
    sum[2] += weight * cut.areaMm2() * centre.y;
  }
}
