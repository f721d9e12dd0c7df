package ironshelf.folder;

import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.core.env.Environment;
import org.springframework.stereotype.Component;

/** Keeps {@link Running} while the application runs. A note that cannot be written is no matter. */
@Component
class RunningNote {

  private static final Logger LOG = LoggerFactory.getLogger(RunningNote.class);

  private final Path data;
  private final Environment environment;
  private boolean begun;

  RunningNote(@Value("${ironshelf.data}") String data, Environment environment) {
    this.data = Path.of(data);
    this.environment = environment;
  }

  @EventListener(ApplicationReadyEvent.class)
  void begin() {
    try {
      // A shop in memory alone has no folder.
      if (Files.isDirectory(data)) {
        new Running(data).begin(environment.getProperty("local.server.port", "none"));
        begun = true;
      }
    } catch (IOException e) {
      LOG.debug("No note of this process", e);
    }
  }

  @PreDestroy
  void end() {
    try {
      // One that comes second does not put out the note of the first.
      if (begun) {
        new Running(data).end();
      }
    } catch (IOException e) {
      LOG.debug("The note of this process stays", e);
    }
  }
}
