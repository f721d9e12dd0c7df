package ironshelf.store;

import static org.assertj.core.api.Assertions.assertThat;

import ironshelf.act.Changed;
import java.util.Set;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;

/** That what is kept is read again when, and only when, a commit changed what it was read from. */
class CachedReadTest {

  private final TableVersions changes = new TableVersions();
  private final AtomicInteger reads = new AtomicInteger();

  @Test
  void isReadOnceUntilOneOfItsTablesChanges() {
    CachedRead<Integer> kept = changes.keep(reads::incrementAndGet, "products", "moulds");
    assertThat(kept.get()).isEqualTo(1);
    changed("pieces");
    assertThat(kept.get()).as("another table").isEqualTo(1);
    changed("moulds");
    assertThat(kept.get()).isEqualTo(2);
    assertThat(kept.get()).isEqualTo(2);
  }

  @Test
  void ofAllButAFewTables() {
    CachedRead<Integer> kept = changes.keepBut(reads::incrementAndGet, Set.of("photos"));
    assertThat(kept.get()).isEqualTo(1);
    changed("photos");
    assertThat(kept.get()).isEqualTo(1);
    changed("orders");
    assertThat(kept.get()).isEqualTo(2);
  }

  /** A reader who began before the commit may have seen what was there before it. */
  @Test
  void whatWasReadWhileItChangedIsReadAgain() {
    CachedRead<Integer> kept =
        changes.keep(
            () -> {
              int read = reads.incrementAndGet();
              if (read == 1) {
                changed("orders");
              }
              return read;
            },
            "orders");
    assertThat(kept.get()).isEqualTo(1);
    assertThat(kept.get()).isEqualTo(2);
    assertThat(kept.get()).isEqualTo(2);
  }

  private void changed(String table) {
    changes.changed(new Changed(Set.of(table), Set.of(), Set.of()));
  }
}
