package ironshelf.backup;

import ironshelf.folder.Manifest;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * The backups there are.
 *
 * @param lastGoodAt null where there is none
 * @param late whether the last good one is too old, or there should be one by now
 * @param secondFolder null where none is named
 * @param secondAway whether it is named and cannot be written to now
 * @param items the newest first
 */
record BackupView(
    @Nullable Instant lastGoodAt,
    boolean late,
    String folder,
    @Nullable String secondFolder,
    boolean secondAway,
    List<KeptBackup> items) {

  /**
   * One of them.
   *
   * @param good whether it is as it was made; of one that is not nothing else is known
   * @param counts how many orders, pours and so on are in it
   */
  record KeptBackup(
      String name,
      Instant madeAt,
      long bytes,
      boolean good,
      Manifest.@Nullable Reason reason,
      @Nullable String shop,
      @Nullable String application,
      Map<String, Long> counts) {}
}
