package ironshelf.http.problem;

import java.util.Locale;
import java.util.Map;

/**
 * A field's path as people say it: {@code core.topDiameterMm} is "core top diameter", a length.
 * Numbers in a path count from one: {@code steps.1.waitH} is "step 2 wait", in hours.
 *
 * @param measure what it measures; empty where the unit is the same in every shop
 * @param unit that unit, with a space before it; empty where there is none
 */
record FieldWords(String name, String measure, String unit) {

  private static final Map<String, String> MEASURES =
      Map.of(
          "Mm", "length",
          "KgM3", "density",
          "Kg", "mass",
          "L", "volume",
          "C", "temperature",
          "K", "difference",
          "Mpa", "strength");

  private static final Map<String, String> UNITS =
      Map.of("H", " h", "Min", " min", "Percent", " %");

  /** Lists whose items are not called by the list's name without its last letter. */
  private static final Map<String, String> ONE_OF =
      Map.of(
          "moreCores", "core or plug",
          "batches", "batch",
          "copies", "copy",
          "goods", "goods",
          "massesKg", "massKg",
          "history", "history",
          "paste", "paste");

  static FieldWords of(String path) {
    if (path.isEmpty()) {
      return new FieldWords("the request", "", "");
    }
    StringBuilder name = new StringBuilder();
    String suffixed = "";
    String[] segments = path.split("\\.", -1);
    for (int i = 0; i < segments.length; i++) {
      boolean isList = i + 1 < segments.length && isNumber(segments[i + 1]);
      String segment = isList ? oneOf(segments[i]) : segments[i];
      String words = segment;
      suffixed = "";
      if (isNumber(segment)) {
        words = String.valueOf(Integer.parseInt(segment) + 1);
      } else {
        for (String suffix :
            new String[] {"KgM3", "Percent", "Mpa", "Min", "Kg", "Mm", "L", "C", "H", "K"}) {
          if (segment.endsWith(suffix) && segment.length() > suffix.length()) {
            words = segment.substring(0, segment.length() - suffix.length());
            suffixed = suffix;
            break;
          }
        }
      }
      name.append(name.isEmpty() ? "" : " ").append(split(words));
    }
    return new FieldWords(
        name.toString(), MEASURES.getOrDefault(suffixed, ""), UNITS.getOrDefault(suffixed, ""));
  }

  private static boolean isNumber(String segment) {
    return segment.matches("\\d+");
  }

  private static String oneOf(String list) {
    String known = ONE_OF.get(list);
    if (known != null) {
      return known;
    }
    return list.endsWith("s") ? list.substring(0, list.length() - 1) : list;
  }

  private static String split(String camelCase) {
    return camelCase.replaceAll("([a-z])([A-Z0-9])", "$1 $2").toLowerCase(Locale.ROOT);
  }
}
