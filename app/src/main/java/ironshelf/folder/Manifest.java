package ironshelf.folder;

import java.time.Instant;
import java.util.Map;
import java.util.TreeMap;

/**
 * What a backup says about itself.
 *
 * @param application the version of the application that made it
 * @param schema the newest migration of its database, for example {@code V21}
 * @param shop the workshop's name
 * @param sha256 of the database in it, in hexadecimal
 * @param counts how many there are of some things, by their names
 */
public record Manifest(
    String application,
    String schema,
    String shop,
    Instant madeAt,
    Reason reason,
    String sha256,
    Map<String, Long> counts) {

  /** Why a backup was made. */
  public enum Reason {
    DAILY,
    ASKED,
    BEFORE_MIGRATION,
    BEFORE_RESTORE,
    TAKEN_IN
  }

  public Manifest {
    counts = java.util.Collections.unmodifiableMap(new TreeMap<>(counts));
  }
}
