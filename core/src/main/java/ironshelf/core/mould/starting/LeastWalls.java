package ironshelf.core.mould.starting;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The least wall, or the least thickness of what has no core, that things of a family want in a mix
 * (common practice; docs/method/moulds.md). A starting value: the shop sets its own for each mould.
 */
public final class LeastWalls {

  private static final double ANY_MM = 8;

  /**
   * @param family in lower case; null: any
   * @param mix code of the binder class; null: any
   */
  private record Row(@Nullable String family, @Nullable String mix, double mm) {}

  /** The first that fits counts. */
  private static final List<Row> ROWS =
      List.of(
          new Row("pavers", null, 50),
          new Row("fitness_stones", null, 25),
          new Row(null, "hypertufa", 40),
          new Row("trays", "rapid-neat", 8),
          new Row("trays", null, 10),
          new Row(null, "sand-cement", 15),
          new Row(null, "sand-cement-stone", 25),
          new Row(null, "high-strength", 25),
          new Row(null, "white-neat", 10));

  private LeastWalls() {}

  /**
   * @param family by its name in lower case, with underscores
   * @param mix code of the recipe's binder class; null where it has none
   */
  public static double mm(String family, @Nullable String mix) {
    return ROWS.stream()
        .filter(r -> r.family == null || r.family.equals(family))
        .filter(r -> r.mix == null || r.mix.equals(mix))
        .mapToDouble(Row::mm)
        .findFirst()
        .orElse(ANY_MM);
  }
}
