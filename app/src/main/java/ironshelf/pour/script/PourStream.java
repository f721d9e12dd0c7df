package ironshelf.pour.script;

import ironshelf.act.ActDone;
import ironshelf.core.pour.script.PourState;
import ironshelf.http.EventStream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionalEventListener;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Tells who listens that a pour changed, or that an act was done, once that is kept. */
@Component
class PourStream {

  /**
   * That something changed.
   *
   * @param pour at which facts were noted; 0: another act was done
   * @param status where the pour stands; null where it was another act
   */
  record PourChanged(long pour, PourState.@Nullable Status status) {}

  private final EventStream listeners = new EventStream();

  SseEmitter listen() {
    return listeners.listen();
  }

  @TransactionalEventListener
  void changed(PourChanged change) {
    listeners.tell(change);
  }

  /** Another act, a take-out say: what stands on the shelf follows it too. */
  @TransactionalEventListener
  void acted(ActDone act) {
    changed(new PourChanged(0, null));
  }
}
