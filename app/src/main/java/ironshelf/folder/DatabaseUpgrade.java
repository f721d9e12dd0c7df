package ironshelf.folder;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Arrays;
import java.util.Comparator;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import org.apache.commons.logging.Log;
import org.flywaydb.core.Flyway;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;

/**
 * Migrates a copy of a database and puts it in the place of the old one in one move, so that a
 * power cut at any moment, that of the first start included, leaves a folder that starts again. The
 * old database stays beside it as a zip.
 */
final class DatabaseUpgrade {

  private static final String SUFFIX = ".mv.db";
  private static final String MIGRATIONS = "classpath:db/migration/V*.sql";

  private final Path base;
  private final String user;
  private final String password;
  private final Log log;

  /**
   * @param base the database's path without the suffix that the database gives it
   */
  DatabaseUpgrade(Path base, String user, String password, Log log) {
    this.base = base.toAbsolutePath();
    this.user = user;
    this.password = password;
    this.log = log;
  }

  /** Brings the database up to the newest version, or makes a new one. */
  void run() {
    try {
      Files.createDirectories(base.getParent());
      String newest = newest();
      if (Files.exists(file(base)) && newest.equals(known())) {
        return;
      }
      Path copy = base.resolveSibling(base.getFileName() + "-upgrading");
      Files.deleteIfExists(file(copy));
      if (Files.exists(file(base))) {
        if (flyway(base).info().pending().length == 0) {
          remember(newest);
          return;
        }
        Path kept = base.resolveSibling("before-" + newest + ".zip");
        unpack(backUp(kept), file(copy));
        log.info("Upgrading the database to " + newest + ". The old one is kept in " + kept + ".");
      }
      flyway(copy).migrate();
      Files.move(
          file(copy),
          file(base),
          StandardCopyOption.ATOMIC_MOVE,
          StandardCopyOption.REPLACE_EXISTING);
      remember(newest);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } catch (SQLException e) {
      throw new IllegalStateException("The database " + file(base) + " cannot be opened", e);
    }
  }

  private Flyway flyway(Path of) {
    return Flyway.configure().dataSource(url(of), user, password).load();
  }

  private static String url(Path of) {
    return "jdbc:h2:file:" + of + ";WRITE_DELAY=0";
  }

  private static Path file(Path of) {
    return of.resolveSibling(of.getFileName() + SUFFIX);
  }

  /** A consistent copy, made by the database, which holds its lock meanwhile. */
  private Path backUp(Path to) throws SQLException {
    try (Connection connection = DriverManager.getConnection(url(base), user, password);
        Statement sql = connection.createStatement()) {
      sql.execute("backup to '" + to.toString().replace("'", "''") + "'");
    }
    return to;
  }

  private static void unpack(Path zip, Path to) throws IOException {
    try (InputStream in = Files.newInputStream(zip);
        ZipInputStream files = new ZipInputStream(in)) {
      for (ZipEntry entry = files.getNextEntry(); entry != null; entry = files.getNextEntry()) {
        if (entry.getName().endsWith(SUFFIX)) {
          Files.copy(files, to);
        }
      }
    }
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
