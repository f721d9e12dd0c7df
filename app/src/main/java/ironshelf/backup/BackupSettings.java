package ironshelf.backup;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import org.jspecify.annotations.Nullable;

/** The one row about backups. */
@Entity
@Table(name = "backup_settings")
class BackupSettings {

  static final long ONLY_ID = 1;

  @Id private long id = ONLY_ID;

  private @Nullable String secondFolder;

  @Version private long version;

  protected BackupSettings() {}

  static BackupSettings none() {
    return new BackupSettings();
  }

  @Nullable String secondFolder() {
    return secondFolder;
  }

  void secondFolder(@Nullable String folder) {
    this.secondFolder = folder;
  }
}
