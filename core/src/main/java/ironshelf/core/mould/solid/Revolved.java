package ironshelf.core.mould.solid;

import ironshelf.core.mould.planar.CrossSection;
import ironshelf.core.mould.planar.Planes;
import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.Findings;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.DoubleStream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Polygon;

/**
 * A solid of revolution. {@code V = 2 pi r A} over its closed half profile, r the distance of the
 * profile's centroid from the axis (Pappus and Guldin; docs/method/moulds.md).
 *
 * <p>The profile is closed from its last point to its first. Points may touch the axis but not
 * cross it; the lowest is the floor. Refused: a profile that crosses itself or encloses nothing, or
 * that a level line cuts in more than one piece (such a piece is two moulds).
 *
 * @param profile 3 to 500 points, distance from the axis and height
 */
public record Revolved(List<Turn> profile) implements Drawn {

  private static final int MOST_POINTS = 500;
  private static final double SLIVER = 1e-12;

  /** A point of the closed half profile, in mm. */
  public record Turn(double rMm, double zMm) {
    public Turn {
      double most = Findings.MAX_LENGTH_MM;
      new Findings().within("rMm", rMm, 0, most).within("zMm", zMm, -most, most).orRefuse();
    }
  }

  public Revolved {
    Findings findings = new Findings().list("profile", profile, MOST_POINTS);
    findings.orRefuse();
    double floor = profile.stream().mapToDouble(Turn::zMm).min().orElse(0);
    profile = profile.stream().map(t -> new Turn(t.rMm, t.zMm - floor)).toList();
    findings
        .addIf(
            profile.size() < 3 || !(figure(profile).getArea() > 0),
            FindingCode.OUTLINE_EMPTY,
            "profile",
            Map.of("value", profile.size()))
        .orRefuse();
    findings
        .addIf(
            !figure(profile).isValid(),
            FindingCode.OUTLINE_CROSSES,
            "profile",
            Map.of("value", profile.size()))
        .orRefuse();
    refuseFolds(profile);
  }

  private static Polygon figure(List<Turn> profile) {
    return Planes.polygon(profile.stream().map(t -> new Coordinate(t.rMm, t.zMm)).toList());
  }

  private static void refuseFolds(List<Turn> profile) {
    double[] levels = profile.stream().mapToDouble(Turn::zMm).distinct().sorted().toArray();
    for (int i = 1; i < levels.length; i++) {
      double z = (levels[i - 1] + levels[i]) / 2;
      int cuts = crossings(profile, z).length;
      new Findings()
          .addIf(cuts != 2, FindingCode.PROFILE_FOLDS, "profile", Map.of("value", z))
          .orRefuse();
    }
  }

  @Override
  public double heightMm() {
    return profile.stream().mapToDouble(Turn::zMm).max().orElse(0);
  }

  /** Distances from the axis at which a level line crosses the profile, nearest first. */
  private static double[] crossings(List<Turn> profile, double z) {
    DoubleStream.Builder found = DoubleStream.builder();
    for (int i = 0; i < profile.size(); i++) {
      Turn a = profile.get(i);
      Turn b = profile.get((i + 1) % profile.size());
      if ((a.zMm <= z) != (b.zMm <= z)) {
        found.add(a.rMm + (b.rMm - a.rMm) * (z - a.zMm) / (b.zMm - a.zMm));
      }
    }
    return found.build().sorted().toArray();
  }

  /**
   * Returns the profile's part below a level, corner by corner (Sutherland and Hodgman's clipping).
   */
  private List<Coordinate> below(double z) {
    List<Coordinate> kept = new ArrayList<>();
    for (int i = 0; i < profile.size(); i++) {
      Turn a = profile.get(i);
      Turn b = profile.get((i + 1) % profile.size());
      if (a.zMm <= z) {
        kept.add(new Coordinate(a.rMm, a.zMm));
      }
      if ((a.zMm <= z) != (b.zMm <= z)) {
        kept.add(new Coordinate(a.rMm + (b.rMm - a.rMm) * (z - a.zMm) / (b.zMm - a.zMm), z));
      }
    }
    return kept;
  }

  /** Pappus written out: the sum over the edges is 2 pi times the first moment about the axis. */
  @Override
  public double volumeBelowMm3(double zMm) {
    List<Coordinate> corners = below(level(zMm));
    double moment = 0;
    for (int i = 0; i < corners.size(); i++) {
      Coordinate a = corners.get(i);
      Coordinate b = corners.get((i + 1) % corners.size());
      moment += (a.x + b.x) * (a.x * b.y - b.x * a.y) / 6;
    }
    return 2 * Math.PI * Math.abs(moment);
  }

  @Override
  public CrossSection crossSectionAt(double zMm) {
    // Just inside the ends, where a level line would run along an edge.
    double h = heightMm();
    double z = Math.max(h * SLIVER, Math.min(zMm, h * (1 - SLIVER)));
    double[] r = crossings(profile, z);
    return new CrossSection.Round(
        r.length == 0 ? 0 : r[r.length - 1], r.length == 0 || r[0] < 1e-3 ? 0 : r[0], 0, 0);
  }

  /** Cone frusta of every edge but those that lie in the floor or the opening. */
  @Override
  public double sideBelowMm2(double zMm) {
    double z = level(zMm);
    List<Coordinate> corners = below(z);
    double area = 0;
    for (int i = 0; i < corners.size(); i++) {
      Coordinate a = corners.get(i);
      Coordinate b = corners.get((i + 1) % corners.size());
      boolean end = a.y == b.y && (a.y == 0 || a.y == z);
      area += end ? 0 : Math.PI * (a.x + b.x) * a.distance(b);
    }
    return area;
  }

  @Override
  public List<Double> bendsMm() {
    return profile.stream().map(Turn::zMm).distinct().sorted().toList();
  }

  @Override
  public double draftDeg() {
    double least = 90;
    List<ProfilePoint> outer = halfSection();
    for (int i = 1; i < outer.size(); i++) {
      double rise = outer.get(i).zMm() - outer.get(i - 1).zMm();
      double out = outer.get(i).rMm() - outer.get(i - 1).rMm();
      if (rise > 0) {
        least = Math.min(least, Math.toDegrees(Math.atan2(out, rise)));
      }
    }
    return least;
  }

  /** Returns the outer side, floor to rim: the profile's outermost point at each of its heights. */
  @Override
  public List<ProfilePoint> halfSection() {
    double h = heightMm();
    return profile.stream()
        .mapToDouble(Turn::zMm)
        .distinct()
        .sorted()
        .mapToObj(z -> new ProfilePoint(outermost(z, h), z))
        .toList();
  }

  private double outermost(double z, double h) {
    double atCorners =
        profile.stream().filter(t -> t.zMm == z).mapToDouble(Turn::rMm).max().orElse(0);
    double[] r = crossings(profile, Math.min(z, h * (1 - SLIVER)));
    return r.length == 0 ? atCorners : Math.max(atCorners, r[r.length - 1]);
  }
}
