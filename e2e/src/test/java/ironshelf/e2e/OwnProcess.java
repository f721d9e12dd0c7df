package ironshelf.e2e;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.locks.LockSupport;

/** The application in a process of its own, which can be killed at any moment. */
final class OwnProcess implements AutoCloseable {

  /** On a machine whose cores are others', a start may take ten times as long as usual. */
  private static final Duration LONGEST_START = Duration.ofMinutes(15);

  private static final Duration LOOK = Duration.ofMillis(200);

  private final Process process;

  /**
   * Starts it on the class path of this test, and waits until it answers.
   *
   * @param log where it writes what it says
   */
  OwnProcess(int port, Path log, List<String> arguments) {
    List<String> command = new ArrayList<>();
    command.add(Path.of(System.getProperty("java.home"), "bin", "java").toString());
    command.addAll(List.of("-XX:TieredStopAtLevel=1", "-XX:+UseSerialGC", "-Xmx512m"));
    command.addAll(
        List.of("-cp", System.getProperty("java.class.path"), "ironshelf.IronShelfApplication"));
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

  private void awaitHealth(int port, Path log) {
    HttpClient client = HttpClient.newHttpClient();
    HttpRequest health =
        HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + "/actuator/health")).build();
    long until = System.nanoTime() + LONGEST_START.toNanos();
    while (System.nanoTime() < until) {
      if (!process.isAlive()) {
        throw new IllegalStateException("It did not start: see " + log);
      }
      if (isHealthy(client, health)) {
        return;
      }
      LockSupport.parkNanos(LOOK.toNanos());
    }
    throw new IllegalStateException("It does not answer: see " + log);
  }

  private static boolean isHealthy(HttpClient client, HttpRequest health) {
    try {
      return client.send(health, HttpResponse.BodyHandlers.discarding()).statusCode() == 200;
    } catch (IOException notYet) {
      // It does not listen yet.
      return false;
    } catch (InterruptedException e) {
      throw interrupted(e);
    }
  }

  private static IllegalStateException interrupted(InterruptedException e) {
    Thread.currentThread().interrupt();
    return new IllegalStateException(e);
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
      throw interrupted(e);
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
