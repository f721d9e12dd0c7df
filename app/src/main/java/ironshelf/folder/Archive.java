package ironshelf.folder;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.FileSystem;
import java.nio.file.FileSystems;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.security.DigestInputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Instant;
import java.util.HexFormat;
import java.util.Map;
import java.util.TreeMap;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/**
 * A backup: a zip of the database, as it was at one moment, and of what it says about itself. It is
 * whole or it is not there: it gets its name when it is done.
 */
public final class Archive {

  private static final String SUFFIX = ".mv.db";
  private static final String MANIFEST = "backup.json";
  private static final JsonMapper JSON = new JsonMapper();

  private static final Map<String, String> COUNTED =
      Map.of(
          "orders", "orders",
          "pours", "pours",
          "pieces", "pieces",
          "materials", "materials",
          "moulds", "moulds");

  private final Path file;

  public Archive(Path file) {
    this.file = file;
  }

  /**
   * Makes one of an open database, which goes on meanwhile.
   *
   * @param application the version of the application
   * @return what is in it
   */
  public Manifest make(Connection of, String application, Manifest.Reason reason, Instant at)
      throws IOException, SQLException {
    Path part = file.resolveSibling(file.getFileName() + ".part");
    Files.deleteIfExists(part);
    try (Statement sql = of.createStatement()) {
      sql.execute("backup to '" + part.toString().replace("'", "''") + "'");
      Manifest manifest =
          new Manifest(application, schema(sql), shop(sql), at, reason, sha256(part), counts(sql));
      try (FileSystem zip = FileSystems.newFileSystem(part)) {
        Files.writeString(zip.getPath(MANIFEST), JSON.writeValueAsString(manifest));
      }
      Files.move(part, file, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
      return manifest;
    } finally {
      Files.deleteIfExists(part);
    }
  }

  /**
   * What it says about itself, after it was found to be as it was made.
   *
   * @throws UnusableDataException where it is damaged, or no backup
   */
  public Manifest checked() {
    try (ZipFile zip = new ZipFile(file.toFile())) {
      ZipEntry said = zip.getEntry(MANIFEST);
      if (said == null) {
        throw unusable("is no backup of Iron Shelf");
      }
      Manifest manifest;
      try (InputStream in = zip.getInputStream(said)) {
        manifest = JSON.readValue(in, Manifest.class);
      }
      if (!sha256(file).equals(manifest.sha256())) {
        throw unusable("was changed after it was made");
      }
      return manifest;
    } catch (IOException | JacksonException e) {
      throw unusable("is damaged");
    }
  }

  /** Writes its database to a file. */
  public void unpack(Path to) throws IOException {
    try (ZipFile zip = new ZipFile(file.toFile());
        InputStream in = zip.getInputStream(database(zip));
        OutputStream out = Files.newOutputStream(to)) {
      in.transferTo(out);
    }
  }

  private UnusableDataException unusable(String why) {
    return new UnusableDataException(
        "The file " + file + " " + why + ".", "Choose another backup; nothing was changed.");
  }

  private ZipEntry database(ZipFile zip) throws IOException {
    return zip.stream()
        .filter(e -> e.getName().endsWith(SUFFIX))
        .findFirst()
        .orElseThrow(() -> new IOException("no database in " + file));
  }

  private String sha256(Path of) throws IOException {
    try (ZipFile zip = new ZipFile(of.toFile());
        InputStream in = zip.getInputStream(database(zip))) {
      MessageDigest digest = MessageDigest.getInstance("SHA-256");
      new DigestInputStream(in, digest).transferTo(OutputStream.nullOutputStream());
      return HexFormat.of().formatHex(digest.digest());
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException(e);
    }
  }

  private static String schema(Statement sql) throws SQLException {
    try (ResultSet row =
        sql.executeQuery(
            "select \"version\" from \"flyway_schema_history\" where \"success\""
                + " order by \"installed_rank\" desc limit 1")) {
      return row.next() ? "V" + row.getString(1) : "";
    }
  }

  private static String shop(Statement sql) throws SQLException {
    try (ResultSet row = sql.executeQuery("select name from workshop")) {
      return row.next() ? row.getString(1) : "";
    }
  }

  private static Map<String, Long> counts(Statement sql) throws SQLException {
    Map<String, Long> counts = new TreeMap<>();
    for (Map.Entry<String, String> counted : COUNTED.entrySet()) {
      try (ResultSet row = sql.executeQuery("select count(*) from " + counted.getValue())) {
        row.next();
        counts.put(counted.getKey(), row.getLong(1));
      }
    }
    return counts;
  }
}
