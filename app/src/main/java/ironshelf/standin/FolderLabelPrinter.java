package ironshelf.standin;

import ironshelf.http.problem.ProblemException;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.Map;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** The stand-in: its labels come out as PNG files in the data folder, under {@code labels}. */
@Component
class FolderLabelPrinter implements LabelPrinter {

  private final Path folder;
  private final Clock clock;

  FolderLabelPrinter(@Value("${ironshelf.data}") String data, Clock clock) {
    this.folder = Path.of(data).resolve("labels");
    this.clock = clock;
  }

  @Override
  public Printed print(String name, byte[] png) {
    String file = name.replaceAll("[^A-Za-z0-9._-]", "_") + ".png";
    try {
      Files.createDirectories(folder);
      Files.write(folder.resolve(file), png);
    } catch (IOException e) {
      throw ProblemException.conflict(
          "printer.failed", Map.of("value", String.valueOf(e.getMessage())));
    }
    return new Printed(name, clock.instant(), "labels/" + file);
  }
}
