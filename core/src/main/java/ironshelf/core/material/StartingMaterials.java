package ironshelf.core.material;

import ironshelf.core.quantity.ShippedTable;
import java.io.IOException;
import java.io.Reader;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.apache.commons.csv.CSVRecord;
import org.jspecify.annotations.Nullable;

/**
 * The materials shipped, from {@code starting-materials.csv} beside this class. Read strictly: an
 * unknown role, a bad number or a code given twice stops the reading and names the line.
 */
public final class StartingMaterials {

  private static final StartingMaterials SHIPPED = table();

  private final Map<String, StartingMaterial> byCode;

  private StartingMaterials(Map<String, StartingMaterial> byCode) {
    this.byCode = byCode;
  }

  /** Returns the table that ships with the application. */
  public static StartingMaterials shipped() {
    return SHIPPED;
  }

  private static StartingMaterials table() {
    return new StartingMaterials(
        ShippedTable.byCode(
            ShippedTable.rows(
                StartingMaterials.class, "starting-materials.csv", StartingMaterials::material),
            StartingMaterial::code));
  }

  /** Reads a table of the same form. */
  static StartingMaterials read(Reader in) throws IOException {
    return new StartingMaterials(
        ShippedTable.byCode(
            ShippedTable.rows("starting materials", in, StartingMaterials::material),
            StartingMaterial::code));
  }

  private static StartingMaterial material(CSVRecord row) {
    return new StartingMaterial(
        row.get("code"),
        row.get("name"),
        Role.valueOf(row.get("role")),
        Double.parseDouble(row.get("relative_density")),
        Double.parseDouble(row.get("bulk_kg_m3")),
        number(row, "solids_percent", 100),
        number(row, "cement_percent", 0),
        optional(row, "largest_grain_mm"),
        row.get("pack"),
        row.get("pack_us"),
        optional(row, "piece_g"),
        Integer.parseInt(row.get("lead_days")),
        row.get("note"),
        row.get("source"));
  }

  private static double number(CSVRecord row, String column, double whenEmpty) {
    return row.get(column).isEmpty() ? whenEmpty : Double.parseDouble(row.get(column));
  }

  private static @Nullable Double optional(CSVRecord row, String column) {
    return row.get(column).isEmpty() ? null : Double.valueOf(row.get(column));
  }

  public Optional<StartingMaterial> find(String code) {
    return Optional.ofNullable(byCode.get(code));
  }

  public List<StartingMaterial> all() {
    return List.copyOf(byCode.values());
  }
}
