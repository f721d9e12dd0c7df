package ironshelf.core.finish;

import ironshelf.core.quantity.Findings;
import ironshelf.core.quantity.WhenMissing;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;

/**
 * Whether a line of letters can be set on a stone from the stamps of a set: enough of each, and
 * wide enough. Letters are taken to be alike in width; blanks take half a letter.
 *
 * @param missing stamps by their letter
 * @param lineMm as long as the line becomes
 * @param fits whether there is nothing missing and it is within its width
 */
public record Lettering(Map<String, Integer> missing, double lineMm, boolean fits) {

  private static final double BLANK_SHARE = 0.5;

  public Lettering {
    missing = Map.copyOf(missing);
  }

  /**
   * What is to be set.
   *
   * @param text 1 to 60 characters, set in capitals
   * @param set all stamps of the set, one after the other, 1 to 500
   * @param letterMm how wide a stamp is, over 0 and up to 500
   * @param gapMm between two, 0 to 500
   * @param widthMm that the stone gives, over 0 and up to 10 000
   */
  public record LetteringRequest(
      String text, String set, double letterMm, @WhenMissing("0") double gapMm, double widthMm) {
    public LetteringRequest {
      gapMm = Double.isNaN(gapMm) ? 0 : gapMm;
      new Findings()
          .text("text", text, 60)
          .text("set", set, 500)
          .above("letterMm", letterMm, 0, 500)
          .within("gapMm", gapMm, 0, 500)
          .above("widthMm", widthMm, 0, Findings.MAX_LENGTH_MM)
          .orRefuse();
    }
  }

  public static Lettering of(LetteringRequest request) {
    String text = request.text().strip().toUpperCase(Locale.ROOT);
    List<Integer> left = new ArrayList<>();
    request
        .set()
        .toUpperCase(Locale.ROOT)
        .codePoints()
        .filter(c -> !Character.isWhitespace(c))
        .forEach(left::add);
    Map<String, Integer> missing = new TreeMap<>();
    double line = 0;
    int count = 0;
    for (int letter : text.codePoints().toArray()) {
      boolean blank = Character.isWhitespace(letter);
      line += request.letterMm() * (blank ? BLANK_SHARE : 1);
      count++;
      if (!blank && !left.remove(Integer.valueOf(letter))) {
        missing.merge(Character.toString(letter), 1, Integer::sum);
      }
    }
    line += request.gapMm() * (count - 1);
    return new Lettering(missing, line, missing.isEmpty() && line <= request.widthMm());
  }
}
