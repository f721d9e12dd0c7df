package ironshelf.store;

import java.util.function.LongSupplier;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * What was read from some tables, read again once a commit has changed one of them (see {@link
 * UntilChanged}). Whoever is about to change the books reads them as they are, and keeps nothing of
 * it for others.
 */
public final class Kept<T> {

  private record Read<T>(long at, T what) {}

  private final LongSupplier changes;
  private final Supplier<T> reader;
  private volatile @Nullable Read<T> last;

  Kept(LongSupplier changes, Supplier<T> reader) {
    this.changes = changes;
    this.reader = reader;
  }

  public T get() {
    if (isWriting()) {
      return reader.get();
    }
    // Counted before it is read: what is committed meanwhile makes it old.
    long now = changes.getAsLong();
    Read<T> known = last;
    if (known == null || known.at != now) {
      known = new Read<>(now, reader.get());
      last = known;
    }
    return known.what;
  }

  /** Whether this transaction may have changed what nobody else sees yet. */
  public static boolean isWriting() {
    return TransactionSynchronizationManager.isActualTransactionActive()
        && !TransactionSynchronizationManager.isCurrentTransactionReadOnly();
  }
}
