package ironshelf.core.lettering;

import ironshelf.core.mould.planar.PlanPoint;
import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.Findings;
import ironshelf.core.quantity.WhenMissing;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.geom.Coordinate;

/**
 * Lines to be stamped on a face. What is not given takes the value in brackets.
 *
 * @param text one line of 1 to 60 characters; null where there are lines
 * @param lines 1 to 12 of them, each as a text
 * @param set all stamps of the set, one after the other, 1 to 500; null: those with a width
 * @param letterMm how wide a stamp is that has no width of its own, over 0 and up to 500
 * @param widthsMm of stamps, by their letter (as wide as the others)
 * @param heightMm of the letters, over 0 and up to 500 (as high as wide)
 * @param gapMm between two letters, 0 to 500 (0)
 * @param blankMm of a blank, 0 to 500 (half a letter)
 * @param lineGapMm between two lines, 0 to 500 (half a letter's height)
 * @param marginMm kept free along the edge, 0 to 1 000 (0)
 * @param align where a line stands in its room (centre)
 * @param outline of the face in mm, 3 points or more; null: as wide as is said, and high enough
 * @param widthMm that the face gives where there is no outline, over 0 and up to 10 000
 */
public record LetteringRequest(
    @Nullable String text,
    @Nullable List<String> lines,
    @Nullable String set,
    @WhenMissing("20") double letterMm,
    @Nullable Map<String, Double> widthsMm,
    @WhenMissing("letterMm") double heightMm,
    @WhenMissing("0") double gapMm,
    @WhenMissing("letterMm / 2") double blankMm,
    @WhenMissing("heightMm / 2") double lineGapMm,
    @WhenMissing("0") double marginMm,
    @Nullable Align align,
    @Nullable List<PlanPoint> outline,
    @WhenMissing("outline") double widthMm) {

  private static final double BLANK_SHARE = 0.5;

  public LetteringRequest {
    Findings findings = new Findings();
    if (lines == null || text != null) {
      findings.text("text", text, 60);
      lines = text == null ? List.of() : List.of(text);
      text = null;
    } else {
      findings.list("lines", lines, 12);
      for (int i = 0; i < lines.size(); i++) {
        findings.text("lines." + i, lines.get(i), 60);
      }
    }
    letterMm = Double.isNaN(letterMm) ? 20 : letterMm;
    heightMm = Double.isNaN(heightMm) ? letterMm : heightMm;
    gapMm = Double.isNaN(gapMm) ? 0 : gapMm;
    blankMm = Double.isNaN(blankMm) ? letterMm * BLANK_SHARE : blankMm;
    lineGapMm = Double.isNaN(lineGapMm) ? heightMm / 2 : lineGapMm;
    marginMm = Double.isNaN(marginMm) ? 0 : marginMm;
    align = align == null ? Align.CENTRE : align;
    if (set != null || widthsMm == null) {
      findings.text("set", set, 500);
    }
    if (outline == null) {
      findings.above("widthMm", widthMm, 0, Findings.MAX_LENGTH_MM);
    } else {
      findings
          .list("outline", outline, 5_000)
          .addIf(
              outline.size() < 3, FindingCode.VALUE_MISSING, "outline." + outline.size(), Map.of());
    }
    findings
        .above("letterMm", letterMm, 0, 500)
        .within("gapMm", gapMm, 0, 500)
        .within("blankMm", blankMm, 0, 500)
        .within("lineGapMm", lineGapMm, 0, 500)
        .within("marginMm", marginMm, 0, 1_000)
        .orRefuse();
    lines = List.copyOf(lines);
    outline = outline == null ? null : List.copyOf(outline);
    stamps(set, letterMm, widthsMm, heightMm);
  }

  /** Returns the stamps there are, each with its width. */
  public StampSet stamps() {
    return stamps(set, letterMm, widthsMm, heightMm);
  }

  private static StampSet stamps(
      @Nullable String set,
      double letterMm,
      @Nullable Map<String, Double> widthsMm,
      double heightMm) {
    Map<String, Double> widths = new TreeMap<>();
    if (set != null) {
      String known = widthsMm == null ? set.toUpperCase(Locale.ROOT) : set;
      known
          .codePoints()
          .filter(c -> !Character.isWhitespace(c))
          .forEach(c -> widths.put(Character.toString(c), letterMm));
    }
    if (widthsMm != null) {
      widths.putAll(widthsMm);
    }
    return new StampSet(heightMm, widths);
  }

  /** Returns the face's corners, arcs flattened. */
  public List<Coordinate> ring() {
    if (outline != null) {
      List<Coordinate> ring = PlanPoint.flatten(outline);
      boolean closed = ring.get(0).equals2D(ring.get(ring.size() - 1));
      return closed ? ring.subList(0, ring.size() - 1) : ring;
    }
    double high = lines.size() * (heightMm + lineGapMm) + 2 * marginMm;
    return List.of(
        new Coordinate(0, 0),
        new Coordinate(widthMm, 0),
        new Coordinate(widthMm, high),
        new Coordinate(0, high));
  }
}
