package ironshelf.store;

import java.util.function.LongSupplier;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * Caches what was read from some tables until a commit changes one of them ({@link TableVersions}).
 * A transaction that may write bypasses the cache both ways: it sees its own changes, and nobody
 * else sees them before its commit.
 */
public final class CachedRead<T> {

  private record Read<T>(long at, T what) {}

  private final LongSupplier changes;
  private final Supplier<T> reader;
  private volatile @Nullable Read<T> last;

  CachedRead(LongSupplier changes, Supplier<T> reader) {
    this.changes = changes;
    this.reader = reader;
  }

  /** Returns the cached value, or reads it where there is none or a commit has outdated it. */
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

  /** Returns whether this transaction may have changed what nobody else sees yet. */
  public static boolean isWriting() {
    return TransactionSynchronizationManager.isActualTransactionActive()
        && !TransactionSynchronizationManager.isCurrentTransactionReadOnly();
  }
}
