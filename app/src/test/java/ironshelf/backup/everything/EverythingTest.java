package ironshelf.backup.everything;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import ironshelf.App;
import ironshelf.folder.Archive;
import ironshelf.folder.UnusableDataException;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.StringReader;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.nio.file.FileSystem;
import java.nio.file.FileSystems;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.time.Instant;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipInputStream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A shop taken out, in, and out again. */
class EverythingTest {

  @TempDir private Path folder;

  private Path takenOut() throws IOException, InterruptedException {
    App shop = App.seasoned();
    shop.post(
        "/api/customers", "{\"name\":\"=cmd|' /C calc'!A0\",\"address\":\"'-5\\n\\\"Quay\\\"\"}");
    Path file = folder.resolve("out.zip");
    HttpClient.newHttpClient()
        .send(
            HttpRequest.newBuilder(URI.create(shop.base() + "/api/everything.zip")).build(),
            BodyHandlers.ofFile(file));
    return file;
  }

  private byte[] outOf(Path backup) throws Exception {
    Path database = folder.resolve("again");
    new Archive(backup).unpack(folder.resolve("again.mv.db"));
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try (Connection c = DriverManager.getConnection("jdbc:h2:file:" + database, "sa", "")) {
      TakeOut.write(c, "0.1.0", out);
    }
    return out.toByteArray();
  }

  @Test
  void outInAndOutAgainAreTheSameBytes() throws Exception {
    Path out = takenOut();
    Path backup = folder.resolve("20260101T000000Z-taken-in.zip");
    TakeIn.toBackup(out, backup, Instant.EPOCH);
    assertThat(new Archive(backup).checked().counts().get("pieces")).isGreaterThan(100);
    byte[] again = outOf(backup);
    assertThat(entries(new ByteArrayInputStream(again)))
        .isEqualTo(entries(Files.newInputStream(out)));
    assertThat(Arrays.equals(again, Files.readAllBytes(out))).as("the same bytes").isTrue();
  }

  private static Map<String, String> entries(InputStream archive) throws IOException {
    Map<String, String> entries = new LinkedHashMap<>();
    try (ZipInputStream zip = new ZipInputStream(archive)) {
      for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
        entries.put(entry.getName(), new String(zip.readAllBytes(), StandardCharsets.ISO_8859_1));
      }
    }
    return entries;
  }

  /**
   * As somebody without this program would: a library for tables, the columns as they are named.
   */
  @Test
  void itIsReadWithoutThisProgram() throws Exception {
    try (ZipFile zip = new ZipFile(takenOut().toFile())) {
      List<CSVRecord> pieces = rows(zip, "tables/pieces.csv");
      assertThat(pieces).hasSizeGreaterThan(100);
      TreeSet<String> casts = new TreeSet<>();
      rows(zip, "tables/casts.csv").forEach(c -> casts.add(c.get("id")));
      assertThat(pieces).allMatch(p -> casts.contains(p.get("cast_id")));
      assertThat(rows(zip, "columns.csv"))
          .anyMatch(
              c ->
                  c.get("table").equals("pieces")
                      && c.get("column").equals("cast_id")
                      && c.get("refers_to").equals("casts.id"));
      assertThat(rows(zip, "tables/customers.csv"))
          .as("no cell is a formula")
          .anyMatch(c -> c.get("name").startsWith("'=cmd"));
      assertThat(rows(zip, "tables/people.csv")).isEmpty();
      assertThat(zip.getEntry("tables/devices.csv")).isNull();
      assertThat(zip.getEntry("tables/spring_session.csv")).isNull();
    }
  }

  private static List<CSVRecord> rows(ZipFile zip, String name) throws IOException {
    String text =
        new String(zip.getInputStream(zip.getEntry(name)).readAllBytes(), StandardCharsets.UTF_8);
    return CSVFormat.RFC4180
        .builder()
        .setHeader()
        .setSkipHeaderRecord(true)
        .get()
        .parse(new StringReader(text))
        .getRecords();
  }

  @Test
  void anArchiveThatLacksSomethingChangesNothing() throws Exception {
    Path out = takenOut();
    try (FileSystem zip = FileSystems.newFileSystem(out)) {
      Path casts = zip.getPath("tables/casts.csv");
      List<String> lines = Files.readAllLines(casts);
      Files.write(casts, lines.subList(0, lines.size() - 1));
    }
    Path backup = folder.resolve("b.zip");
    assertThatThrownBy(() -> TakeIn.toBackup(out, backup, Instant.EPOCH))
        .isInstanceOf(UnusableDataException.class)
        .hasMessageContaining("which is not there");
    for (String manifest :
        List.of(
            "not JSON",
            "{}",
            "{\"format\":\"" + TakeOut.FORMAT_NAME + "\"}",
            "{\"format\":\"" + TakeOut.FORMAT_NAME + "\",\"schema\":\"V1; drop\"}",
            "{\"format\":\"" + TakeOut.FORMAT_NAME + "\",\"schema\":\"V2\"}",
            "{\"format\":\"" + TakeOut.FORMAT_NAME + "\",\"schema\":\"V9999\"}")) {
      try (FileSystem zip = FileSystems.newFileSystem(out)) {
        Files.writeString(zip.getPath(TakeOut.MANIFEST), manifest);
      }
      assertThatThrownBy(() -> TakeIn.toBackup(out, backup, Instant.EPOCH))
          .as(manifest)
          .isInstanceOf(UnusableDataException.class)
          .hasMessageStartingWith("The archive cannot be taken in: ")
          .hasMessageNotContainingAny("null", "Exception", "SQL", "Column", "Table");
    }
    Path none = Files.writeString(folder.resolve("none.zip"), "not an archive");
    assertThatThrownBy(() -> TakeIn.toBackup(none, backup, Instant.EPOCH))
        .isInstanceOf(UnusableDataException.class);
    try (Stream<Path> left = Files.list(folder)) {
      assertThat(left.map(p -> p.getFileName().toString())).doesNotContain("b.zip");
    }
    App shop = App.busy();
    assertThat(shop.send("/api/everything", Files.readAllBytes(none)).code())
        .isEqualTo("everything.unusable");
  }
}
