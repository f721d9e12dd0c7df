package ironshelf.core.mould;

import ironshelf.core.mould.solid.Drawn;
import ironshelf.core.quantity.Finding;
import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.Findings;
import ironshelf.core.quantity.RefusedException;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;

/**
 * How far a piece may be tilted before it falls: the angle whose tangent is the nearest edge of its
 * base over the height of its centre of mass (statics).
 *
 * <p>The piece is taken to be of one density, its inserts of the piece's own. The centre of mass
 * stands over the base's centroid where cores are centred; further cores off the axis are counted
 * in height and in mass, not in place.
 */
public final class Tipping {

  /** A portable lamp stands on a slope of 6 degrees (EN IEC 60598-2-4; from memory). */
  public static final double LEAST_DEG = 6;

  private static final int STEPS = 400;

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
    double reachMm = reachMm(cavity, upsideDown ? height : 0);
    if (!(reachMm > 0)) {
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

  /** The integral of z dV, as height times volume less the integral of V dz, by Simpson's rule. */
  private static double momentLMm(MouldShape shape, Drawn cavity, double volumeL) {
    double step = cavity.heightMm() / STEPS;
    double sum = volumeL;
    for (int i = 1; i < STEPS; i++) {
      sum += (i % 2 == 0 ? 2 : 4) * FillLevel.litresBelow(shape, cavity, i * step);
    }
    return cavity.heightMm() * volumeL - sum * step / 3;
  }

  /** From the foot's centroid to the nearest edge of its hull: a ring stands on its outer edge. */
  private static double reachMm(Drawn cavity, double zMm) {
    Geometry foot = cavity.crossSectionAt(zMm).polygon().convexHull();
    Coordinate centre = foot.getCentroid().getCoordinate();
    return centre == null || foot.getArea() == 0
        ? 0
        : foot.getBoundary().distance(foot.getFactory().createPoint(centre));
  }
}
