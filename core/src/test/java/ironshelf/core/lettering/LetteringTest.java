package ironshelf.core.lettering;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import ironshelf.core.mould.planar.PlanPoint;
import ironshelf.core.quantity.RefusedException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;

class LetteringTest {

  private static final GeometryFactory JTS = new GeometryFactory();
  private static final double NOT = Double.NaN;

  private static LetteringRequest line(
      String text, String set, double letter, double gap, double width) {
    return new LetteringRequest(
        text, null, set, letter, null, NOT, gap, NOT, NOT, NOT, null, null, width);
  }

  private static LetteringRequest on(
      List<PlanPoint> outline, List<String> lines, double marginMm, Align align) {
    return new LetteringRequest(
        null, lines, null, 10, WIDTHS, 20, 2, 8, 10, marginMm, align, outline, NOT);
  }

  private static final Map<String, Double> WIDTHS =
      Map.of("W", 12.0, "I", 4.0, "L", 8.0, "D", 9.0, "S", 7.0, "A", 10.0);

  /** By hand: 5 letters of 25 mm and 4 gaps of 5 are 145 mm. */
  @Test
  void aLineWorkedByHand() {
    Lettering line = Lettering.of(line("heron", "HERON", 25, 5, 150));
    assertThat(line.lineMm()).isCloseTo(145, within(1e-9));
    assertThat(line.fits()).isTrue();
    Lettering narrow = Lettering.of(line("heron", "HERON", 25, 5, 144));
    assertThat(narrow.fits()).isFalse();
    assertThat(narrow.lines().get(0).overMm()).as("by so much").isCloseTo(1, within(1e-9));
  }

  /** A stamp is used again; what the set has not is told, and how often it is wanted. */
  @Test
  void stampsAreUsedAgain() {
    assertThat(Lettering.of(line("Mudflat tea", "MUDFLATE", 10, 0, 500)).missing()).isEmpty();
    Lettering line = Lettering.of(line("Mudflat tea", "MUDFLE", 10, 0, 500));
    assertThat(line.missing()).isEqualTo(Map.of("a", 2, "t", 2));
    assertThat(line.fits()).isFalse();
  }

  /** By hand: W 12, I 4, L 8, D 9 with gaps of 2 are 39 mm, in the middle of 100. */
  @Test
  void lettersOfDifferentWidthsStandWhereTheyStand() {
    List<PlanPoint> box = box(100, 60);
    Lettering.LetterLine wild =
        Lettering.of(on(box, List.of("wild"), 5, Align.CENTRE)).lines().get(0);
    assertThat(wild.lineMm()).isCloseTo(39, within(1e-9));
    assertThat(wild.roomMm()).isCloseTo(90, within(1e-9));
    assertThat(wild.baseMm()).as("20 high in the middle of 60").isCloseTo(20, within(1e-9));
    assertThat(wild.letters())
        .extracting(l -> l.letter() + " " + l.leftMm() + " " + l.fromRightMm())
        .containsExactly("W 30.5 57.5", "I 44.5 51.5", "L 50.5 41.5", "D 60.5 30.5");
    Lettering.LetterLine left =
        Lettering.of(on(box, List.of("wild"), 5, Align.LEFT)).lines().get(0);
    assertThat(left.letters().get(0).fromLeftMm()).isCloseTo(5, within(1e-9));
    Lettering.LetterLine right =
        Lettering.of(on(box, List.of("wild"), 5, Align.RIGHT)).lines().get(0);
    assertThat(right.letters().get(3).fromRightMm()).isCloseTo(5, within(1e-9));
  }

  /**
   * A round stone of 200 mm: two lines of 20 with 10 between stand 5 to 25 off the middle, where a
   * chord is 2 sqrt(100 2 - 25 2) = 193.65 (Euclid III.14 with I.47).
   */
  @Test
  void onARoundStoneTheFarSideOfALineDecides() {
    LetteringRequest request =
        new LetteringRequest(
            null, List.of("wild", "swans"), "N", 10, WIDTHS, 20, 2, 8, 10, 0, null, ring(100), NOT);
    Lettering lettering = Lettering.of(request);
    double chord = 2 * Math.sqrt(100 * 100 - 25 * 25);
    assertThat(lettering.heightMm()).isCloseTo(50, within(1e-9));
    for (Lettering.LetterLine line : lettering.lines()) {
      assertThat(line.roomMm()).isCloseTo(chord, within(0.05));
    }
    assertThat(lettering.fits()).isTrue();
  }

  @Test
  void aBlockThatIsTooHighSaysByHowMuch() {
    Lettering three = Lettering.of(on(box(300, 70), List.of("wild", "wild", "wild"), 5, null));
    assertThat(three.overHeightMm()).as("80 of 60").isCloseTo(20, within(1e-9));
    assertThat(three.fits()).isFalse();
  }

  static List<Long> seeds() {
    return IntStream.range(0, 200).mapToObj(i -> 4_100L + i).toList();
  }

  /**
   * Against JTS: the room is covered by the outline, and a hair wider it is not. Stars around a
   * middle, dented on every side.
   */
  @ParameterizedTest
  @MethodSource("seeds")
  void theRoomIsAllThereIs(long seed) {
    Random random = new Random(seed);
    List<Coordinate> ring = new ArrayList<>();
    int corners = 5 + random.nextInt(12);
    for (int i = 0; i < corners; i++) {
      double angle = 2 * Math.PI * (i + 0.8 * random.nextDouble()) / corners;
      double radius = 40 + 80 * random.nextDouble();
      ring.add(new Coordinate(radius * Math.cos(angle), radius * Math.sin(angle)));
    }
    double low = -30 + 60 * random.nextDouble();
    double high = low + 0.5 + 20 * random.nextDouble();
    Room room = Room.between(ring, low, high);
    List<Coordinate> closed = new ArrayList<>(ring);
    closed.add(ring.get(0));
    Polygon outline = JTS.createPolygon(closed.toArray(Coordinate[]::new));
    if (room.widthMm() > 0) {
      assertThat(outline.buffer(1e-6).covers(rectangle(room.leftMm(), room.rightMm(), low, high)))
          .isTrue();
      assertThat(outline.covers(rectangle(room.leftMm() - 1e-3, room.rightMm(), low, high)))
          .isFalse();
      assertThat(outline.covers(rectangle(room.leftMm(), room.rightMm() + 1e-3, low, high)))
          .isFalse();
    }
    // Seen in a mirror, left is right.
    List<Coordinate> mirrored = ring.stream().map(c -> new Coordinate(-c.x, c.y)).toList();
    Room other = Room.between(mirrored, low, high);
    assertThat(other.leftMm()).isCloseTo(-room.rightMm(), within(1e-9));
    assertThat(other.rightMm()).isCloseTo(-room.leftMm(), within(1e-9));
  }

  /** By hand: two lines of 20 and 10 between them are 50 mm, 25 above the middle of 100. */
  @Test
  void aBlockStandsInTheMiddleWithItsMargins() {
    Lettering block = Lettering.of(on(box(100, 100), List.of("LID", "W"), 10, Align.LEFT));
    assertThat(block.lines()).extracting("baseMm").containsExactly(55.0, 25.0);
    assertThat(block.lines().get(0).letters().get(0).leftMm()).isCloseTo(10, within(1e-9));
    // L 8, I 4, D 9 and two gaps of 2.
    assertThat(block.lineMm()).isCloseTo(25, within(1e-9));
    Lettering right = Lettering.of(on(box(100, 100), List.of("LID"), 10, Align.RIGHT));
    assertThat(right.lines().get(0).letters().get(2).fromRightMm()).isCloseTo(10, within(1e-9));
  }

  /** What is as high as the face is taken to the hair; a tenth of a millimetre more is too much. */
  @Test
  void whatJustFitsFits() {
    assertThat(Lettering.of(on(box(25, 20), List.of("LID"), 0, null)).fits()).isTrue();
    Lettering high = Lettering.of(on(box(25, 19.9), List.of("LID"), 0, null));
    assertThat(high.fits()).isFalse();
    assertThat(high.overHeightMm()).isCloseTo(0.1, within(1e-9));
    assertThat(Lettering.of(on(box(24.9, 20), List.of("LID"), 0, null)).fits()).isFalse();
  }

  /** A set without widths has its capitals; what was measured by the stamp stays as it was told. */
  @Test
  void smallLettersOfASetAreItsCapitals() {
    LetteringRequest known = line("lid", "l i\td", 10, 0, 100);
    assertThat(known.stamps().widthsMm()).containsOnlyKeys("L", "I", "D");
    // By hand: one line of 10 mm, half of it between lines, no margin.
    assertThat(known.ring()).extracting(c -> c.y).contains(15.0);
  }

  @ParameterizedTest
  @CsvSource({"'', ABC, 10, 0, 100", "A, '', 10, 0, 100", "A, A, 0, 0, 100", "A, A, 10, -1, 100"})
  void nonsenseIsRefused(String text, String set, double letter, double gap, double width) {
    assertThatThrownBy(() -> line(text, set, letter, gap, width))
        .isInstanceOf(RefusedException.class);
  }

  @Test
  void aStampIsOneLetterOfSomeWidth() {
    for (Map<String, Double> widths :
        List.of(Map.of("AB", 5.0), Map.of(" ", 5.0), Map.of("A", 0.0), Map.<String, Double>of())) {
      assertThatThrownBy(() -> new StampSet(20, widths)).isInstanceOf(RefusedException.class);
    }
    assertThatThrownBy(
            () -> on(List.of(PlanPoint.of(0, 0), PlanPoint.of(9, 9)), List.of("A"), 0, null))
        .isInstanceOf(RefusedException.class);
  }

  private static Polygon rectangle(double left, double right, double low, double high) {
    return (Polygon) JTS.toGeometry(new Envelope(left, right, low, high));
  }

  private static List<PlanPoint> box(double width, double height) {
    return List.of(
        PlanPoint.of(0, 0),
        PlanPoint.of(width, 0),
        PlanPoint.of(width, height),
        PlanPoint.of(0, height));
  }

  private static List<PlanPoint> ring(double radius) {
    return IntStream.range(0, 720)
        .mapToDouble(i -> Math.toRadians(i / 2.0))
        .mapToObj(a -> PlanPoint.of(radius * Math.cos(a), radius * Math.sin(a)))
        .toList();
  }
}
