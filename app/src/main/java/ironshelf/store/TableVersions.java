package ironshelf.store;

import ironshelf.act.Changed;
import java.util.Arrays;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Supplier;
import org.springframework.context.event.EventListener;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/**
 * Counts the commits that changed each table, so that what was read can be cached until the next.
 */
@Component
public class TableVersions {

  /** When a commit is counted, among those who are told of it: before anybody reads anew. */
  public static final int COUNTED = 0;

  private final Map<String, Long> commits = new ConcurrentHashMap<>();

  /** Caches what is read from these tables. */
  public <T> CachedRead<T> keep(Supplier<T> reader, String... tables) {
    return new CachedRead<>(
        () -> Arrays.stream(tables).mapToLong(t -> commits.getOrDefault(t, 0L)).sum(), reader);
  }

  /** Caches what is read from all tables but these. */
  public <T> CachedRead<T> keepBut(Supplier<T> reader, Set<String> free) {
    return new CachedRead<>(
        () ->
            commits.entrySet().stream()
                .filter(e -> !free.contains(e.getKey()))
                .mapToLong(Map.Entry::getValue)
                .sum(),
        reader);
  }

  /** Notes what a commit changed; also for who changes tables by hand. */
  @EventListener
  @Order(COUNTED)
  public void changed(Changed change) {
    change.tables().forEach(table -> commits.merge(table, 1L, Long::sum));
  }
}
