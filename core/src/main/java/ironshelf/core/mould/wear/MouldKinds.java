package ironshelf.core.mould.wear;

import ironshelf.core.mould.WallKind;
import ironshelf.core.quantity.ShippedTable;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.apache.commons.csv.CSVRecord;

/** The kinds shipped, from {@code mould-kinds.csv} beside this class, read strictly. */
public final class MouldKinds {

  private static final MouldKinds SHIPPED = table();

  private final Map<String, MouldKind> byCode;

  private MouldKinds(Map<String, MouldKind> byCode) {
    this.byCode = byCode;
  }

  /** Returns the table that ships with the application. */
  public static MouldKinds shipped() {
    return SHIPPED;
  }

  private static MouldKinds table() {
    return new MouldKinds(
        ShippedTable.byCode(
            ShippedTable.rows(MouldKinds.class, "mould-kinds.csv", MouldKinds::kind),
            MouldKind::code));
  }

  /** Lists within a column are parted by semicolons. */
  private static MouldKind kind(CSVRecord row) {
    return new MouldKind(
        row.get("code"),
        row.get("name"),
        WallKind.valueOf(row.get("wall")),
        Integer.parseInt(row.get("expected_casts")),
        list(row.get("release")),
        list(row.get("forbidden")),
        list(row.get("preparation")),
        row.get("source"));
  }

  private static List<String> list(String cell) {
    return cell.isEmpty()
        ? List.of()
        : Arrays.stream(cell.split(";", -1)).map(String::strip).toList();
  }

  public Optional<MouldKind> find(String code) {
    return Optional.ofNullable(byCode.get(code));
  }

  public List<MouldKind> all() {
    return List.copyOf(byCode.values());
  }
}
