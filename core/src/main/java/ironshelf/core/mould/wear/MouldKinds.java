package ironshelf.core.mould.wear;

import ironshelf.core.mould.WallKind;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;

/** The kinds shipped, from {@code mould-kinds.csv} beside this class, read strictly. */
public final class MouldKinds {

  private static final CSVFormat FORMAT =
      CSVFormat.RFC4180.builder().setHeader().setSkipHeaderRecord(true).get();

  private final Map<String, MouldKind> byCode;

  private MouldKinds(Map<String, MouldKind> byCode) {
    this.byCode = byCode;
  }

  /** The table that ships with the application. */
  public static MouldKinds shipped() {
    try (Reader in =
        new InputStreamReader(
            MouldKinds.class.getResourceAsStream("mould-kinds.csv"), StandardCharsets.UTF_8)) {
      return read(in);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Reads a table of the same form; lists within a column are parted by semicolons. */
  static MouldKinds read(Reader in) throws IOException {
    Map<String, MouldKind> byCode = new LinkedHashMap<>();
    for (CSVRecord row : FORMAT.parse(in)) {
      MouldKind kind =
          new MouldKind(
              row.get("code"),
              row.get("name"),
              WallKind.valueOf(row.get("wall")),
              Integer.parseInt(row.get("expected_casts")),
              list(row.get("release")),
              list(row.get("forbidden")),
              list(row.get("preparation")),
              row.get("source"));
      if (byCode.put(kind.code(), kind) != null) {
        throw new IllegalArgumentException(
            "mould kinds, row " + row.getRecordNumber() + ": code " + kind.code() + " twice");
      }
    }
    return new MouldKinds(byCode);
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
