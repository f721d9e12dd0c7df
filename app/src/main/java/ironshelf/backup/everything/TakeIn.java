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
import java.util.Objects;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.FlywayException;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.util.FileSystemUtils;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/**
 * Makes a database of what was taken out, at the state of the schema that it was taken out of, and
 * a backup of that: going back to it moves it up as any older one. What is there is not touched.
 */
final class TakeIn {

  private static final Logger LOG = LoggerFactory.getLogger(TakeIn.class);
  private static final int BATCH = 500;
  private static final long MOST_BYTES = 4L << 30;
  private static final Pattern SCHEMA = Pattern.compile("V([0-9]{1,4})");

  private final ZipFile archive;
  private final TakeOut.Said said;
  private final String schema;

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
      throw new IOException(
          "its %s does not name the format %s".formatted(TakeOut.MANIFEST, TakeOut.FORMAT_NAME));
    }
    Matcher named = SCHEMA.matcher(Objects.toString(said.schema(), ""));
    if (!named.matches()) {
      throw new IOException(TakeOut.MANIFEST + " does not say of which version its tables are");
    }
    schema = named.group(1);
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
    } catch (IOException e) {
      throw unusable(e.getMessage());
    } catch (JacksonException e) {
      throw unusable(TakeOut.MANIFEST + " cannot be read");
    } catch (SQLException | FlywayException | IllegalArgumentException | DateTimeException e) {
      // What these say is for those who know the database, and names its inside.
      LOG.warn("{} cannot be taken in", file.getFileName(), e);
      throw unusable("its tables are not those of the version that it names");
    } finally {
      delete(folder);
    }
  }

  private static UnusableDataException unusable(@Nullable String why) {
    return new UnusableDataException(
        "The archive cannot be taken in: " + why,
        "Take everything out anew where it came from; nothing was changed here.");
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
    Flyway flyway = Flyway.configure().dataSource(url, "sa", "").target(schema).load();
    flyway.migrate();
    String here = Objects.requireNonNull(flyway.info().current()).getVersion().getVersion();
    if (!here.equals(schema)) {
      throw new IOException(
          "it is of version V%s and this application knows no later one than V%s; take it in with a newer application"
              .formatted(schema, here));
    }
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
