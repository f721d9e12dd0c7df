package ironshelf.e2e;

import ironshelf.IronShelfApplication;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.util.FileSystemUtils;

/**
 * The real application on a data folder of its own, which can be stopped and started again; in this
 * process or, where it is to be killed, in one of its own.
 */
final class RunningApp implements AutoCloseable {

  /** A browser takes every name under localhost for this machine (RFC 6761). */
  private static final String ELSEWHERE = "shop.localhost";

  private static final Map<String, Path> FOUNDED = new ConcurrentHashMap<>();

  private final Path data;
  private final int port;
  private final boolean demo;
  private final String units;
  private final boolean killable;
  private @Nullable Integer lanPort;
  private ConfigurableApplicationContext context;
  private OwnProcess process;

  private RunningApp(boolean demo, String units, boolean killable) {
    this.demo = demo;
    this.killable = killable;
    this.units = units;
    this.port = freePort();
    try {
      this.data = Files.createTempDirectory("ironshelf-e2e");
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static int freePort() {
    try (ServerSocket free = new ServerSocket(0)) {
      return free.getLocalPort();
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
    try {
      FileSystemUtils.copyRecursively(from, to);
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

  /** A metric demo to which other devices may come, by another name of this machine. */
  static RunningApp demoOnLan() {
    RunningApp app = new RunningApp(true, "metric", false);
    copy(FOUNDED.computeIfAbsent("metric", RunningApp::found), app.data);
    app.lanPort = freePort();
    return app.start();
  }

  private RunningApp start() {
    List<String> arguments =
        new ArrayList<>(
            List.of(
                "--server.port=" + port,
                "--ironshelf.data=" + data,
                "--ironshelf.demo=" + demo,
                "--ironshelf.demo-units=" + units));
    if (lanPort != null) {
      arguments.addAll(
          List.of(
              "--ironshelf.lan=true",
              "--ironshelf.lan-address=127.0.0.1",
              "--ironshelf.lan-names=" + ELSEWHERE,
              "--ironshelf.lan-port=" + lanPort,
              "--ironshelf.trust-port=0"));
    }
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

  /** Where other devices find it. */
  String lanAddress() {
    return "https://" + ELSEWHERE + ":" + lanPort;
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
