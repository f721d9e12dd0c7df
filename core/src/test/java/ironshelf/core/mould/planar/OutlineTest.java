package ironshelf.core.mould.planar;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import ironshelf.core.quantity.RefusedException;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.hipparchus.geometry.euclidean.twod.PolygonsSet;
import org.hipparchus.geometry.euclidean.twod.Vector2D;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Polygon;

@Tag("accuracy")
class OutlineTest {

  private static final long SEED = 31;

  /** Areas and centroids against another library's (Hipparchus, PolygonsSet). */
  @Test
  void areasAndCentroidsAgreeWithAReferenceLibrary() {
    Random random = new Random(SEED);
    for (int n = 0; n < 60; n++) {
      int corners = 3 + random.nextInt(12);
      List<Coordinate> star =
          IntStream.range(0, corners)
              .mapToObj(
                  i -> {
                    double r = 20 + random.nextDouble() * 200;
                    double a = 2 * Math.PI * i / corners;
                    return new Coordinate(r * Math.cos(a), r * Math.sin(a));
                  })
              .toList();
      Polygon ours = Planes.polygon(star);
      PolygonsSet theirs =
          new PolygonsSet(
              1e-9, star.stream().map(c -> new Vector2D(c.x, c.y)).toArray(Vector2D[]::new));
      assertThat(ours.getArea())
          .as("seed %s, %s", SEED, n)
          .isCloseTo(theirs.getSize(), within(1e-6));
      Vector2D centroid = theirs.getBarycenter();
      assertThat(ours.getCentroid().getX()).isCloseTo(centroid.getX(), within(1e-6));
      assertThat(ours.getCentroid().getY()).isCloseTo(centroid.getY(), within(1e-6));
    }
  }

  /** Circular segments, r2/2 (a - sin a): two of 120 degrees of r 100 make the boat. */
  @Test
  void aBoatIsTwoSegments() {
    double r = 100;
    double length = 2 * r * Math.sin(Math.PI / 3);
    double beam = 2 * r * (1 - Math.cos(Math.PI / 3));
    double exact = r * r * (2 * Math.PI / 3 - Math.sin(2 * Math.PI / 3));
    assertThat(area(new ReadyOutline.Boat(length, beam))).isCloseTo(exact, within(exact * 0.004));
  }

  @Test
  void aRoundedRectangleLosesFourCorners() {
    double exact = 300 * 200 - (4 - Math.PI) * 40 * 40;
    assertThat(area(new ReadyOutline.RoundedRectangle(300, 200, 40)))
        .isCloseTo(exact, within(exact * 0.001));
    assertThat(area(new ReadyOutline.RoundedRectangle(300, 200, 0)))
        .isCloseTo(60_000, within(1e-6));
  }

  /** By its own words: as long as both circles, as narrow as asked, smooth where arcs meet. */
  @Test
  void anHourglassKeepsItsMeasures() {
    for (double[] m :
        new double[][] {{200, 200, 190, 120}, {220, 160, 200, 90}, {150, 150, 100, 130}}) {
      Polygon figure =
          Planes.polygon(
              PlanPoint.flatten(new ReadyOutline.Hourglass(m[0], m[1], m[2], m[3]).points()));
      assertThat(figure.isValid()).isTrue();
      assertThat(figure.getEnvelopeInternal().getWidth())
          .isCloseTo(m[2] + (m[0] + m[1]) / 2, within(0.3));
      double narrowest =
          IntStream.range(-60, 61)
              .mapToDouble(
                  i -> {
                    double x = i * m[2] / 130;
                    return figure
                        .intersection(Planes.line(new Coordinate(x, -500), new Coordinate(x, 500)))
                        .getLength();
                  })
              .min()
              .orElse(0);
      assertThat(narrowest).isCloseTo(m[3], within(0.4));
    }
    assertThatThrownBy(() -> new ReadyOutline.Hourglass(200, 200, 190, 230))
        .isInstanceOf(RefusedException.class);
  }

  @Test
  void aLeafIsAsWideAsAsked() {
    Polygon leaf = Planes.polygon(PlanPoint.flatten(new ReadyOutline.Leaf(300, 90).points()));
    assertThat(leaf.isValid()).isTrue();
    assertThat(leaf.getEnvelopeInternal().getHeight()).isCloseTo(90, within(1e-9));
    assertThat(leaf.getEnvelopeInternal().getWidth()).isCloseTo(300, within(1e-9));
  }

  /** SVG 2, 9.3: a closed path of lines, a half circle by the arc command, relative commands. */
  @Test
  void svgPathsAreRead() {
    assertThat(area(SvgPath.read("M0 0 H100 V50 H0 Z", 1))).isCloseTo(5_000, within(1e-9));
    assertThat(area(SvgPath.read("m0,0 l10,0 0,10 -10,0z", 25.4)))
        .isCloseTo(100 * 25.4 * 25.4, within(1e-6));
    double half = Math.PI * 50 * 50 / 2;
    assertThat(area(SvgPath.read("M0 0 A50 50 0 0 1 100 0 Z", 1)))
        .isCloseTo(half, within(half * 0.004));
  }

  /**
   * SVG 2, 9.3.8: sweep draws the arc in the direction of growing angles, which on a drawing with y
   * downwards is the one over the chord; large takes the arc of more than half a turn. Areas by the
   * circle's segment: r2 / 2 (angle - sin angle).
   */
  @ParameterizedTest
  @CsvSource({"0, 0", "0, 1", "1, 0", "1, 1"})
  void arcsTakeTheWayThatTheirFlagsSay(int large, int sweep) {
    double r = 65;
    double angle = 2 * Math.asin(50 / r);
    double segment = r * r / 2 * (angle - Math.sin(angle));
    double bulge = r - Math.sqrt(r * r - 50 * 50);
    List<PlanPoint> read = SvgPath.read("M0 0 A65 65 0 %d %d 100 0 Z".formatted(large, sweep), 1);
    double area = large == 1 ? Math.PI * r * r - segment : segment;
    assertThat(area(read)).isCloseTo(area, within(area * 0.004));
    double rise = large == 1 ? 2 * r - bulge : bulge;
    double highest = read.stream().mapToDouble(PlanPoint::yMm).max().orElseThrow();
    double lowest = read.stream().mapToDouble(PlanPoint::yMm).min().orElseThrow();
    assertThat(sweep == 1 ? highest : -lowest).isCloseTo(rise, within(0.1));
    assertThat(sweep == 1 ? lowest : highest).isCloseTo(0, within(1e-9));
  }

  /** The arcs of an ellipse that is turned: half of it, whatever the flag for large. */
  @Test
  void aTurnedEllipseIsHalved() {
    double x = 60 * Math.cos(Math.toRadians(30));
    double y = 60 * Math.sin(Math.toRadians(30));
    String half = "M%s %s A30 20 30 0 1 %s %s Z".formatted(-x / 2, -y / 2, x / 2, y / 2);
    double area = Math.PI * 30 * 20 / 2;
    assertThat(area(SvgPath.read(half, 1))).isCloseTo(area, within(area * 0.01));
  }

  /** 100 x 50 with corners of 10: 5 000 less what the corners lack, 4 (100 - 25 pi). */
  @Test
  void aRoundedRectangleOfArcsIsItself() {
    String path =
        "M10 0 H90 A10 10 0 0 1 100 10 V40 A10 10 0 0 1 90 50 H10 A10 10 0 0 1 0 40 V10"
            + " A10 10 0 0 1 10 0 Z";
    List<PlanPoint> read = SvgPath.read(path, 1);
    assertThat(area(read)).isCloseTo(5_000 - 4 * (100 - 25 * Math.PI), within(2.0));
    Polygon figure = Planes.polygon(PlanPoint.flatten(read));
    assertThat(figure.isValid()).isTrue();
    assertThat(figure.getEnvelopeInternal().getWidth()).isCloseTo(100, within(1e-6));
    assertThat(figure.getEnvelopeInternal().getHeight()).isCloseTo(50, within(1e-6));
  }

  @Test
  void whatEnclosesNothingOrCrossesItselfIsRefused() {
    for (String path :
        List.of(
            "M0 0 L10 0 L20 0 Z",
            "M0 0 L10 10 L0 0 L10 10 Z",
            "M0 0 L10 10 L10 0 L0 10 Z",
            "M0 0 H100 V50 H40 V-20 H60 V70 H0 Z",
            "M0 0 A50 50 0 0 1 100 0 A50 50 0 0 0 0 0 Z")) {
      assertThatThrownBy(() -> SvgPath.read(path, 1)).as(path).isInstanceOf(RefusedException.class);
    }
  }

  @Test
  void whatIsNoSinglePathIsRefused() {
    for (String path :
        List.of("", "hello", "M0 0", "M0 0 L1 1", "M0 0H9V9Z M20 20h5v5z", "M0 0 L nan 3 Z")) {
      assertThatThrownBy(() -> SvgPath.read(path, 1)).as(path).isInstanceOf(RefusedException.class);
    }
  }

  private static double area(ReadyOutline outline) {
    return area(outline.points());
  }

  private static double area(List<PlanPoint> points) {
    return Planes.polygon(PlanPoint.flatten(points)).getArea();
  }
}
