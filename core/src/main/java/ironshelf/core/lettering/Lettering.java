package ironshelf.core.lettering;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.locationtech.jts.geom.Coordinate;

/**
 * Lines of letters on an outline, each letter with its distance from either edge, so that a stamper
 * can work from both. Exact for outlines of straight edges; arcs are flattened as everywhere. The
 * block stands at half height; each line has the room that the outline leaves over its whole
 * height, less the margins.
 *
 * @param missing letters that the set has no stamp for, and how often they are wanted
 * @param lineMm as long as the longest line becomes
 * @param heightMm as high as the block becomes
 * @param overHeightMm by so much it is too high; 0 where it fits
 * @param fits whether nothing is missing and every line is within its room
 */
public record Lettering(
    Map<String, Integer> missing,
    double lineMm,
    double heightMm,
    double overHeightMm,
    List<LetterLine> lines,
    boolean fits) {

  /** Rounding of sums must not say that what fits exactly does not. */
  private static final double TOLERANCE_MM = 1e-9;

  public Lettering {
    missing = Map.copyOf(missing);
    lines = List.copyOf(lines);
  }

  /**
   * A line of it.
   *
   * @param baseMm of the letters' feet above the lowest point of the outline
   * @param lineMm as long as it becomes
   * @param roomMm between the margins
   * @param overMm by so much it does not fit; 0 where it does
   */
  public record LetterLine(
      String text,
      double baseMm,
      double lineMm,
      double roomMm,
      double overMm,
      List<PlacedLetter> letters) {
    public LetterLine {
      letters = List.copyOf(letters);
    }
  }

  /**
   * A letter where it stands.
   *
   * @param leftMm of its stamp, as the outline's points are given
   * @param fromLeftMm from the outline's left edge to its stamp
   * @param fromRightMm from its stamp to the outline's right edge
   */
  public record PlacedLetter(
      String letter, double leftMm, double widthMm, double fromLeftMm, double fromRightMm) {}

  public static Lettering of(LetteringRequest request) {
    List<Coordinate> ring = request.ring();
    StampSet set = request.stamps();
    double low = ring.stream().mapToDouble(c -> c.y).min().orElseThrow();
    double high = ring.stream().mapToDouble(c -> c.y).max().orElseThrow();
    int count = request.lines().size();
    double height = count * set.heightMm() + (count - 1) * request.lineGapMm();
    double over = Math.max(0, height - (high - low - 2 * request.marginMm()));
    double top = (low + high + height) / 2;
    Map<String, Integer> missing = new TreeMap<>();
    List<LetterLine> lines = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      double base = top - (i + 1) * set.heightMm() - i * request.lineGapMm();
      Room edge = Room.between(ring, base, base + set.heightMm());
      lines.add(line(request, i, base - low, edge, missing));
    }
    double longest = lines.stream().mapToDouble(LetterLine::lineMm).max().orElse(0);
    boolean fits =
        missing.isEmpty()
            && over <= TOLERANCE_MM
            && lines.stream().allMatch(line -> line.overMm() <= TOLERANCE_MM);
    return new Lettering(missing, longest, height, over, lines, fits);
  }

  private static LetterLine line(
      LetteringRequest request, int no, double baseMm, Room edge, Map<String, Integer> missing) {
    StampSet set = request.stamps();
    int[] text = request.lines().get(no).strip().codePoints().toArray();
    double[] widths = new double[text.length];
    String[] stamps = new String[text.length];
    double length = request.gapMm() * (text.length - 1);
    for (int i = 0; i < text.length; i++) {
      boolean blank = Character.isWhitespace(text[i]);
      stamps[i] = blank ? null : set.stampOf(text[i]);
      if (!blank && stamps[i] == null) {
        missing.merge(Character.toString(text[i]), 1, Integer::sum);
      }
      widths[i] = stamps[i] == null ? request.blankMm() : set.widthsMm().get(stamps[i]);
      length += widths[i];
    }
    double left = edge.leftMm() + request.marginMm();
    double room = Math.max(0, edge.widthMm() - 2 * request.marginMm());
    double at =
        switch (request.align()) {
          case LEFT -> left;
          case CENTRE -> (edge.leftMm() + edge.rightMm() - length) / 2;
          case RIGHT -> edge.rightMm() - request.marginMm() - length;
        };
    List<PlacedLetter> letters = new ArrayList<>();
    for (int i = 0; i < text.length; i++) {
      if (stamps[i] != null) {
        letters.add(
            new PlacedLetter(
                stamps[i], at, widths[i], at - edge.leftMm(), edge.rightMm() - at - widths[i]));
      }
      at += widths[i] + request.gapMm();
    }
    double over = length - room;
    return new LetterLine(
        request.lines().get(no).strip(),
        baseMm,
        length,
        room,
        over > TOLERANCE_MM ? over : 0,
        letters);
  }
}
