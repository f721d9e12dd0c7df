package ironshelf.e2e;

import java.io.File;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;

/** The application in a process of its own, which can be killed at any moment. */
final class OwnProcess implements AutoCloseable {

  private static final Duration LONGEST_START = Duration.ofMinutes(4);

  private final Process process;

  /** An archive of the application's classes, so that each further life starts in half the time. */
  private static final class Classes {

    static final Path ARCHIVE = written();

    /** What one whole life loads is written when it ends. */
    private static Path written() {
      try {
        Path folder = Files.createTempDirectory("ironshelf-classes");
        Path archive = folder.resolve("classes.jsa");
        int port = RunningApp.freePort();
        new OwnProcess(
                port,
                folder.resolve("log.txt"),
                List.of("-XX:ArchiveClassesAtExit=" + archive),
                List.of(
                    "--server.port=" + port,
                    "--ironshelf.data=" + folder.resolve("data"),
                    "--ironshelf.demo=false"))
            .close();
        return archive;
      } catch (IOException e) {
        throw new UncheckedIOException(e);
      }
    }
  }

  /**
   * Starts it on the class path of this test, and waits until it answers.
   *
   * @param log where it writes what it says
   */
  OwnProcess(int port, Path log, List<String> arguments) {
    this(
        port,
        log,
        List.of(
            "-XX:SharedArchiveFile=" + Classes.ARCHIVE, "-Xlog:cds=off", "-Xlog:cds+dynamic=off"),
        arguments);
  }

  /** The class path has archives only, or no archive of loaded classes could be used. */
  private OwnProcess(int port, Path log, List<String> options, List<String> arguments) {
    List<String> command = new ArrayList<>();
    command.add(Path.of(System.getProperty("java.home"), "bin", "java").toString());
    command.addAll(List.of("-XX:TieredStopAtLevel=1", "-XX:+UseSerialGC", "-Xmx512m"));
    command.addAll(options);
    command.addAll(List.of("-cp", classPath(), "ironshelf.IronShelfApplication"));
    command.addAll(arguments);
    try {
      process =
          new ProcessBuilder(command)
              .redirectErrorStream(true)
              .redirectOutput(ProcessBuilder.Redirect.appendTo(log.toFile()))
              .start();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    try {
      awaitHealth(port, log);
    } catch (IllegalStateException e) {
      // Nobody has it to end it.
      kill();
      throw e;
    }
  }

  /** Without this test's own classes, which the application does not need. */
  private static String classPath() {
    return Arrays.stream(System.getProperty("java.class.path").split(File.pathSeparator))
        .filter(entry -> !entry.contains("/e2e/target/"))
        .collect(Collectors.joining(File.pathSeparator));
  }

  private void awaitHealth(int port, Path log) {
    HttpClient client = HttpClient.newHttpClient();
    HttpRequest health =
        HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + "/actuator/health")).build();
    long until = System.nanoTime() + LONGEST_START.toNanos();
    while (System.nanoTime() < until) {
      if (!process.isAlive()) {
        throw new IllegalStateException("It did not start: see " + log);
      }
      try {
        if (client.send(health, HttpResponse.BodyHandlers.discarding()).statusCode() == 200) {
          return;
        }
        Thread.sleep(50);
      } catch (IOException notYet) {
        // It does not listen yet.
      } catch (InterruptedException e) {
        Thread.currentThread().interrupt();
        throw new IllegalStateException(e);
      }
    }
    throw new IllegalStateException("It does not answer: see " + log);
  }

  /** SIGSTOP: it does nothing until it goes on. */
  void pause() {
    signal("-STOP");
  }

  void goOn() {
    signal("-CONT");
  }

  private void signal(String name) {
    try {
      int told = new ProcessBuilder("kill", name, String.valueOf(process.pid())).start().waitFor();
      if (told != 0) {
        throw new IllegalStateException("kill " + name + " ended with " + told);
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new IllegalStateException(e);
    }
  }

  /** SIGKILL: nothing is closed, nothing is written any more. */
  void kill() {
    process.destroyForcibly();
    process.onExit().join();
  }

  @Override
  public void close() {
    process.destroy();
    process.onExit().join();
  }
}
