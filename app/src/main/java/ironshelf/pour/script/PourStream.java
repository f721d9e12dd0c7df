package ironshelf.pour.script;

import ironshelf.act.ActDone;
import ironshelf.core.pour.script.PourState;
import java.io.IOException;
import java.time.Duration;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionalEventListener;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Tells who listens that a pour changed, or that an act was done, once that is kept. */
@Component
class PourStream {

  /** A browser connects again by itself after that. */
  private static final Duration LISTENED = Duration.ofMinutes(30);

  /**
   * That something changed.
   *
   * @param pour at which facts were noted; 0: another act was done
   * @param status where the pour stands; null where it was another act
   */
  record PourChanged(long pour, PourState.@Nullable Status status) {}

  private final List<SseEmitter> listeners = new CopyOnWriteArrayList<>();

  SseEmitter listen() {
    SseEmitter listener = new SseEmitter(LISTENED.toMillis());
    listener.onCompletion(() -> listeners.remove(listener));
    listener.onTimeout(listener::complete);
    listener.onError(e -> listeners.remove(listener));
    listeners.add(listener);
    // So that the listener knows at once that it is heard.
    send(listener, SseEmitter.event().comment("listening"));
    return listener;
  }

  @TransactionalEventListener
  void changed(PourChanged change) {
    listeners.forEach(l -> send(l, SseEmitter.event().data(change)));
  }

  /** Another act, a take-out say: what stands on the shelf follows it too. */
  @TransactionalEventListener
  void acted(ActDone act) {
    changed(new PourChanged(0, null));
  }

  private void send(SseEmitter listener, SseEmitter.SseEventBuilder event) {
    try {
      listener.send(event);
    } catch (IOException | IllegalStateException gone) {
      // The container ends what its client left; completing it here would be a second end.
      listeners.remove(listener);
    }
  }
}
