package ironshelf.core.mould.starting;

import ironshelf.core.quantity.ShippedTable;
import java.util.Comparator;
import java.util.List;

/**
 * What does for a hold-down, in things that stand about in a workshop, from {@code
 * common-weights.csv} beside this class.
 *
 * @param count how many of it
 * @param massKg of one
 */
public record CommonWeight(String name, int count, double massKg) {

  private static final List<CommonWeight> SHIPPED = shipped();

  /**
   * Returns the lightest single thing that is heavy enough; else as few of the heaviest as it
   * takes.
   */
  public static CommonWeight of(double holdDownKg) {
    return SHIPPED.stream()
        .filter(w -> w.massKg >= holdDownKg)
        .findFirst()
        .orElseGet(
            () -> {
              CommonWeight heaviest = SHIPPED.get(SHIPPED.size() - 1);
              int count = (int) Math.ceil(holdDownKg / heaviest.massKg);
              return new CommonWeight(heaviest.name, count, heaviest.massKg);
            });
  }

  private static List<CommonWeight> shipped() {
    return ShippedTable.rows(
            CommonWeight.class,
            "common-weights.csv",
            r -> new CommonWeight(r.get("name"), 1, Double.parseDouble(r.get("mass_kg"))))
        .stream()
        .sorted(Comparator.comparingDouble(CommonWeight::massKg))
        .toList();
  }
}
