package ironshelf.folder;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.FileSystem;
import java.nio.file.FileSystems;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.time.Instant;
import java.util.stream.Stream;
import org.apache.commons.logging.impl.NoOpLog;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Backups come back, and nothing that was there is lost for it. */
class RestoreTest {

  @TempDir Path folder;

  @BeforeEach
  void found() throws Exception {
    upgrade().run();
    named("Gravel Street");
  }

  private DatabaseUpgrade upgrade() {
    return new DatabaseUpgrade(folder.resolve("ironshelf"), "sa", "", "1.0", new NoOpLog());
  }

  private Connection open() throws Exception {
    return DriverManager.getConnection("jdbc:h2:file:" + folder.resolve("ironshelf"), "sa", "");
  }

  private void named(String code) throws Exception {
    try (Connection connection = open()) {
      connection
          .createStatement()
          .execute("insert into customers (name, version) values ('" + code + "', 0)");
    }
  }

  private String customers() throws Exception {
    try (Connection connection = open();
        ResultSet rows =
            connection
                .createStatement()
                .executeQuery(
                    "select listagg(name, ', ') within group (order by id) from customers")) {
      rows.next();
      return rows.getString(1);
    }
  }

  private Path backUp() throws Exception {
    Path to = BackupFolder.of(folder).next(Manifest.Reason.ASKED, Instant.now());
    try (Connection connection = open()) {
      new Archive(to).make(connection, "1.0", Manifest.Reason.ASKED, Instant.now());
    }
    return to;
  }

  @Test
  void whatWasThereIsKeptAndCanBeComeBackTo() throws Exception {
    Path first = backUp();
    named("Later");
    upgrade().restore(first);
    upgrade().run();
    assertThat(customers()).isEqualTo("Gravel Street");
    Path before =
        BackupFolder.of(folder).all().stream()
            .filter(f -> f.toString().endsWith("-before-restore.zip"))
            .findFirst()
            .orElseThrow();
    upgrade().restore(before);
    upgrade().run();
    assertThat(customers()).isEqualTo("Gravel Street, Later");
  }

  /** Flipped bits, a cut file, another zip: nothing is changed by any of them. */
  @Test
  void aDamagedBackupChangesNothing() throws Exception {
    Path good = backUp();
    Path other = folder.resolve("other.zip");
    byte[] cut = Files.readAllBytes(good);
    Files.write(other, java.util.Arrays.copyOf(cut, cut.length / 2));
    assertThatThrownBy(() -> upgrade().restore(other))
        .isInstanceOf(UnusableDataException.class)
        .hasMessageContaining("is damaged");
    Files.copy(good, other, StandardCopyOption.REPLACE_EXISTING);
    try (FileSystem zip = FileSystems.newFileSystem(other)) {
      Files.write(zip.getPath("ironshelf.mv.db"), new byte[] {'H', ':', '2'});
    }
    assertThatThrownBy(() -> upgrade().restore(other))
        .isInstanceOf(UnusableDataException.class)
        .hasMessageContaining("was changed after it was made");
    Files.writeString(other, "no zip at all");
    assertThatThrownBy(() -> upgrade().restore(other)).isInstanceOf(UnusableDataException.class);
    assertThat(customers()).isEqualTo("Gravel Street");
    assertThat(BackupFolder.of(folder).all()).containsExactly(good);
  }

  /** An empty file would be opened as a new shop; it is refused, with the way back. */
  @Test
  void aDatabaseOfNoBytesIsNoNewShop() throws Exception {
    Path good = backUp();
    Files.write(folder.resolve("ironshelf.mv.db"), new byte[0]);
    assertThatThrownBy(() -> upgrade().run())
        .isInstanceOfSatisfying(
            UnusableDataException.class,
            e -> {
              assertThat(e).hasMessageContaining("is empty");
              assertThat(e.remedy()).contains("./run --restore " + good);
            });
    upgrade().restore(good);
    upgrade().run();
    assertThat(customers()).isEqualTo("Gravel Street");
    try (Stream<Path> files = Files.list(folder)) {
      assertThat(files.map(f -> f.getFileName().toString()))
          .anyMatch(name -> name.startsWith("damaged-"));
    }
  }

  /** Bytes overwritten in the middle, as a failing stick does it. */
  @Test
  void aDamagedDatabaseNamesTheNewestGoodBackup() throws Exception {
    Path good = backUp();
    Path bad = BackupFolder.of(folder).next(Manifest.Reason.DAILY, Instant.now().plusSeconds(60));
    Files.writeString(bad, "half");
    Files.writeString(
        folder.resolve("ironshelf.mv.db"), "H:2,block:zzzz,not:adatabase".repeat(400));
    Files.delete(folder.resolve("schema-version.txt"));
    assertThatThrownBy(() -> upgrade().run())
        .isInstanceOfSatisfying(
            UnusableDataException.class, e -> assertThat(e.remedy()).contains(good.toString()));
  }

  /** All blocks but the first overwritten: the database would open it as a new one. */
  @Test
  void aDatabaseWhoseBlocksAreGoneIsNoNewShopEither() throws Exception {
    Path good = backUp();
    Path file = folder.resolve("ironshelf.mv.db");
    byte[] bytes = Files.readAllBytes(file);
    for (int block = 4_096; block < bytes.length; block += 4_096) {
      java.util.Arrays.fill(bytes, block, Math.min(block + 64, bytes.length), (byte) 0x55);
    }
    Files.write(file, bytes);
    assertThatThrownBy(() -> upgrade().run())
        .isInstanceOfSatisfying(
            UnusableDataException.class, e -> assertThat(e.remedy()).contains(good.toString()));
    assertThat(Files.readAllBytes(file)).isEqualTo(bytes);
  }

  @Test
  void aBackupOfANewerApplicationIsRefused() throws Exception {
    Path good = backUp();
    try (FileSystem zip = FileSystems.newFileSystem(good)) {
      Path said = zip.getPath("backup.json");
      Files.writeString(said, Files.readString(said).replaceAll("\"V\\d+\"", "\"V999\""));
    }
    assertThatThrownBy(() -> upgrade().restore(good))
        .isInstanceOf(UnusableDataException.class)
        .hasMessageContaining("newer Iron Shelf");
  }
}
