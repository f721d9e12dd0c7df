package ironshelf.core.mould.planar;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Polygon;

/**
 * Each command of SVG 2, chapter 9.3, against the same outline written in absolute curves, of which
 * the area is known exactly: half the integral of x dy - y dx along them (Green), here by two
 * thousand chords on each curve.
 */
@Tag("accuracy")
class SvgCommandsTest {

  /**
   * One outline in two ways.
   *
   * @param path as a drawing has it
   * @param start where it begins
   * @param curves each the points after its first: one for a line, two for a quadratic curve, three
   *     for a cubic one
   */
  record Drawn(String name, String path, Coordinate start, List<List<Coordinate>> curves) {
    @Override
    public String toString() {
      return name;
    }
  }

  private static final List<Coordinate> RIGHT_FOOT = to(100, 80);
  private static final List<Coordinate> LEFT_FOOT = to(0, 80);
  private static final int PARTS = 2_000;

  private static List<Coordinate> to(double... points) {
    List<Coordinate> curve = new ArrayList<>();
    for (int i = 0; i < points.length; i += 2) {
      curve.add(new Coordinate(points[i], points[i + 1]));
    }
    return curve;
  }

  private static Coordinate from(double x, double y) {
    return new Coordinate(x, y);
  }

  static Stream<Drawn> outlines() {
    Coordinate start = from(0, 0);
    return Stream.of(
        new Drawn(
            "C",
            "M0 0 C30 -40 70 -40 100 0 L100 80 L0 80 Z",
            start,
            List.of(to(30, -40, 70, -40, 100, 0), RIGHT_FOOT, LEFT_FOOT)),
        new Drawn(
            "c, l, z",
            "m0 0 c10 -40 80 -20 100 0 l0 80 l-100 0 z",
            start,
            List.of(to(10, -40, 80, -20, 100, 0), RIGHT_FOOT, LEFT_FOOT)),
        new Drawn(
            "c from elsewhere",
            "m20 30 c10 -40 80 -20 100 7 l0 80 l-100 0 z",
            from(20, 30),
            List.of(to(30, -10, 100, 10, 120, 37), to(120, 117), to(20, 117))),
        new Drawn(
            "S after C takes the handle's mirror",
            "M0 0 C15 -40 40 -30 50 -10 S80 30 100 0 L100 80 L0 80 Z",
            start,
            List.of(
                to(15, -40, 40, -30, 50, -10), to(60, 10, 80, 30, 100, 0), RIGHT_FOOT, LEFT_FOOT)),
        new Drawn(
            "s after c",
            "m5 6 c15 -40 40 -30 50 -10 s30 40 50 10 l0 80 l-100 0 z",
            from(5, 6),
            List.of(
                to(20, -34, 45, -24, 55, -4), to(65, 16, 85, 36, 105, 6), to(105, 86), to(5, 86))),
        new Drawn(
            "S after L starts at the point itself",
            "M0 0 L50 -10 S80 -30 100 0 L100 80 L0 80 Z",
            start,
            List.of(to(50, -10), to(50, -10, 80, -30, 100, 0), RIGHT_FOOT, LEFT_FOOT)),
        new Drawn(
            "s after s",
            "M0 0 s10 -30 30 -20 s20 30 40 10 s20 -20 30 10 V80 H0 Z",
            start,
            List.of(
                to(0, 0, 10, -30, 30, -20),
                to(50, -10, 50, 10, 70, -10),
                to(90, -30, 90, -30, 100, 0),
                RIGHT_FOOT,
                LEFT_FOOT)),
        new Drawn(
            "Q",
            "M0 0 Q40 -60 100 0 L100 80 L0 80 Z",
            start,
            List.of(to(40, -60, 100, 0), RIGHT_FOOT, LEFT_FOOT)),
        new Drawn(
            "q, v, h",
            "m7 9 q40 -60 100 0 v80 h-100 z",
            from(7, 9),
            List.of(to(47, -51, 107, 9), to(107, 89), to(7, 89))),
        new Drawn(
            "T after Q takes the handle's mirror",
            "M0 0 Q20 -40 50 -10 T100 0 V80 H0 Z",
            start,
            List.of(to(20, -40, 50, -10), to(80, 20, 100, 0), RIGHT_FOOT, LEFT_FOOT)),
        new Drawn(
            "t after q, and t again",
            "m3 4 q15 -40 30 -10 t30 5 t40 5 v80 h-100 z",
            from(3, 4),
            List.of(
                to(18, -36, 33, -6),
                to(48, 24, 63, -1),
                to(78, -26, 103, 4),
                to(103, 84),
                to(3, 84))),
        new Drawn(
            "an arc without a radius is a line",
            "M0 0 A0 30 0 0 1 100 0 A30 0 0 0 1 100 80 L0 80 Z",
            start,
            List.of(to(100, 0), RIGHT_FOOT, LEFT_FOOT)));
  }

  /** Where a curve of these points is at t, by de Casteljau's construction. */
  private static Coordinate at(Coordinate from, List<Coordinate> points, double t) {
    List<Coordinate> left = new ArrayList<>(List.of(from));
    left.addAll(points);
    while (left.size() > 1) {
      List<Coordinate> next = new ArrayList<>();
      for (int i = 1; i < left.size(); i++) {
        Coordinate a = left.get(i - 1);
        Coordinate b = left.get(i);
        next.add(new Coordinate(a.x + t * (b.x - a.x), a.y + t * (b.y - a.y)));
      }
      left = next;
    }
    return left.get(0);
  }

  private static double areaBelow(Coordinate from, List<Coordinate> points) {
    double area = 0;
    Coordinate last = from;
    for (int i = 1; i <= PARTS; i++) {
      Coordinate next = at(from, points, (double) i / PARTS);
      area += (last.x * next.y - next.x * last.y) / 2;
      last = next;
    }
    return area;
  }

  private static double exactArea(Drawn drawn) {
    double area = 0;
    Coordinate at = drawn.start();
    for (List<Coordinate> curve : drawn.curves()) {
      area += areaBelow(at, curve);
      at = end(curve);
    }
    return Math.abs(area + areaBelow(at, List.of(drawn.start())));
  }

  private static Coordinate end(List<Coordinate> curve) {
    return curve.get(curve.size() - 1);
  }

  private static Polygon read(String path, double mmPerUnit) {
    return Planes.polygon(PlanPoint.flatten(SvgPath.read(path, mmPerUnit)));
  }

  @ParameterizedTest
  @MethodSource("outlines")
  void isTheOutlineThatItsCurvesEnclose(Drawn drawn) {
    Polygon read = read(drawn.path(), 1);
    assertThat(read.getArea())
        .isCloseTo(exactArea(drawn), within(Planes.FLATNESS_MM * read.getLength()));
    // Every end of a curve is a corner, with y upwards.
    for (List<Coordinate> curve : drawn.curves()) {
      Coordinate end = new Coordinate(end(curve).x, -end(curve).y);
      assertThat(read.getCoordinates()).as("%s", end).anyMatch(c -> c.distance(end) < 1e-3);
    }
    // The middle of every curve lies on it, but for what chords cut off.
    Coordinate at = drawn.start();
    for (List<Coordinate> curve : drawn.curves()) {
      for (double t : new double[] {0.25, 0.5, 0.75}) {
        Coordinate on = at(at, curve, t);
        assertThat(read.getBoundary().distance(Planes.point(on.x, -on.y)))
            .as("%s at %s", drawn.path(), t)
            .isLessThanOrEqualTo(Planes.FLATNESS_MM);
      }
      at = end(curve);
    }
  }

  @ParameterizedTest
  @MethodSource("outlines")
  void growsWithTheSquareOfItsUnit(Drawn drawn) {
    Polygon inches = read(drawn.path(), 25.4);
    assertThat(inches.getArea() / (25.4 * 25.4))
        .isCloseTo(exactArea(drawn), within(Planes.FLATNESS_MM * inches.getLength() / 25.4));
  }

  /** SVG 2, B.2.5: radii that do not reach are grown until they just do. */
  @Test
  void anArcThatDoesNotReachIsAHalfCircle() {
    double half = Math.PI * 50 * 50 / 2;
    for (String path : List.of("M0 0 A10 10 0 0 1 100 0 Z", "m0 0 a10 10 0 0 1 100 0 z")) {
      Polygon read = read(path, 1);
      assertThat(read.getArea()).isCloseTo(half, within(Planes.FLATNESS_MM * read.getLength()));
      assertThat(read.getEnvelopeInternal().getMaxY()).isCloseTo(50, within(0.1));
    }
  }

  /** SVG 2, B.2.5: the sign of a radius is ignored. */
  @Test
  void aRadiusBelowNothingIsItsSize() {
    assertThat(read("M0 0 A-65 -65 0 0 1 100 0 Z", 1).getArea())
        .isCloseTo(read("M0 0 A65 65 0 0 1 100 0 Z", 1).getArea(), within(1e-6));
  }

  /**
   * A whole ellipse of two arcs, turned: pi a b, and its box, of which the half height is the root
   * of (a sin turn)2 + (b cos turn)2.
   */
  @ParameterizedTest
  @CsvSource({"0", "30", "45", "90", "-20"})
  void anEllipseOfTwoArcs(double turnDeg) {
    double turn = Math.toRadians(turnDeg);
    double a = 80;
    double b = 45;
    double x = a * Math.cos(turn);
    double y = a * Math.sin(turn);
    String path =
        "M%s %s A80 45 %s 0 1 %s %s A80 45 %s 0 1 %s %s Z"
            .formatted(x, y, turnDeg, -x, -y, turnDeg, x, y);
    Polygon read = read(path, 1);
    assertThat(read.getArea())
        .isCloseTo(Math.PI * a * b, within(Planes.FLATNESS_MM * read.getLength()));
    double half = Math.hypot(a * Math.sin(turn), b * Math.cos(turn));
    assertThat(read.getEnvelopeInternal().getMaxY()).isCloseTo(half, within(0.1));
  }

  /** A relative arc ends where its place and its way lead, and the next line starts there. */
  @Test
  void aRelativeArcGoesOnFromItsEnd() {
    Polygon read = read("m10 20 a65 65 0 0 1 100 0 l0 40 l-100 0 z", 1);
    double angle = 2 * Math.asin(50 / 65.0);
    double segment = 65 * 65 / 2.0 * (angle - Math.sin(angle));
    assertThat(read.getArea())
        .isCloseTo(4_000 + segment, within(Planes.FLATNESS_MM * read.getLength()));
    assertThat(read.getEnvelopeInternal().getMinX()).isCloseTo(10, within(1e-3));
    assertThat(read.getEnvelopeInternal().getMaxX()).isCloseTo(110, within(1e-3));
  }

  /** What is written is read again as the same corners, to a thousandth of a millimetre. */
  @Test
  void whatIsWrittenIsReadAgain() {
    List<Coordinate> corners =
        List.of(
            new Coordinate(-12.5, -3.25),
            new Coordinate(40.125, -3.25),
            new Coordinate(33.3, 21.75),
            new Coordinate(-12.5, 18));
    String path = SvgPath.write(corners);
    assertThat(path).isEqualTo("M-12.500 3.250L40.125 3.250L33.300 -21.750L-12.500 -18.000Z");
    List<PlanPoint> read = SvgPath.read(path, 1);
    assertThat(read).hasSize(4);
    for (int i = 0; i < corners.size(); i++) {
      assertThat(read.get(i).xMm()).isCloseTo(corners.get(i).x, within(1e-3));
      assertThat(read.get(i).yMm()).isCloseTo(corners.get(i).y, within(1e-3));
    }
  }

  /** Points that repeat the one before are one: no corner without an edge. */
  @Test
  void pointsThatRepeatAreOne() {
    assertThat(SvgPath.read("M0 0 L0 0 L100 0 L100 0.00005 L100 80 L0 80 L0 0 Z", 1)).hasSize(4);
  }
}
