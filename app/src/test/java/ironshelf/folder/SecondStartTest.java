package ironshelf.folder;

import static org.assertj.core.api.Assertions.assertThat;

import ironshelf.App;
import ironshelf.IronShelfApplication;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;

/** A folder that is open already is left alone, and whoever has it is named. */
class SecondStartTest {

  private static final int PATIENCE_S = 90;

  @Test
  void itSaysWhoHasTheFolderAndTouchesNothing() throws Exception {
    try (App first = App.empty()) {
      String data = first.setting("ironshelf.data");
      String note = Files.readString(Path.of(data, "running.txt"));
      Process second =
          new ProcessBuilder(
                  Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                  "-XX:TieredStopAtLevel=1",
                  "-cp",
                  System.getProperty("java.class.path"),
                  IronShelfApplication.class.getName(),
                  "--server.port=0",
                  "--ironshelf.data=" + data,
                  "--ironshelf.demo=false")
              .redirectErrorStream(true)
              .start();
      String said = new String(second.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
      assertThat(second.waitFor(PATIENCE_S, TimeUnit.SECONDS)).isTrue();
      assertThat(second.exitValue()).isNotZero();
      assertThat(said)
          .contains("is open already: process " + ProcessHandle.current().pid())
          .contains("Nothing was touched.")
          .doesNotContain("\tat ");
      assertThat(Files.readString(Path.of(data, "running.txt"))).isEqualTo(note);
      assertThat(first.get("/api/workshop").path("name").asString()).isNotEmpty();
    }
  }
}
