package ironshelf.core.lettering;

import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.Findings;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;

/**
 * Stamps of one height. Each is used as often as it is wanted; they differ in width.
 *
 * @param heightMm of the letters, over 0 and up to 500
 * @param widthsMm by the letter, each one character, over 0 and up to 500 mm; 1 to 300 of them
 */
public record StampSet(double heightMm, Map<String, Double> widthsMm) {

  private static final double MOST_MM = 500;

  public StampSet {
    Findings findings = new Findings().above("heightMm", heightMm, 0, MOST_MM);
    findings.present("widthsMm", widthsMm);
    if (widthsMm != null) {
      findings.addIf(
          widthsMm.isEmpty() || widthsMm.size() > 300,
          FindingCode.VALUE_MISSING,
          "widthsMm",
          Map.of());
      widthsMm.forEach(
          (letter, mm) ->
              findings
                  .addIf(
                      letter.codePointCount(0, letter.length()) != 1
                          || Character.isWhitespace(letter.codePointAt(0)),
                      FindingCode.LETTER_NOT_ONE,
                      "widthsMm." + letter,
                      Map.of("value", letter))
                  .above("widthsMm." + letter, mm == null ? Double.NaN : mm, 0, MOST_MM));
    }
    findings.orRefuse();
    widthsMm = Map.copyOf(new TreeMap<>(widthsMm));
  }

  /**
   * Returns the stamp that sets a letter: its own, or the capital where the set has no small ones.
   */
  @Nullable String stampOf(int letter) {
    String own = Character.toString(letter);
    if (widthsMm.containsKey(own)) {
      return own;
    }
    String capital = own.toUpperCase(Locale.ROOT);
    return widthsMm.containsKey(capital) ? capital : null;
  }
}
