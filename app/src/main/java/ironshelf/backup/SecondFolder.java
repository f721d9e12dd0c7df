package ironshelf.backup;

import ironshelf.http.problem.ProblemException;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** A folder elsewhere that every backup is copied to: a stick or a share, that may be away. */
@Component
class SecondFolder {

  private static final Logger LOG = LoggerFactory.getLogger(SecondFolder.class);

  private final BackupSettingsRepository settings;

  SecondFolder(BackupSettingsRepository settings) {
    this.settings = settings;
  }

  @Transactional(readOnly = true)
  public @Nullable String path() {
    return settings.findById(BackupSettings.ONLY_ID).map(BackupSettings::secondFolder).orElse(null);
  }

  /**
   * Names it.
   *
   * @param path a folder that is there and can be written to; null or blank: none
   */
  @Transactional
  public void name(@Nullable String path) {
    String folder = path == null || path.isBlank() ? null : path.strip();
    if (folder != null && !isUsable(folder)) {
      throw ProblemException.bad("backup.secondFolder", Map.of("value", folder));
    }
    BackupSettings own = settings.findById(BackupSettings.ONLY_ID).orElseGet(BackupSettings::none);
    own.secondFolder(folder);
    settings.save(own);
  }

  private static boolean isUsable(String folder) {
    try {
      Path path = Path.of(folder);
      return path.isAbsolute() && Files.isDirectory(path) && Files.isWritable(path);
    } catch (InvalidPathException e) {
      return false;
    }
  }

  /** Whether it is named and cannot be written to now. */
  boolean isAway() {
    String folder = path();
    return folder != null && !isUsable(folder);
  }

  /** Copies a backup there, whole or not at all; does nothing while the folder is away. */
  void copy(Path backup) throws IOException {
    String folder = path();
    if (folder == null || !isUsable(folder)) {
      return;
    }
    Path to = Path.of(folder).resolve(backup.getFileName());
    Path part = to.resolveSibling(to.getFileName() + ".part");
    try {
      Files.copy(backup, part, StandardCopyOption.REPLACE_EXISTING);
      Files.move(part, to, StandardCopyOption.REPLACE_EXISTING);
    } finally {
      Files.deleteIfExists(part);
    }
  }

  /** Lets go of copies whose backups are over; of nothing else that may be in that folder. */
  void letGo(List<String> names) {
    String folder = path();
    if (folder == null || !isUsable(folder)) {
      return;
    }
    for (String name : names) {
      try {
        Files.deleteIfExists(Path.of(folder, name));
      } catch (IOException e) {
        LOG.warn("The copy {} could not be let go of: {}", name, e.getMessage());
      }
    }
  }
}
