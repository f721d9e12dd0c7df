package ironshelf.backup.everything;

import java.io.BufferedWriter;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.nio.charset.StandardCharsets;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.apache.commons.csv.CSVPrinter;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.json.JsonMapper;

/**
 * Writes everything that a shop keeps as one archive. The same shop gives the same bytes: nothing
 * in it depends on when it was taken out.
 */
final class TakeOut {

  static final String FORMAT_NAME = "iron-shelf-everything-1";
  static final String MANIFEST = "everything.json";

  /** Any day; its own time would make each archive another one. */
  private static final LocalDateTime ANY_TIME = LocalDateTime.of(2000, 1, 1, 0, 0);

  /**
   * What the archive says about itself.
   *
   * @param schema the newest migration of the database that it was taken from
   */
  record Said(String format, String application, String schema, String shop) {}

  private final Connection from;
  private final ZipOutputStream zip;

  private TakeOut(Connection from, OutputStream to) {
    this.from = from;
    this.zip = new ZipOutputStream(to, StandardCharsets.UTF_8);
  }

  /** Everything as it is at one moment, while others go on. The connection is left as it was. */
  static void write(Connection from, String application, OutputStream to)
      throws SQLException, IOException {
    boolean auto = from.getAutoCommit();
    from.setAutoCommit(false);
    try (Statement sql = from.createStatement()) {
      sql.execute("set session characteristics as transaction isolation level snapshot");
      new TakeOut(from, to).all(application);
    } finally {
      from.rollback();
      try (Statement sql = from.createStatement()) {
        sql.execute("set session characteristics as transaction isolation level read committed");
      }
      from.setAutoCommit(auto);
    }
  }

  private void all(String application) throws SQLException, IOException {
    Said said =
        new Said(
            FORMAT_NAME,
            application,
            one(
                "select 'V' || \"version\" from \"flyway_schema_history\" where \"success\""
                    + " order by \"installed_rank\" desc limit 1"),
            one("select name from workshop"));
    entry(MANIFEST, JsonMapper.builder().build().writeValueAsBytes(said));
    try (InputStream readMe = TakeOut.class.getResourceAsStream("/everything/read-me.txt")) {
      entry("read-me.txt", readMe.readAllBytes());
    }
    List<KeptTable> tables = KeptTable.of(from);
    columns(tables);
    for (KeptTable table : tables) {
      table(table);
    }
    for (KeptTable table : tables) {
      for (KeptTable.Column column : table.columns()) {
        if (column.isFile()) {
          files(table, column);
        }
      }
    }
    zip.finish();
  }

  private String one(String query) throws SQLException {
    try (Statement sql = from.createStatement();
        ResultSet row = sql.executeQuery(query)) {
      return row.next() ? row.getString(1) : "";
    }
  }

  /** Each column with its type and what it refers to. */
  private void columns(List<KeptTable> tables) throws SQLException, IOException {
    begin("columns.csv");
    CSVPrinter printer = printer();
    printer.printRecord("table", "column", "type", "refers_to");
    for (KeptTable table : tables) {
      for (KeptTable.Column column : table.columns()) {
        printer.printRecord(
            table.name().toLowerCase(Locale.ROOT),
            column.name().toLowerCase(Locale.ROOT),
            column.isFile() ? "FILE" : column.type(),
            refersTo(table.name(), column.name()));
      }
    }
    printer.flush();
    zip.closeEntry();
  }

  private @Nullable String refersTo(String table, String column) throws SQLException {
    try (ResultSet keys = from.getMetaData().getImportedKeys(null, "PUBLIC", table)) {
      while (keys.next()) {
        if (keys.getString("FKCOLUMN_NAME").equals(column)) {
          return (keys.getString("PKTABLE_NAME") + "." + keys.getString("PKCOLUMN_NAME"))
              .toLowerCase(Locale.ROOT);
        }
      }
    }
    return null;
  }

  private void table(KeptTable table) throws SQLException, IOException {
    begin(table.fileName());
    CSVPrinter printer = printer();
    printer.printRecord(table.head());
    try (Statement sql = from.createStatement();
        ResultSet rows = sql.executeQuery(table.selectAll())) {
      while (rows.next()) {
        List<@Nullable String> cells = new ArrayList<>();
        for (int i = 0; i < table.columns().size(); i++) {
          KeptTable.Column column = table.columns().get(i);
          cells.add(column.isFile() ? fileName(table, rows) : Cells.text(rows, i + 1, column));
        }
        printer.printRecord(cells);
      }
    }
    printer.flush();
    zip.closeEntry();
  }

  private static String fileName(KeptTable table, ResultSet row) throws SQLException {
    return table.name().toLowerCase(Locale.ROOT) + "/" + row.getString("ID");
  }

  private void files(KeptTable table, KeptTable.Column column) throws SQLException, IOException {
    try (Statement sql = from.createStatement();
        ResultSet rows =
            sql.executeQuery(
                "select id, \"%s\" from \"%s\" order by id"
                    .formatted(column.name(), table.name()))) {
      while (rows.next()) {
        begin(fileName(table, rows));
        try (InputStream content = rows.getBinaryStream(2)) {
          content.transferTo(zip);
        }
        zip.closeEntry();
      }
    }
  }

  private void entry(String name, byte[] content) throws IOException {
    begin(name);
    zip.write(content);
    zip.closeEntry();
  }

  private void begin(String name) throws IOException {
    ZipEntry entry = new ZipEntry(name);
    entry.setTimeLocal(ANY_TIME);
    zip.putNextEntry(entry);
  }

  /** Left open: the entry is closed, not the archive. */
  private CSVPrinter printer() throws IOException {
    return new CSVPrinter(
        new BufferedWriter(new OutputStreamWriter(zip, StandardCharsets.UTF_8)), Cells.FORMAT);
  }
}
