package ironshelf.backup;

import ironshelf.folder.Archive;
import ironshelf.folder.BackupFolder;
import ironshelf.folder.Manifest;
import ironshelf.folder.UnusableDataException;
import ironshelf.http.problem.ProblemException;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import javax.sql.DataSource;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;

/** Makes backups while everybody works on, keeps as many as are wanted, and tells what is there. */
@Service
class Backups {

  private static final Logger LOG = LoggerFactory.getLogger(Backups.class);

  /** From then on the last good one is too old. */
  private static final Duration LATE = Duration.ofDays(2);

  private record Stamp(String name, long bytes, long modified) {}

  private final DataSource data;
  private final BackupFolder folder;
  private final SecondFolder second;
  private final String application;
  private final Clock clock;
  private final JdbcTemplate sql;
  private final boolean demo;

  /** A backup does not change: each is read once. */
  private final Map<Stamp, BackupView.KeptBackup> seen = new ConcurrentHashMap<>();

  Backups(
      DataSource data,
      SecondFolder second,
      Clock clock,
      JdbcTemplate sql,
      @Value("${ironshelf.data}") String dataFolder,
      @Value("${ironshelf.version}") String application,
      @Value("${ironshelf.demo}") boolean demo) {
    this.data = data;
    this.second = second;
    this.clock = clock;
    this.folder = BackupFolder.of(Path.of(dataFolder));
    this.application = application;
    this.sql = sql;
    this.demo = demo;
  }

  BackupView view() {
    List<BackupView.KeptBackup> items = new ArrayList<>();
    folder.all().forEach(file -> items.add(kept(file)));
    Instant last = lastGood(items);
    return new BackupView(
        last, isLate(last), folder.path().toString(), second.path(), second.isAway(), items);
  }

  /** The demo's clock is set ahead by days, in which nothing can be lost. */
  private boolean isLate(@Nullable Instant last) {
    Instant since = last == null ? foundedAt() : last;
    return !demo && since.isBefore(clock.instant().minus(LATE));
  }

  /** When the shop's database was made. */
  private Instant foundedAt() {
    Timestamp first =
        sql.queryForObject(
            "select min(\"installed_on\") from \"flyway_schema_history\"", Timestamp.class);
    return first == null ? clock.instant() : first.toInstant();
  }

  @Nullable Instant lastGoodAt() {
    return lastGood(folder.all().stream().map(this::kept).toList());
  }

  private static @Nullable Instant lastGood(List<BackupView.KeptBackup> newestFirst) {
    return newestFirst.stream()
        .filter(BackupView.KeptBackup::good)
        .map(BackupView.KeptBackup::madeAt)
        .findFirst()
        .orElse(null);
  }

  private BackupView.KeptBackup kept(Path file) {
    try {
      Stamp stamp =
          new Stamp(
              file.getFileName().toString(),
              Files.size(file),
              Files.getLastModifiedTime(file).toMillis());
      return seen.computeIfAbsent(stamp, s -> read(file, s));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static BackupView.KeptBackup read(Path file, Stamp stamp) {
    Instant named = BackupFolder.madeAt(file);
    try {
      Manifest said = new Archive(file).checked();
      return new BackupView.KeptBackup(
          stamp.name,
          named,
          stamp.bytes,
          true,
          said.reason(),
          said.shop(),
          said.application(),
          said.counts());
    } catch (UnusableDataException e) {
      return new BackupView.KeptBackup(
          stamp.name, named, stamp.bytes, false, null, null, null, Map.of());
    }
  }

  /** Makes one now, copies it to the second folder, and lets go of those that are over. */
  synchronized String make(Manifest.Reason reason) {
    Instant now = clock.instant();
    Path to = folder.next(reason, now);
    try (Connection connection = data.getConnection()) {
      new Archive(to).make(connection, application, reason, now);
    } catch (IOException | SQLException e) {
      LOG.error("The backup {} could not be made", to, e);
      throw ProblemException.conflict("backup.failed", Map.of("folder", folder.path().toString()));
    }
    try {
      second.copy(to);
    } catch (IOException e) {
      LOG.warn("The backup could not be copied to the second folder: {}", e.getMessage());
    }
    second.letGo(folder.tidy(clock.getZone()));
    LOG.info("Backup {}.", to.getFileName());
    return to.getFileName().toString();
  }

  /** The file of that name. */
  Path file(String name) {
    return folder.named(name).orElseThrow(() -> ProblemException.unknown("backup", name));
  }
}
