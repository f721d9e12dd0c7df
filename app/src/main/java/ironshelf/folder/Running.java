package ironshelf.folder;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;

/** Says in a data folder which process has it open, for whoever comes second. */
final class Running {

  private final Path note;

  Running(Path data) {
    note = data.resolve("running.txt");
  }

  /** Notes this process. */
  void begin(String port) throws IOException {
    Files.writeString(note, "process " + ProcessHandle.current().pid() + ", port " + port + "\n");
  }

  void end() throws IOException {
    Files.deleteIfExists(note);
  }

  /** Who has it. */
  String words() {
    try {
      return Files.readString(note).strip();
    } catch (IOException e) {
      return "another program has its database";
    }
  }
}
