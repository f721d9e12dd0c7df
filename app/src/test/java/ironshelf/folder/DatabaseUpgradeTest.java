package ironshelf.folder;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.Statement;
import org.apache.commons.logging.impl.NoOpLog;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class DatabaseUpgradeTest {

  @TempDir Path folder;

  @Test
  void aNewFolderGetsTheNewestDatabase() throws Exception {
    upgrade();
    assertThat(pending()).isZero();
    long at = Files.getLastModifiedTime(file()).toMillis();
    upgrade();
    assertThat(Files.getLastModifiedTime(file()).toMillis()).isEqualTo(at);
  }

  @Test
  void nobodyElseLooksIntoTheDataFolder() throws Exception {
    upgrade();
    assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(folder)))
        .isEqualTo("rwx------");
  }

  /** What a kill left behind of a migration that was under way does not matter. */
  @Test
  void aHalfMadeCopyIsMadeAnew() throws Exception {
    Files.writeString(folder.resolve("ironshelf-upgrading.mv.db"), "H:2,block:3,half");
    upgrade();
    assertThat(pending()).isZero();
  }

  @Test
  void anOldDatabaseIsCarriedOverAndKept() throws Exception {
    flyway("1").migrate();
    sql("insert into materials values (1, 'rapid', 'Rapid', 'BINDER', 2.98, 1250, 20, 'x', 0)");
    byte[] old = Files.readAllBytes(file());
    upgrade();
    assertThat(pending()).isZero();
    assertThat(Files.readAllBytes(file())).isNotEqualTo(old);
    try (Connection connection = open();
        Statement sql = connection.createStatement();
        ResultSet row = sql.executeQuery("select name from materials")) {
      assertThat(row.next()).isTrue();
      assertThat(row.getString(1)).isEqualTo("Rapid");
    }
    Path kept = BackupFolder.of(folder).newestGood().orElseThrow();
    assertThat(kept.getFileName().toString()).endsWith("-before-migration.zip");
    assertThat(new Archive(kept).checked().schema()).isEqualTo("V1");
    assertThat(new Archive(kept).checked().counts()).containsEntry("materials", 1L);
  }

  /** What is in the way of a migration here is a table that somebody made by hand. */
  @Test
  void aMigrationThatFailsLeavesTheDatabaseAsItWas() throws Exception {
    flyway("22").migrate();
    sql("insert into customers (id, name, version) values (7, 'Tern Street', 0)");
    sql("create table devices (by_hand int)");
    assertThatThrownBy(this::upgrade)
        .isInstanceOfSatisfying(
            UnusableDataException.class,
            e -> assertThat(e.remedy()).contains("It is as it was: " + file()));
    assertThat(flyway("22").info().current().getVersion().getVersion()).isEqualTo("22");
    sql("drop table devices");
    upgrade();
    try (Connection connection = open();
        Statement sql = connection.createStatement();
        ResultSet row = sql.executeQuery("select name from customers")) {
      assertThat(row.next()).isTrue();
      assertThat(row.getString(1)).isEqualTo("Tern Street");
    }
  }

  /** What is no database is neither written over nor put aside. */
  @Test
  void aDamagedDatabaseStaysWhatItIs() throws Exception {
    Files.writeString(file(), "not a database");
    assertThatThrownBy(this::upgrade).isInstanceOf(RuntimeException.class);
    assertThat(Files.readString(file())).isEqualTo("not a database");
  }

  private void upgrade() {
    new DatabaseUpgrade(folder.resolve("ironshelf"), "sa", "", "1.0", new NoOpLog()).run();
  }

  private Path file() {
    return folder.resolve("ironshelf.mv.db");
  }

  private String url() {
    return "jdbc:h2:file:" + folder.resolve("ironshelf");
  }

  private Connection open() throws Exception {
    return DriverManager.getConnection(url(), "sa", "");
  }

  private Flyway flyway(String target) {
    return Flyway.configure().dataSource(url(), "sa", "").target(target).load();
  }

  private int pending() {
    return flyway("latest").info().pending().length;
  }

  private void sql(String statement) throws Exception {
    try (Connection connection = open();
        Statement sql = connection.createStatement()) {
      sql.execute(statement);
    }
  }
}
