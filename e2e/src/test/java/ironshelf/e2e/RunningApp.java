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

  private static final String EMPTY = "empty";

  /** What a demo has behind it; a month says as much to a test as the season it is founded with. */
  private static final int MONTH_WEEKS = 4;

  private static final int SEASON_WEEKS = 16;

  private final Path data;
  private final int port;
  private final boolean demo;
  private final String units;
  private final boolean killable;
  private int weeks;
  private @Nullable Integer lanPort;
  private ConfigurableApplicationContext context;
  private OwnProcess process;

  private RunningApp(boolean demo, String units, boolean killable) {
    this.demo = demo;
    this.killable = killable;
    this.units = units;
    this.weeks = MONTH_WEEKS;
    this.port = freePort();
    try {
      this.data = Files.createTempDirectory("ironshelf-e2e");
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  static int freePort() {
    try (ServerSocket free = new ServerSocket(0)) {
      return free.getLocalPort();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Starts on a copy of a folder of its kind, an empty one or a demo, that nobody touched. */
  private RunningApp startCopied() {
    Path from =
        FOUNDED.computeIfAbsent(
            demo ? units + weeks : EMPTY,
            kind -> {
              RunningApp first = new RunningApp(demo, units, false);
              first.weeks = weeks;
              try (first) {
                return first.start().data;
              }
            });
    try {
      FileSystemUtils.copyRecursively(from, data);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return start();
  }

  static RunningApp empty() {
    return new RunningApp(false, "metric", false).startCopied();
  }

  /** An empty shop in a folder that was never opened, from which a demo of a month can be tried. */
  static RunningApp untouched() {
    return new RunningApp(false, "metric", false).start();
  }

  /** An empty shop whose server can be killed. */
  static RunningApp killable() {
    return new RunningApp(false, "metric", true).start();
  }

  /** A demo in these units, metric or us. */
  static RunningApp demo(String units) {
    return new RunningApp(true, units, false).startCopied();
  }

  /** The same with all that the demo has behind it for who tries it. */
  static RunningApp season(String units) {
    RunningApp app = new RunningApp(true, units, false);
    app.weeks = SEASON_WEEKS;
    return app.startCopied();
  }

  /** A metric demo to which other devices may come, by another name of this machine. */
  static RunningApp demoOnLan() {
    RunningApp app = new RunningApp(true, "metric", false);
    app.lanPort = freePort();
    return app.startCopied();
  }

  private RunningApp start() {
    List<String> arguments =
        new ArrayList<>(
            List.of(
                "--server.port=" + port,
                "--ironshelf.data=" + data,
                "--ironshelf.demo=" + demo,
                "--ironshelf.demo-weeks=" + weeks,
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
