package ironshelf.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A maker's install: an archive that is unpacked and started where there is no JDK. */
class PackageTest {

  /** What the scripts use besides the shell itself; no java, mvn or node is among it. */
  private static final List<String> TOOLS =
      List.of("bash", "env", "dirname", "basename", "sleep", "head", "grep", "mkdir");

  private static final int PATIENCE_S = 240;

  @TempDir private Path folder;

  @Test
  void itStartsWithoutAJdkAndMovesOlderDataUp() throws Exception {
    run(folder, "../package", "--jar", "app/target/ironshelf-app-0.1.0-exec.jar", "--to");
    Path archive = only(folder, ".tar.gz");
    Path tar = folder.resolve("tar.txt");
    waitFor(
        new ProcessBuilder("tar", "-xzf", archive.toString(), "-C", folder.toString())
            .redirectErrorStream(true)
            .redirectOutput(tar.toFile())
            .start(),
        tar);
    Path unpacked = only(folder, "86_64", "aarch64", "arm64");
    Path data = Files.createDirectories(folder.resolve("older"));
    // As the version before people and devices left it.
    Flyway.configure()
        .dataSource("jdbc:h2:file:" + data.resolve("ironshelf"), "sa", "")
        .target("22")
        .load()
        .migrate();

    int port = RunningApp.freePort();
    Path log = folder.resolve("log.txt");
    Process shop =
        withoutAJdk(
                unpacked.resolve("run").toString(),
                "--empty",
                "--port",
                String.valueOf(port),
                "--data",
                data.toString())
            .redirectErrorStream(true)
            .redirectOutput(log.toFile())
            .start();
    try {
      long until = System.nanoTime() + TimeUnit.SECONDS.toNanos(PATIENCE_S);
      while (!Files.readString(log).contains("Iron Shelf is at")) {
        assertThat(shop.isAlive() && System.nanoTime() < until).as(Files.readString(log)).isTrue();
        Thread.sleep(200);
      }
      assertThat(Files.readString(log)).contains("Upgrading the database to V");
      try (Stream<Path> kept = Files.list(data.resolve("backups"))) {
        assertThat(kept.map(Path::toString))
            .as("a backup first")
            .anyMatch(f -> f.endsWith("-before-migration.zip"));
      }
      assertThat(
              HttpClient.newHttpClient()
                  .send(
                      HttpRequest.newBuilder(
                              URI.create("http://127.0.0.1:" + port + "/api/mould-kinds"))
                          .build(),
                      BodyHandlers.ofString())
                  .statusCode())
          .isEqualTo(200);
    } finally {
      shop.descendants().forEach(ProcessHandle::destroy);
      shop.destroy();
      shop.waitFor(PATIENCE_S, TimeUnit.SECONDS);
    }
    Path checked = folder.resolve("check.txt");
    waitFor(
        withoutAJdk(unpacked.resolve("check").toString(), "--data", data.toString())
            .redirectErrorStream(true)
            .redirectOutput(checked.toFile())
            .start(),
        checked);
    assertThat(Files.readString(checked)).contains("The data is in order.");
  }

  private ProcessBuilder withoutAJdk(String... command) throws IOException {
    Path tools = Files.createDirectories(folder.resolve("tools"));
    for (String tool : TOOLS) {
      Path link = tools.resolve(tool);
      if (!Files.exists(link)) {
        Files.createSymbolicLink(link, found(tool));
      }
    }
    ProcessBuilder builder = new ProcessBuilder(command);
    builder.environment().clear();
    builder.environment().put("PATH", tools.toString());
    return builder;
  }

  private static Path found(String tool) {
    return Stream.of("/bin", "/usr/bin")
        .map(d -> Path.of(d, tool))
        .filter(Files::exists)
        .findFirst()
        .orElseThrow();
  }

  private static void run(Path to, String... command) throws Exception {
    Path said = to.resolve("package.txt");
    waitFor(
        new ProcessBuilder(
                Stream.concat(Stream.of(command), Stream.of(to.toString())).toArray(String[]::new))
            .redirectErrorStream(true)
            .redirectOutput(said.toFile())
            .start(),
        said);
  }

  private static void waitFor(Process process, Path said) throws Exception {
    boolean ended = process.waitFor(3 * PATIENCE_S, TimeUnit.SECONDS);
    assertThat(ended && process.exitValue() == 0).as(Files.readString(said)).isTrue();
  }

  private static Path only(Path folder, String... ends) throws IOException {
    try (Stream<Path> files = Files.list(folder)) {
      return files
          .filter(f -> Stream.of(ends).anyMatch(f.toString()::endsWith))
          .findFirst()
          .orElseThrow();
    }
  }
}
