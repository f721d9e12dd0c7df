package ironshelf.folder;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DataFoldersTest {

  /** There and back is where one was. */
  @ParameterizedTest
  @CsvSource({
    "/w/data/demo, true, /w/data/shop",
    "/w/data/shop, false, /w/data/demo",
    "/w/mine, false, /w/mine-demo",
    "/w/mine-demo, true, /w/mine",
    "/w/play, true, /w/play-shop",
    "/w/play-shop, false, /w/play",
  })
  void theOtherFolderStandsBesideTheOpenOne(String open, boolean demo, String other) {
    DataFolders folders = new DataFolders(Path.of(open), demo);
    assertThat(folders.other().open()).isEqualTo(Path.of(other));
    assertThat(folders.other().demo()).isEqualTo(!demo);
    assertThat(folders.other().other()).isEqualTo(folders);
  }
}
