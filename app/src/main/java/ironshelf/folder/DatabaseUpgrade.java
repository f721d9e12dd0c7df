package ironshelf.folder;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Instant;
import java.util.Arrays;
import java.util.Comparator;
import org.apache.commons.logging.Log;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.FlywayException;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;

/**
 * Migrates a copy of a database and puts it in the place of the old one in one move, so that a
 * power cut at any moment, that of the first start included, leaves a folder that starts again. The
 * old database stays among the backups.
 */
final class DatabaseUpgrade {

  private static final String SUFFIX = ".mv.db";

  private static final String HISTORY =
      "select count(*) from information_schema.tables where table_name = 'flyway_schema_history'";

  /** The database is read only (H2's error codes). */
  private static final int READ_ONLY = 90097;

  /** What every file of the database's kind begins with. */
  private static final String HEADER = "H:2";

  private static final String MIGRATIONS = "classpath:db/migration/V*.sql";

  private final Path base;
  private final String user;
  private final String password;
  private final String application;
  private final Log log;
  private final BackupFolder backups;

  /**
   * @param base the database's path without the suffix that the database gives it
   * @param application the version of this application
   */
  DatabaseUpgrade(Path base, String user, String password, String application, Log log) {
    this.base = base.toAbsolutePath();
    this.application = application;
    this.backups = BackupFolder.of(this.base.getParent());
    this.user = user;
    this.password = password;
    this.log = log;
  }

  /** Brings the database up to the newest version, or makes a new one. */
  void run() {
    try {
      Files.createDirectories(base.getParent());
      OwnersOnly.make(base.getParent());
      if (Files.exists(file(base))) {
        refuseDamaged();
      }
      String newest = newest();
      if (Files.exists(file(base)) && newest.equals(known())) {
        return;
      }
      Path copy = base.resolveSibling(base.getFileName() + "-upgrading");
      Files.deleteIfExists(file(copy));
      if (Files.exists(file(base))) {
        if (pending() == 0) {
          remember(newest);
          return;
        }
        Path kept = backUp(Manifest.Reason.BEFORE_MIGRATION);
        new Archive(kept).unpack(file(copy));
        log.info("Upgrading the database to " + newest + ". The old one is kept in " + kept + ".");
      }
      migrate(copy, newest);
      force(file(copy));
      Files.move(
          file(copy),
          file(base),
          StandardCopyOption.ATOMIC_MOVE,
          StandardCopyOption.REPLACE_EXISTING);
      remember(newest);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } catch (SQLException e) {
      throw unusable(e);
    }
  }

  private int pending() throws SQLException {
    try {
      return flyway(url(base)).info().pending().length;
    } catch (FlywayException e) {
      for (Throwable t = e; t != null; t = t.getCause()) {
        if (t instanceof SQLException sql) {
          throw sql;
        }
      }
      throw e;
    }
  }

  /** On the disk before it takes the place of the old one, whatever the power does. */
  private static void force(Path file) throws IOException {
    try (FileChannel channel = FileChannel.open(file, StandardOpenOption.WRITE)) {
      channel.force(true);
    }
  }

  /** A migration that fails half-way leaves the database as it was. */
  private void migrate(Path copy, String newest) {
    try {
      flyway(unhurried(copy)).migrate();
    } catch (FlywayException e) {
      log.error("The database could not be upgraded to " + newest, e);
      throw new UnusableDataException(
          "The database could not be upgraded to " + newest + ".",
          "It is as it was: " + file(base) + ". Go on with the version of before, and report it.");
    }
  }

  /** A file of nought bytes would be opened as a new database. */
  private void refuseDamaged() throws IOException {
    byte[] start = new byte[HEADER.length()];
    int read;
    try (InputStream in = Files.newInputStream(file(base))) {
      read = in.readNBytes(start, 0, start.length);
    }
    if (read < start.length || !HEADER.equals(new String(start, StandardCharsets.US_ASCII))) {
      String what = Files.size(file(base)) == 0 ? " is empty." : " is damaged.";
      throw new UnusableDataException("The database " + file(base) + what, backups.remedy());
    }
    if (isEmptied()) {
      throw new UnusableDataException(
          "The database " + file(base) + " is damaged: nothing is left in it.", backups.remedy());
    }
  }

  /**
   * Whether the database opens as if nothing had ever been in it, as one does whose blocks were
   * overwritten: it was put in its place with its history of migrations. Looked at without writing,
   * so that whatever can still be saved from the file can be; one that wants to be written to first
   * is looked at as a copy.
   */
  private boolean isEmptied() throws IOException {
    try {
      return hasNoHistory(base, ";ACCESS_MODE_DATA=r");
    } catch (SQLException e) {
      if (e.getErrorCode() != READ_ONLY) {
        return false;
      }
    }
    Path copy = base.resolveSibling(base.getFileName() + "-looked-at");
    try {
      Files.copy(file(base), file(copy), StandardCopyOption.REPLACE_EXISTING);
      return hasNoHistory(copy, "");
    } catch (SQLException e) {
      return false;
    } finally {
      Files.deleteIfExists(file(copy));
    }
  }

  private boolean hasNoHistory(Path of, String how) throws SQLException {
    try (Connection connection = DriverManager.getConnection(url(of) + how, user, password);
        Statement sql = connection.createStatement();
        ResultSet tables = sql.executeQuery(HISTORY)) {
      return tables.next() && tables.getInt(1) == 0;
    }
  }

  private RuntimeException unusable(SQLException e) {
    return e.getErrorCode() == DataFailure.IN_USE
        ? new IllegalStateException(e)
        : new UnusableDataException(
            "The database " + file(base) + " cannot be opened.", backups.remedy());
  }

  /**
   * Puts the database of a backup in the place of this one, which is kept among the backups, or
   * beside it where it cannot be opened.
   */
  void restore(Path from) {
    Archive archive = new Archive(from);
    Manifest manifest = archive.checked();
    try {
      if (Integer.parseInt(manifest.schema().substring(1))
          > Integer.parseInt(newest().substring(1))) {
        throw new UnusableDataException(
            "The backup "
                + from
                + " was made by a newer Iron Shelf ("
                + manifest.application()
                + ").",
            "Install that version first. Nothing was changed.");
      }
      Files.createDirectories(base.getParent());
      Path restoring = base.resolveSibling(base.getFileName() + "-restoring");
      archive.unpack(file(restoring));
      force(file(restoring));
      if (Files.exists(file(base))) {
        log.info("What was there is kept as " + putAside() + ".");
      }
      Files.deleteIfExists(note());
      Files.move(
          file(restoring),
          file(base),
          StandardCopyOption.ATOMIC_MOVE,
          StandardCopyOption.REPLACE_EXISTING);
      log.info("Restored " + manifest.shop() + " as it was at " + manifest.madeAt() + ".");
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private Path putAside() throws IOException {
    try {
      refuseDamaged();
      return backUp(Manifest.Reason.BEFORE_RESTORE);
    } catch (SQLException | UnusableDataException e) {
      if (e instanceof SQLException sql && sql.getErrorCode() == DataFailure.IN_USE) {
        throw new IllegalStateException(sql);
      }
      Path aside = base.resolveSibling("damaged-" + Instant.now().getEpochSecond() + SUFFIX);
      Files.copy(file(base), aside);
      return aside;
    }
  }

  private Flyway flyway(String url) {
    return Flyway.configure().dataSource(url, user, password).load();
  }

  /** Every commit is on the disk before it is answered. */
  private static String url(Path of) {
    return unhurried(of) + ";WRITE_DELAY=0";
  }

  /**
   * For a copy that nobody has yet: it is written when it is closed, and not once for every
   * statement of every migration.
   */
  private static String unhurried(Path of) {
    return "jdbc:h2:file:" + of;
  }

  private static Path file(Path of) {
    return of.resolveSibling(of.getFileName() + SUFFIX);
  }

  /** A consistent copy, made by the database, which holds its lock meanwhile. */
  private Path backUp(Manifest.Reason reason) throws SQLException, IOException {
    Instant now = Instant.now();
    Path to = backups.next(reason, now);
    try (Connection connection = DriverManager.getConnection(url(base), user, password)) {
      new Archive(to).make(connection, application, reason, now);
    }
    return to;
  }

  /** The version that this application brings a database to: its newest migration's. */
  private static String newest() throws IOException {
    return Arrays.stream(new PathMatchingResourcePatternResolver().getResources(MIGRATIONS))
        .map(Resource::getFilename)
        .map(name -> name.substring(0, name.indexOf("__")))
        .max(Comparator.comparingInt(version -> Integer.parseInt(version.substring(1))))
        .orElseThrow();
  }

  /** The version that it was brought to last; empty where that is not known. */
  private String known() throws IOException {
    return Files.exists(note()) ? Files.readString(note()).strip() : "";
  }

  private void remember(String version) throws IOException {
    Files.writeString(note(), version + "\n");
  }

  private Path note() {
    return base.resolveSibling("schema-version.txt");
  }
}
