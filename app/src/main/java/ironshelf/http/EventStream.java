package ironshelf.http;

import java.io.IOException;
import java.time.Duration;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/**
 * Those who listen to one subject by server-sent events. A browser connects again by itself when
 * its time is over, and is asked anew who it is: whose session has ended hears nothing more after
 * that.
 */
public final class EventStream {

  private static final Duration LISTENED = Duration.ofMinutes(5);

  /** How soon a browser comes back; its own usual time is seconds. */
  private static final Duration BACK_IN = Duration.ofMillis(300);

  private final Duration listened;
  private final List<SseEmitter> listeners = new CopyOnWriteArrayList<>();

  public EventStream() {
    this(LISTENED);
  }

  EventStream(Duration listened) {
    this.listened = listened;
  }

  /** One more listener, who knows at once that it is heard. */
  public SseEmitter listen() {
    SseEmitter listener = new SseEmitter(listened.toMillis());
    listener.onCompletion(() -> listeners.remove(listener));
    listener.onTimeout(listener::complete);
    listener.onError(e -> listeners.remove(listener));
    listeners.add(listener);
    send(listener, SseEmitter.event().comment("listening").reconnectTime(BACK_IN.toMillis()));
    return listener;
  }

  /** The same, and what is so now. */
  public SseEmitter listen(Object now) {
    SseEmitter listener = listen();
    send(listener, SseEmitter.event().data(now));
    return listener;
  }

  public boolean isHeard() {
    return !listeners.isEmpty();
  }

  /** Tells everybody. */
  public void tell(Object what) {
    listeners.forEach(l -> send(l, SseEmitter.event().data(what)));
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
