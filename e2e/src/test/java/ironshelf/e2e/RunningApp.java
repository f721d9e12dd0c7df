package ironshelf.e2e;

import ironshelf.IronShelfApplication;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;

/**
 * The real application on a data folder of its own, which can be stopped and started again; in this
 * process or, where it is to be killed, in one of its own.
 */
final class RunningApp implements AutoCloseable {

  private static final Map<String, Path> FOUNDED = new ConcurrentHashMap<>();

  private final Path data;
  private final int port;
  private final boolean demo;
  private final String units;
  private final boolean killable;
  private ConfigurableApplicationContext context;
  private OwnProcess process;

  private RunningApp(boolean demo, String units, boolean killable) {
    this.demo = demo;
    this.killable = killable;
    this.units = units;
    try (ServerSocket free = new ServerSocket(0)) {
      this.data = Files.createTempDirectory("ironshelf-e2e");
      this.port = free.getLocalPort();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** A folder with a demo in it that nobody touched. */
  private static Path found(String units) {
    try (RunningApp first = new RunningApp(true, units, false).start()) {
      return first.data;
    }
  }

  private static void copy(Path from, Path to) {
    try (Stream<Path> files = Files.walk(from)) {
      for (Path file : files.filter(Files::isRegularFile).toList()) {
        Path copied = to.resolve(from.relativize(file));
        Files.createDirectories(copied.getParent());
        Files.copy(file, copied);
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  static RunningApp empty() {
    return new RunningApp(false, "metric", false).start();
  }

  /** An empty shop whose server can be killed. */
  static RunningApp killable() {
    return new RunningApp(false, "metric", true).start();
  }

  /** A demo in these units, metric or us: a copy of the first, which takes its time to found. */
  static RunningApp demo(String units) {
    RunningApp app = new RunningApp(true, units, false);
    copy(FOUNDED.computeIfAbsent(units, RunningApp::found), app.data);
    return app.start();
  }

  private RunningApp start() {
    List<String> arguments =
        List.of(
            "--server.port=" + port,
            "--ironshelf.data=" + data,
            "--ironshelf.demo=" + demo,
            "--ironshelf.demo-units=" + units);
    if (killable) {
      process = new OwnProcess(port, data.resolve("log.txt"), arguments);
      return this;
    }
    // Applications share the JVM's system properties, which a start reads and writes.
    synchronized (RunningApp.class) {
      context =
          new SpringApplicationBuilder(IronShelfApplication.class)
              .run(arguments.toArray(String[]::new));
    }
    return this;
  }

  void restart() {
    close();
    start();
  }

  /** SIGKILL, and started again. */
  void kill() {
    process.kill();
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
    if (killable) {
      process.close();
      return;
    }
    synchronized (RunningApp.class) {
      context.close();
    }
  }
}
