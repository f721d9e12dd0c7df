package ironshelf.pour.use;

import ironshelf.act.Changed;
import java.util.Set;
import java.util.concurrent.atomic.AtomicLong;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Counts the commits that may change what things cost. */
@Component
class BookChanges {

  private static final Set<String> FREE = Set.of("acts", "photos", "plans", "readings");

  private final AtomicLong count = new AtomicLong();

  long count() {
    return count.get();
  }

  @EventListener
  void changed(Changed change) {
    if (!FREE.containsAll(change.tables())) {
      count.incrementAndGet();
    }
  }
}
