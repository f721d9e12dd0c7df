package ironshelf.folder;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFileAttributeView;
import java.nio.file.attribute.PosixFilePermissions;

/** A folder that nobody else on the machine can look into, and so nothing in it either. */
final class OwnersOnly {

  private OwnersOnly() {}

  /** Does nothing where the file system knows no such rights, as on a stick. */
  static void make(Path folder) throws IOException {
    if (Files.getFileAttributeView(folder, PosixFileAttributeView.class) != null) {
      Files.setPosixFilePermissions(folder, PosixFilePermissions.fromString("rwx------"));
    }
  }
}
