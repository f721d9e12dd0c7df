package ironshelf.http.table;

import ironshelf.http.problem.ProblemException;
import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.apache.commons.csv.DuplicateHeaderMode;
import org.springframework.http.ResponseEntity;

/** A table with a head, comma-separated (RFC 4180), as rows of text by column. */
public final class CsvTable {

  public static final String TYPE = "text/csv;charset=UTF-8";

  private static final int MOST_ROWS = 5_000;

  private static final CSVFormat FORMAT =
      CSVFormat.RFC4180
          .builder()
          .setHeader()
          .setSkipHeaderRecord(true)
          .setDuplicateHeaderMode(DuplicateHeaderMode.DISALLOW)
          .setIgnoreEmptyLines(true)
          .setTrim(true)
          .get();

  private CsvTable() {}

  /** The names in the head, in their order. */
  public static List<String> columns(String text) {
    read(text);
    String head = text.startsWith("\ufeff") ? text.substring(1) : text;
    try (StringReader in = new StringReader(head)) {
      return FORMAT.parse(in).getHeaderNames();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** The rows; cells that are empty are left out. A byte order mark is passed over. */
  public static List<Map<String, String>> read(String text) {
    String start = text.startsWith("\ufeff") ? text.substring(1) : text;
    List<Map<String, String>> rows = new ArrayList<>();
    try (StringReader in = new StringReader(start)) {
      for (CSVRecord row : FORMAT.parse(in)) {
        Map<String, String> cells = new LinkedHashMap<>();
        row.toMap().forEach((column, cell) -> put(cells, column, cell));
        rows.add(cells);
        if (rows.size() > MOST_ROWS) {
          throw ProblemException.bad("table.tooLong", Map.of("high", MOST_ROWS));
        }
      }
    } catch (IOException | IllegalArgumentException | UncheckedIOException e) {
      throw ProblemException.bad(
          "table.unreadable", Map.of("value", String.valueOf(e.getMessage())));
    }
    if (rows.isEmpty()) {
      throw ProblemException.bad("table.empty", Map.of());
    }
    return rows;
  }

  private static void put(Map<String, String> cells, String column, String cell) {
    if (cell != null && !cell.isBlank()) {
      cells.put(column, FormulaSafe.plain(cell));
    }
  }

  /** Writes rows under all the columns that any of them has, in the order in which they come. */
  public static String write(List<Map<String, String>> rows) {
    Set<String> columns = new LinkedHashSet<>();
    rows.forEach(row -> columns.addAll(row.keySet()));
    StringWriter out = new StringWriter();
    CSVFormat format = CSVFormat.RFC4180.builder().setHeader(columns.toArray(String[]::new)).get();
    try (var printer = format.print(out)) {
      for (Map<String, String> row : rows) {
        printer.printRecord(
            columns.stream().map(c -> FormulaSafe.cell(row.getOrDefault(c, ""))).toList());
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return out.toString();
  }

  /** A table to keep, with these columns even where it has no rows. */
  public static ResponseEntity<String> file(
      String name, List<String> columns, List<Map<String, String>> rows) {
    return file(name, rows.isEmpty() ? String.join(",", columns) + "\r\n" : write(rows));
  }

  public static ResponseEntity<String> file(String name, String text) {
    return ResponseEntity.ok()
        .header("Content-Disposition", "attachment; filename=\"" + name + "\"")
        .body(text);
  }
}
