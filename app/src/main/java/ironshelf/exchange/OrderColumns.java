package ironshelf.exchange;

import ironshelf.http.problem.ProblemException;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** What the columns of a table of orders mean. */
final class OrderColumns {

  /** What a column can mean; the words by which it is guessed. */
  enum Meaning {
    ORDER("order number reference"),
    CUSTOMER("customer client name"),
    PRODUCT("product item article"),
    COLOURWAY("colourway colour color"),
    QUANTITY("quantity qty count pieces"),
    DUE("due by wanted"),
    PRICE("price each"),
    NOTE("note remark comment");

    private final String words;

    Meaning(String words) {
      this.words = words;
    }

    String field() {
      return name().toLowerCase(Locale.ROOT);
    }
  }

  /** The columns of a table, and what each meaning is most likely called there. */
  record Found(List<String> columns, Map<Meaning, String> guessed) {}

  private static final int SHORTEST = 3;

  private OrderColumns() {}

  static Found found(List<String> columns) {
    Map<Meaning, String> guessed = new EnumMap<>(Meaning.class);
    for (Meaning meaning : Meaning.values()) {
      for (String word : meaning.words.split(" ", -1)) {
        columns.stream()
            .filter(c -> means(c.toLowerCase(Locale.ROOT), word))
            .filter(c -> !guessed.containsValue(c))
            .findFirst()
            .ifPresent(c -> guessed.putIfAbsent(meaning, c));
      }
    }
    return new Found(columns, guessed);
  }

  /** A column has the word in it, or is short for it. */
  private static boolean means(String column, String word) {
    return column.contains(word) || (column.length() >= SHORTEST && word.startsWith(column));
  }

  /** {@code customer:Client,due:Wanted by} as it travels in an address. */
  static Map<Meaning, String> chosen(List<String> pairs) {
    Map<Meaning, String> chosen = new EnumMap<>(Meaning.class);
    for (String pair : pairs) {
      int colon = pair.indexOf(':');
      String meaning = colon < 0 ? pair : pair.substring(0, colon);
      Meaning known =
          java.util.Arrays.stream(Meaning.values())
              .filter(m -> m.field().equals(meaning))
              .findFirst()
              .orElseThrow(() -> ProblemException.bad("table.meaning", Map.of("value", meaning)));
      if (colon >= 0) {
        chosen.put(known, pair.substring(colon + 1));
      }
    }
    return chosen;
  }
}
