package ironshelf.e2e;

import ironshelf.IronShelfApplication;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;

/** The real application on a data folder of its own, which can be stopped and started again. */
final class RunningApp implements AutoCloseable {

  private final Path data;
  private final int port;
  private final boolean demo;
  private final String units;
  private ConfigurableApplicationContext context;

  RunningApp(boolean demo) {
    this(demo, "metric");
  }

  /** A demo in these units, metric or us. */
  RunningApp(boolean demo, String units) {
    this.demo = demo;
    this.units = units;
    try (ServerSocket free = new ServerSocket(0)) {
      this.data = Files.createTempDirectory("ironshelf-e2e");
      this.port = free.getLocalPort();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    start();
  }

  private void start() {
    // Applications share the JVM's system properties, which a start reads and writes.
    synchronized (RunningApp.class) {
      context =
          new SpringApplicationBuilder(IronShelfApplication.class)
              .run(
                  "--server.port=" + port,
                  "--ironshelf.data=" + data,
                  "--ironshelf.demo=" + demo,
                  "--ironshelf.demo-units=" + units);
    }
  }

  void restart() {
    close();
    start();
  }

  /** A bean, for what no page can do. */
  <T> T bean(Class<T> type) {
    return context.getBean(type);
  }

  String address() {
    return "http://127.0.0.1:" + port;
  }

  @Override
  public void close() {
    synchronized (RunningApp.class) {
      context.close();
    }
  }
}
