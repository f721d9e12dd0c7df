package ironshelf.folder;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/** The folder in which backups are kept, each by a name that sorts by its time. */
public record BackupFolder(Path path) {

  private static final String NAMED = "\\d{8}T\\d{6}Z-[a-z-]+\\.zip";

  private static final DateTimeFormatter STAMP =
      DateTimeFormatter.ofPattern("uuuuMMdd'T'HHmmss'Z'").withZone(ZoneOffset.UTC);

  /** Where the backups of a data folder are. */
  public static BackupFolder of(Path dataFolder) {
    return new BackupFolder(dataFolder.toAbsolutePath().normalize().resolve("backups"));
  }

  /** The file of a new one. */
  public Path next(Manifest.Reason reason, Instant at) {
    try {
      Files.createDirectories(path);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    String why = reason.name().toLowerCase(Locale.ROOT).replace('_', '-');
    return path.resolve(STAMP.format(at) + "-" + why + ".zip");
  }

  /** When a file of that name was made. */
  public static Instant madeAt(Path file) {
    String name = file.getFileName().toString();
    return STAMP.parse(name.substring(0, name.indexOf('-')), Instant::from);
  }

  /** The file of that name; none where it is no name of a backup, or not there. */
  public Optional<Path> named(String name) {
    return all().stream().filter(f -> f.getFileName().toString().equals(name)).findFirst();
  }

  /** All, the newest first. */
  public List<Path> all() {
    if (!Files.isDirectory(path)) {
      return List.of();
    }
    try (Stream<Path> files = Files.list(path)) {
      return files
          .filter(f -> f.getFileName().toString().matches(NAMED))
          .sorted(Comparator.comparing((Path f) -> f.getFileName().toString()).reversed())
          .toList();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Lets go of those that are over, and says which they were. */
  public List<String> tidy(ZoneId zone) {
    List<String> gone = new ArrayList<>();
    Map<Instant, Path> byTime = new HashMap<>();
    all().forEach(file -> byTime.put(madeAt(file), file));
    for (Instant over : Rotation.over(byTime.keySet(), zone)) {
      try {
        Path file = byTime.get(over);
        Files.deleteIfExists(file);
        gone.add(file.getFileName().toString());
      } catch (IOException e) {
        throw new UncheckedIOException(e);
      }
    }
    return gone;
  }

  /** The newest that is as it was made. */
  public Optional<Path> newestGood() {
    return all().stream().filter(BackupFolder::isGood).findFirst();
  }

  private static boolean isGood(Path file) {
    try {
      new Archive(file).checked();
      return true;
    } catch (UnusableDataException e) {
      return false;
    }
  }

  /** What to do where the database cannot be used. */
  String remedy() {
    return newestGood()
        .map(f -> "The newest good backup is " + f + ". To go back to it: ./run --restore " + f)
        .orElse("There is no backup in " + path + ". Put a copy of the data folder in its place.");
  }
}
