package ironshelf.http;

import java.util.Locale;
import java.util.Map;

/**
 * A field's path as people say it: {@code core.topDiameterMm} is "core top diameter" in mm. Numbers
 * in a path count from one.
 */
record FieldWords(String name, String unit) {

  private static final Map<String, String> UNITS =
      Map.ofEntries(
          Map.entry("Mm", "mm"),
          Map.entry("KgM3", "kg/m³"),
          Map.entry("Kg", "kg"),
          Map.entry("L", "L"),
          Map.entry("C", "°C"),
          Map.entry("H", "h"),
          Map.entry("Min", "min"),
          Map.entry("Minutes", "min"),
          Map.entry("Percent", "%"),
          Map.entry("K", "K"),
          Map.entry("Mpa", "MPa"));

  static FieldWords of(String path) {
    if (path.isEmpty()) {
      return new FieldWords("the request", "");
    }
    StringBuilder name = new StringBuilder();
    String unit = "";
    for (String segment : path.split("\\.", -1)) {
      String words = segment;
      unit = "";
      if (segment.matches("\\d+")) {
        words = String.valueOf(Integer.parseInt(segment) + 1);
      } else {
        for (String suffix :
            new String[] {"KgM3", "Percent", "Mpa", "Min", "Kg", "Mm", "L", "C", "H", "K"}) {
          if (segment.endsWith(suffix) && segment.length() > suffix.length()) {
            words = segment.substring(0, segment.length() - suffix.length());
            unit = UNITS.getOrDefault(suffix, "");
            break;
          }
        }
      }
      name.append(name.isEmpty() ? "" : " ").append(split(words));
    }
    return new FieldWords(name.toString(), unit);
  }

  private static String split(String camelCase) {
    return camelCase.replaceAll("([a-z])([A-Z0-9])", "$1 $2").toLowerCase(Locale.ROOT);
  }
}
