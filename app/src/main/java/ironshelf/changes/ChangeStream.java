package ironshelf.changes;

import ironshelf.act.Changed;
import ironshelf.http.EventStream;
import ironshelf.store.TableVersions;
import jakarta.persistence.EntityManagerFactory;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.concurrent.ConcurrentHashMap;
import org.hibernate.engine.spi.SessionFactoryImplementor;
import org.springframework.context.event.EventListener;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Tells who listens, after each commit, of which words of the shop rows have changed. */
@Component
class ChangeStream {

  /**
   * What a commit changed.
   *
   * @param words the packages of the changed rows: "order", "pour"
   * @param pours of which something changed
   */
  record WordsChanged(Set<String> words, Set<Long> pours) {}

  private final EventStream listeners = new EventStream();
  private final Map<String, String> wordOf = new ConcurrentHashMap<>();

  ChangeStream(EntityManagerFactory entities) {
    entities
        .unwrap(SessionFactoryImplementor.class)
        .getMappingMetamodel()
        .forEachEntityDescriptor(
            entity -> wordOf.put(entity.getIdentifierTableName(), word(entity.getMappedClass())));
  }

  /** The package below the application's own; sub-packages belong to their word. */
  private static String word(Class<?> entity) {
    return entity.getPackageName().replaceFirst("^ironshelf\\.", "").replaceFirst("\\..*", "");
  }

  SseEmitter listen() {
    return listeners.listen();
  }

  /** After the commit is counted: who is told reads anew at once. */
  @EventListener
  @Order(TableVersions.COUNTED + 1)
  void changed(Changed change) {
    if (!listeners.isHeard()) {
      return;
    }
    Set<String> words = new TreeSet<>();
    change.tables().forEach(table -> words.add(wordOf.getOrDefault(table, table)));
    listeners.tell(new WordsChanged(words, new TreeSet<>(change.pours())));
  }
}
