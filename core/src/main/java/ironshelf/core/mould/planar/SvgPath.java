package ironshelf.core.mould.planar;

import ironshelf.core.quantity.Finding;
import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.Findings;
import ironshelf.core.quantity.RefusedException;
import java.awt.geom.AffineTransform;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import org.apache.batik.parser.ParseException;
import org.apache.batik.parser.PathParser;
import org.locationtech.jts.awt.ShapeReader;
import org.locationtech.jts.geom.Coordinate;

/** An outline read from the path data of an SVG drawing (SVG 2, chapter 9), and written as such. */
public final class SvgPath {

  private static final int MOST_CHARACTERS = 200_000;

  /** Points no farther apart are one. */
  private static final double SAME_MM = 1e-4;

  private SvgPath() {}

  /**
   * Reads one closed outline; curves flattened to {@link Planes#FLATNESS_MM}. SVG's y grows
   * downwards, an outline's upwards: it is turned over, so that it looks the same.
   *
   * @param mmPerUnit size of the drawing's unit, 0.001 to 1 000
   * @throws RefusedException if it is no path data, not exactly one closed piece, or a piece that
   *     encloses nothing or crosses itself
   */
  public static List<PlanPoint> read(String path, double mmPerUnit) {
    new Findings()
        .text("svgPath", path, MOST_CHARACTERS)
        .within("mmPerUnit", mmPerUnit, 0.001, 1_000)
        .orRefuse();
    SvgPathHandler handler = new SvgPathHandler();
    PathParser parser = new PathParser();
    parser.setPathHandler(handler);
    try {
      parser.parse(path);
    } catch (ParseException e) {
      String said = e.getMessage() == null ? "it" : e.getMessage().lines().findFirst().orElse("it");
      throw new RefusedException(
          new Finding(FindingCode.PATH_UNREADABLE, "svgPath", Map.of("value", said)));
    }
    @SuppressWarnings("unchecked") // the library's list is raw
    List<Coordinate[]> pieces =
        ShapeReader.toCoordinates(
            handler
                .path()
                .getPathIterator(
                    AffineTransform.getScaleInstance(mmPerUnit, -mmPerUnit), Planes.FLATNESS_MM));
    if (pieces.size() != 1 || pieces.get(0).length < 4) {
      throw new RefusedException(
          new Finding(FindingCode.PATH_PIECES, "svgPath", Map.of("value", pieces.size())));
    }
    Coordinate[] ring = pieces.get(0);
    List<PlanPoint> outline = distinct(ring).stream().map(c -> PlanPoint.of(c.x, c.y)).toList();
    Planes.figure(outline, "svgPath");
    return outline;
  }

  /** Without points that repeat the one before: arcs meet their neighbours but for rounding. */
  private static List<Coordinate> distinct(Coordinate[] ring) {
    List<Coordinate> kept = new ArrayList<>();
    for (Coordinate c : ring) {
      if (kept.isEmpty() || kept.get(kept.size() - 1).distance(c) > SAME_MM) {
        kept.add(c);
      }
    }
    while (kept.size() > 1 && kept.get(0).distance(kept.get(kept.size() - 1)) <= SAME_MM) {
      kept.remove(kept.size() - 1);
    }
    return kept;
  }

  /** Path data in millimetres, y growing downwards. */
  public static String write(List<Coordinate> corners) {
    return corners.stream()
        .map(c -> String.format(Locale.ROOT, "%.3f %.3f", c.x, -c.y))
        .collect(Collectors.joining("L", "M", "Z"));
  }
}
