package ironshelf.core.cure.binder;

import ironshelf.core.quantity.ShippedTable;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.apache.commons.csv.CSVRecord;

/**
 * The classes shipped, from {@code binder-classes.csv} beside this class, read strictly. The curve
 * column holds either EN 1992's s or points as {@code hours:share} with blanks between.
 */
public final class BinderClasses {

  private static final BinderClasses SHIPPED = table();

  private final Map<String, BinderClass> byCode;

  private BinderClasses(Map<String, BinderClass> byCode) {
    this.byCode = byCode;
  }

  /** Returns the table that ships with the application. */
  public static BinderClasses shipped() {
    return SHIPPED;
  }

  private static BinderClasses table() {
    return new BinderClasses(
        ShippedTable.byCode(
            ShippedTable.rows(
                BinderClasses.class, "binder-classes.csv", BinderClasses::binderClass),
            BinderClass::code));
  }

  private static BinderClass binderClass(CSVRecord row) {
    String green = row.get("green_until_h");
    return new BinderClass(
        row.get("code"),
        row.get("name"),
        Double.parseDouble(row.get("demould_age_h")),
        green.isEmpty() ? null : Double.valueOf(green),
        Double.parseDouble(row.get("seal_after_h")),
        curve(row.get("curve")),
        row.get("source"));
  }

  private static StrengthCurve curve(String text) {
    if (!text.contains(":")) {
      return new StrengthCurve.En1992(Double.parseDouble(text));
    }
    return new StrengthCurve.Points(
        Arrays.stream(text.split(" ", -1))
            .map(point -> point.split(":", 2))
            .map(
                pair ->
                    new StrengthCurve.Point(
                        Double.parseDouble(pair[0]), Double.parseDouble(pair[1])))
            .toList());
  }

  public Optional<BinderClass> find(String code) {
    return Optional.ofNullable(byCode.get(code));
  }

  public List<BinderClass> all() {
    return List.copyOf(byCode.values());
  }
}
