package ironshelf.folder;

import java.nio.file.Path;
import org.springframework.boot.EnvironmentPostProcessor;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.logging.DeferredLogFactory;
import org.springframework.core.Ordered;
import org.springframework.core.env.ConfigurableEnvironment;

/**
 * Restores and migrates the database of the data folder before anything opens it: see {@link
 * DatabaseUpgrade}. What the application's own migration finds then is up to date.
 */
final class SafeMigration implements EnvironmentPostProcessor, Ordered {

  private static final String FILE_URL = "jdbc:h2:file:";

  private final DeferredLogFactory logs;

  SafeMigration(DeferredLogFactory logs) {
    this.logs = logs;
  }

  @Override
  public void postProcessEnvironment(
      ConfigurableEnvironment environment, SpringApplication application) {
    String url = environment.getProperty("spring.datasource.url", "");
    if (!url.startsWith(FILE_URL)) {
      return;
    }
    String[] fileAndOptions = url.substring(FILE_URL.length()).split(";", 2);
    DatabaseUpgrade upgrade =
        new DatabaseUpgrade(
            Path.of(fileAndOptions[0]),
            environment.getProperty("spring.datasource.username", "sa"),
            environment.getProperty("spring.datasource.password", ""),
            environment.getProperty("ironshelf.version", ""),
            logs.getLog(DatabaseUpgrade.class));
    String restored = environment.getProperty("ironshelf.restore", "");
    if (!restored.isEmpty()) {
      upgrade.restore(Path.of(restored));
    }
    upgrade.run();
  }

  /** After the configuration was read. */
  @Override
  public int getOrder() {
    return Ordered.LOWEST_PRECEDENCE;
  }
}
