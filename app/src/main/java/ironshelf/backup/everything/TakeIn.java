package ironshelf.backup.everything;

import ironshelf.folder.Archive;
import ironshelf.folder.Manifest;
import ironshelf.folder.UnusableDataException;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.DateTimeException;
import java.time.Instant;
import java.util.List;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.FlywayException;
import org.jspecify.annotations.Nullable;
import org.springframework.util.FileSystemUtils;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/**
 * Makes a database of what was taken out, at the state of the schema that it was taken out of, and
 * a backup of that: going back to it moves it up as any older one. What is there is not touched.
 */
final class TakeIn {

  private static final int BATCH = 500;
  private static final long MOST_BYTES = 4L << 30;

  private final ZipFile archive;
  private final TakeOut.Said said;

  private TakeIn(ZipFile archive) throws IOException {
    this.archive = archive;
    ZipEntry manifest = archive.getEntry(TakeOut.MANIFEST);
    if (manifest == null
        || archive.stream().mapToLong(e -> Math.max(0, e.getSize())).sum() > MOST_BYTES) {
      throw new IOException("no archive of everything");
    }
    try (InputStream in = archive.getInputStream(manifest)) {
      said = JsonMapper.builder().build().readValue(in, TakeOut.Said.class);
    }
    if (!TakeOut.FORMAT_NAME.equals(said.format())) {
      throw new IOException("another format: " + said.format());
    }
  }

  /**
   * Makes a backup of an archive.
   *
   * @param at when
   * @throws UnusableDataException where the file is no such archive, or not a whole one
   */
  static Manifest toBackup(Path file, Path backup, Instant at) {
    Path folder = null;
    try (ZipFile archive = new ZipFile(file.toFile(), StandardCharsets.UTF_8)) {
      folder = Files.createTempDirectory("ironshelf-take-in");
      return new TakeIn(archive).make(folder, backup, at);
    } catch (IOException
        | SQLException
        | JacksonException
        | FlywayException
        | IllegalArgumentException
        | DateTimeException e) {
      throw new UnusableDataException(
          "The file " + file.getFileName() + " cannot be taken in: " + e.getMessage(),
          "Take everything out anew where it came from; nothing was changed here.");
    } finally {
      delete(folder);
    }
  }

  private static void delete(@Nullable Path folder) {
    try {
      FileSystemUtils.deleteRecursively(folder);
    } catch (IOException e) {
      throw new java.io.UncheckedIOException(e);
    }
  }

  private Manifest make(Path folder, Path backup, Instant at) throws SQLException, IOException {
    String url = "jdbc:h2:file:" + folder.resolve("ironshelf").toAbsolutePath();
    Flyway.configure()
        .dataSource(url, "sa", "")
        .target(said.schema().substring(1))
        .load()
        .migrate();
    try (Connection database = DriverManager.getConnection(url, "sa", "");
        Statement sql = database.createStatement()) {
      List<KeptTable> tables = KeptTable.of(database);
      sql.execute("set referential_integrity false");
      for (KeptTable table : tables) {
        sql.execute("truncate table \"" + table.name() + "\"");
        fill(database, table);
      }
      sql.execute("set referential_integrity true");
      References.check(database, tables);
      for (KeptTable table : tables) {
        Identity.goOnAfter(database, table);
      }
      return new Archive(backup).make(database, said.application(), Manifest.Reason.TAKEN_IN, at);
    }
  }

  private void fill(Connection database, KeptTable table) throws SQLException, IOException {
    ZipEntry entry = archive.getEntry(table.fileName());
    if (entry == null) {
      throw new IOException(table.fileName() + " is missing");
    }
    try (CSVParser rows =
            Cells.FORMAT
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .get()
                .parse(
                    new InputStreamReader(archive.getInputStream(entry), StandardCharsets.UTF_8));
        PreparedStatement insert = database.prepareStatement(table.insert())) {
      int waiting = 0;
      for (CSVRecord row : rows) {
        for (int i = 0; i < table.columns().size(); i++) {
          set(insert, i + 1, table.columns().get(i), row.get(table.head().get(i)));
        }
        insert.addBatch();
        waiting++;
        if (waiting == BATCH) {
          insert.executeBatch();
          waiting = 0;
        }
      }
      insert.executeBatch();
    }
  }

  private void set(PreparedStatement row, int no, KeptTable.Column column, @Nullable String text)
      throws SQLException, IOException {
    if (!column.isFile() || text == null) {
      Cells.set(row, no, column, text);
      return;
    }
    ZipEntry entry = archive.getEntry(text);
    if (entry == null) {
      throw new IOException(text + " is missing");
    }
    try (InputStream content = archive.getInputStream(entry)) {
      row.setBytes(no, content.readAllBytes());
    }
  }
}
