package ironshelf.core.quantity;

import static java.util.Objects.requireNonNull;

import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;

/**
 * Reads the tables of starting values that ship beside the class that knows them: comma-separated
 * (RFC 4180), UTF-8, with a head. Strictly: a row that cannot be used is a fault of the build, and
 * names itself.
 */
public final class ShippedTable {

  private static final CSVFormat FORMAT =
      CSVFormat.RFC4180.builder().setHeader().setSkipHeaderRecord(true).get();

  private ShippedTable() {}

  /**
   * Returns the rows of a file beside a class, in their order.
   *
   * @throws IllegalArgumentException naming file and row, for what cannot be used
   */
  public static <T> List<T> rows(Class<?> beside, String file, Function<CSVRecord, T> made) {
    try (Reader in =
        new InputStreamReader(
            requireNonNull(beside.getResourceAsStream(file), file), StandardCharsets.UTF_8)) {
      return rows(file, in, made);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Returns the same of a table that is open; its name is for what is said of it. */
  public static <T> List<T> rows(String name, Reader in, Function<CSVRecord, T> made)
      throws IOException {
    List<T> rows = new ArrayList<>();
    for (CSVRecord row : FORMAT.parse(in)) {
      try {
        rows.add(made.apply(row));
      } catch (IllegalArgumentException e) {
        throw new IllegalArgumentException(
            name + ", row " + row.getRecordNumber() + ": " + e.getMessage(), e);
      }
    }
    return List.copyOf(rows);
  }

  /**
   * Returns what was read, by its code, in its order.
   *
   * @throws IllegalArgumentException for a code that stands twice
   */
  public static <T> Map<String, T> byCode(List<T> rows, Function<T, String> codeOf) {
    Map<String, T> byCode = new LinkedHashMap<>();
    for (int i = 0; i < rows.size(); i++) {
      String code = codeOf.apply(rows.get(i));
      if (byCode.put(code, rows.get(i)) != null) {
        throw new IllegalArgumentException("row " + (i + 1) + ": code " + code + " stands twice");
      }
    }
    return byCode;
  }
}
