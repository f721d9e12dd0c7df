package ironshelf.core.mould.mesh;

import ironshelf.core.quantity.FindingCode;
import java.util.Locale;
import java.util.Map;

/** The words of a text STL, one after another; the empty word stands for its end. */
final class StlWords {

  private static final int LONGEST = 64;

  private final String text;
  private int at;

  StlWords(String text, int at) {
    this.text = text;
    this.at = at;
  }

  String next() {
    while (at < text.length() && text.charAt(at) <= ' ') {
      at++;
    }
    int start = at;
    while (at < text.length() && text.charAt(at) > ' ') {
      at++;
    }
    return at - start > LONGEST
        ? text.substring(start, start + LONGEST) + "…"
        : text.substring(start, at).toLowerCase(Locale.ROOT);
  }

  void skip(int words) {
    for (int i = 0; i < words; i++) {
      next();
    }
  }

  void expect(int facet, String wanted) {
    require(facet, next(), wanted);
  }

  void require(int facet, String word, String wanted) {
    if (!word.equals(wanted)) {
      throw StlReader.refused(
          FindingCode.MESH_TEXT,
          Map.of("value", word.isEmpty() ? "the end" : word, "wanted", wanted, "facet", facet + 1));
    }
  }

  float number(int facet) {
    String word = next();
    try {
      return Float.parseFloat(word);
    } catch (NumberFormatException e) {
      throw StlReader.refused(
          FindingCode.MESH_NOT_NUMBER,
          Map.of("value", word.isEmpty() ? "the end" : word, "facet", facet + 1));
    }
  }
}
