package ironshelf;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.function.Consumer;
import org.springframework.util.FileSystemUtils;

/**
 * Shops that nobody touched yet, by their kinds: founded once in a run of the tests, which takes
 * its time, and copied for each test that wants one.
 */
final class Founded {

  /**
   * Shared by the processes of a run; the build names it. Without one, this process has its own.
   */
  private static final String RUN = System.getProperty("ironshelf.founded");

  private static final Path FOLDER = folder();

  private Founded() {}

  private static Path folder() {
    try {
      return RUN == null
          ? Files.createTempDirectory("ironshelf-founded")
          : Files.createDirectories(Path.of(RUN));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /**
   * A data folder with such a shop in it.
   *
   * @param kind a name for the folder: shops of one kind are all the same
   * @param found founds one in a folder and closes it
   */
  static synchronized Path copy(String kind, Consumer<Path> found) throws IOException {
    Path first = FOLDER.resolve(kind);
    Path whole = FOLDER.resolve(kind + ".whole");
    try (FileChannel channel =
        FileChannel.open(
            FOLDER.resolve(kind + ".lock"), StandardOpenOption.CREATE, StandardOpenOption.WRITE)) {
      // Held until the channel is closed.
      channel.lock();
      if (!Files.exists(whole)) {
        found.accept(Files.createDirectories(first));
        Files.createFile(whole);
      }
    }
    Path copied = Files.createTempDirectory("ironshelf");
    FileSystemUtils.copyRecursively(first, copied);
    return copied;
  }
}
