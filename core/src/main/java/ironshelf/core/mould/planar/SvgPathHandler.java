package ironshelf.core.mould.planar;

import java.awt.geom.AffineTransform;
import java.awt.geom.Arc2D;
import java.awt.geom.Path2D;
import java.awt.geom.Point2D;
import org.apache.batik.parser.DefaultPathHandler;

/**
 * Builds a path from the commands that the parser finds. The parser's own builder loses a quarter
 * of a degree where an arc starts level or upright, which is what rounded rectangles are made of;
 * hence this one, with the arc by SVG 2, appendix B.2.4.
 */
final class SvgPathHandler extends DefaultPathHandler {

  private final Path2D.Double path = new Path2D.Double(Path2D.WIND_EVEN_ODD);
  private double x;
  private double y;
  private double startX;
  private double startY;
  private double handleX;
  private double handleY;

  Path2D path() {
    return path;
  }

  @Override
  public void movetoRel(float dx, float dy) {
    moveto(x + dx, y + dy);
  }

  @Override
  public void movetoAbs(float toX, float toY) {
    moveto(toX, toY);
  }

  private void moveto(double toX, double toY) {
    path.moveTo(toX, toY);
    startX = toX;
    startY = toY;
    at(toX, toY, toX, toY);
  }

  @Override
  public void closePath() {
    path.closePath();
    at(startX, startY, startX, startY);
  }

  @Override
  public void linetoRel(float dx, float dy) {
    lineto(x + dx, y + dy);
  }

  @Override
  public void linetoAbs(float toX, float toY) {
    lineto(toX, toY);
  }

  @Override
  public void linetoHorizontalRel(float dx) {
    lineto(x + dx, y);
  }

  @Override
  public void linetoHorizontalAbs(float toX) {
    lineto(toX, y);
  }

  @Override
  public void linetoVerticalRel(float dy) {
    lineto(x, y + dy);
  }

  @Override
  public void linetoVerticalAbs(float toY) {
    lineto(x, toY);
  }

  private void lineto(double toX, double toY) {
    path.lineTo(toX, toY);
    at(toX, toY, toX, toY);
  }

  @Override
  public void curvetoCubicRel(float x1, float y1, float x2, float y2, float dx, float dy) {
    cubic(x + x1, y + y1, x + x2, y + y2, x + dx, y + dy);
  }

  @Override
  public void curvetoCubicAbs(float x1, float y1, float x2, float y2, float toX, float toY) {
    cubic(x1, y1, x2, y2, toX, toY);
  }

  @Override
  public void curvetoCubicSmoothRel(float x2, float y2, float dx, float dy) {
    cubic(2 * x - handleX, 2 * y - handleY, x + x2, y + y2, x + dx, y + dy);
  }

  @Override
  public void curvetoCubicSmoothAbs(float x2, float y2, float toX, float toY) {
    cubic(2 * x - handleX, 2 * y - handleY, x2, y2, toX, toY);
  }

  private void cubic(double x1, double y1, double x2, double y2, double toX, double toY) {
    path.curveTo(x1, y1, x2, y2, toX, toY);
    at(toX, toY, x2, y2);
  }

  @Override
  public void curvetoQuadraticRel(float x1, float y1, float dx, float dy) {
    quadratic(x + x1, y + y1, x + dx, y + dy);
  }

  @Override
  public void curvetoQuadraticAbs(float x1, float y1, float toX, float toY) {
    quadratic(x1, y1, toX, toY);
  }

  @Override
  public void curvetoQuadraticSmoothRel(float dx, float dy) {
    quadratic(2 * x - handleX, 2 * y - handleY, x + dx, y + dy);
  }

  @Override
  public void curvetoQuadraticSmoothAbs(float toX, float toY) {
    quadratic(2 * x - handleX, 2 * y - handleY, toX, toY);
  }

  private void quadratic(double x1, double y1, double toX, double toY) {
    path.quadTo(x1, y1, toX, toY);
    at(toX, toY, x1, y1);
  }

  @Override
  public void arcRel(
      float rx, float ry, float turn, boolean large, boolean sweep, float dx, float dy) {
    arc(rx, ry, turn, large, sweep, x + dx, y + dy);
  }

  @Override
  public void arcAbs(
      float rx, float ry, float turn, boolean large, boolean sweep, float x2, float y2) {
    arc(rx, ry, turn, large, sweep, x2, y2);
  }

  private void arc(
      double rx, double ry, double turn, boolean large, boolean sweep, double toX, double toY) {
    if (rx == 0 || ry == 0 || (toX == x && toY == y)) {
      lineto(toX, toY);
      return;
    }
    // In a frame turned and squeezed so that the ellipse is the unit circle.
    AffineTransform back = AffineTransform.getRotateInstance(Math.toRadians(turn));
    back.scale(Math.abs(rx), Math.abs(ry));
    Point2D a = unsqueezed(back, x, y);
    Point2D b = unsqueezed(back, toX, toY);
    double half = a.distance(b) / 2;
    double grow = Math.max(1, half);
    double toCentre = Math.sqrt(Math.max(0, grow * grow - half * half));
    double side = large == sweep ? 1 : -1;
    double ux = (b.getX() - a.getX()) / (2 * half);
    double uy = (b.getY() - a.getY()) / (2 * half);
    double cx = (a.getX() + b.getX()) / 2 + side * uy * toCentre;
    double cy = (a.getY() + b.getY()) / 2 - side * ux * toCentre;
    double from = Math.toDegrees(Math.atan2(a.getY() - cy, a.getX() - cx));
    double extent = Math.toDegrees(Math.atan2(b.getY() - cy, b.getX() - cx)) - from;
    if (sweep && extent < 0) {
      extent += 360;
    } else if (!sweep && extent > 0) {
      extent -= 360;
    }
    // The platform counts angles the other way round.
    Arc2D circle =
        new Arc2D.Double(cx - grow, cy - grow, 2 * grow, 2 * grow, -from, -extent, Arc2D.OPEN);
    path.append(circle.getPathIterator(back), true);
    at(toX, toY, toX, toY);
  }

  private static Point2D unsqueezed(AffineTransform back, double x, double y) {
    try {
      return back.inverseTransform(new Point2D.Double(x, y), null);
    } catch (java.awt.geom.NoninvertibleTransformException e) {
      throw new IllegalStateException("radii of 0 were handled before", e);
    }
  }

  private void at(double toX, double toY, double controlX, double controlY) {
    x = toX;
    y = toY;
    handleX = controlX;
    handleY = controlY;
  }
}
