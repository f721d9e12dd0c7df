package ironshelf.core.route;

import ironshelf.core.quantity.ShippedTable;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.apache.commons.csv.CSVRecord;
import org.jspecify.annotations.Nullable;

/**
 * The routes shipped, from {@code starting-routes.csv} beside this class, read strictly: one row a
 * step, the first of a route with its name, families, reason and source.
 */
public final class StartingRoutes {

  private static final List<StartingRoute> SHIPPED = table();

  private StartingRoutes() {}

  /** Returns the table that ships with the application. */
  public static List<StartingRoute> shipped() {
    return SHIPPED;
  }

  private static List<StartingRoute> table() {
    Map<String, List<CSVRecord>> byCode = new LinkedHashMap<>();
    for (CSVRecord row :
        ShippedTable.rows(StartingRoutes.class, "starting-routes.csv", row -> row)) {
      byCode.computeIfAbsent(row.get("code"), code -> new ArrayList<>()).add(row);
    }
    return byCode.values().stream().map(StartingRoutes::route).toList();
  }

  /**
   * Returns the usual route of what is cast of a mix into a family's mould: the one for that mix,
   * else the one for any.
   *
   * @param family by its name, upper or lower case
   * @param mix code of the recipe's binder class; null where it has none
   */
  public static StartingRoute usualOf(String family, @Nullable String mix) {
    String wanted = family.toLowerCase(Locale.ROOT);
    List<StartingRoute> own =
        shipped().stream().filter(r -> r.families().contains(wanted)).toList();
    return own.stream()
        .filter(r -> mix != null && r.mixes().contains(mix))
        .findFirst()
        .or(() -> own.stream().filter(r -> r.mixes().isEmpty()).findFirst())
        .orElseThrow(() -> new IllegalArgumentException("no route for family " + family));
  }

  public static Optional<StartingRoute> find(String code) {
    return shipped().stream().filter(r -> r.code().equals(code)).findFirst();
  }

  private static StartingRoute route(List<CSVRecord> rows) {
    CSVRecord head = rows.get(0);
    return new StartingRoute(
        head.get("code"),
        head.get("name"),
        List.of(head.get("families").split(" ", -1)),
        head.get("mixes").isEmpty() ? List.of() : List.of(head.get("mixes").split(" ", -1)),
        head.get("why"),
        Route.judged(rows.stream().map(StartingRoutes::step).toList(), StepKinds.shipped()),
        head.get("source"));
  }

  private static RouteStep step(CSVRecord row) {
    return new RouteStep(
        row.get("step"),
        number(row, "attended_min"),
        optional(row, "wait_h"),
        optional(row, "best_h"),
        row.get("station"),
        row.get("times").isEmpty() ? 1 : Integer.parseInt(row.get("times")),
        number(row, "gap_min"),
        row.get("wetting").isEmpty() ? null : Wetting.valueOf(upper(row.get("wetting"))),
        row.get("faces").isEmpty() ? null : SealedFaces.valueOf(upper(row.get("faces"))),
        number(row, "grams_per_m2"),
        null,
        null,
        null);
  }

  private static String upper(String word) {
    return word.toUpperCase(Locale.ROOT).replace(' ', '_');
  }

  private static double number(CSVRecord row, String column) {
    return row.get(column).isEmpty() ? Double.NaN : Double.parseDouble(row.get(column));
  }

  private static Double optional(CSVRecord row, String column) {
    return row.get(column).isEmpty() ? null : Double.valueOf(row.get(column));
  }
}
