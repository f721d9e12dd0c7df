package ironshelf.pour.use;

import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/**
 * A figure over all that was ever poured, worked out again once the books have changed. What is
 * worked out while they change is not kept for the next who asks.
 */
final class UntilChanged<T> {

  private record Kept<T>(long at, T figure) {}

  private final BookChanges changes;
  private final Supplier<T> worked;
  private volatile @Nullable Kept<T> kept;

  UntilChanged(BookChanges changes, Supplier<T> worked) {
    this.changes = changes;
    this.worked = worked;
  }

  T get() {
    long now = changes.count();
    Kept<T> known = kept;
    if (known == null || known.at != now) {
      known = new Kept<>(now, worked.get());
      kept = known;
    }
    return known.figure;
  }
}
