package ironshelf.pour.script;

import ironshelf.core.pour.script.PourFact;
import ironshelf.core.quantity.Findings;
import ironshelf.pour.PourRequest;
import ironshelf.pour.PourView;
import java.time.Clock;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Pours at the benches. */
@RestController
class SessionController {

  private final SessionService sessions;
  private final RecordService records;
  private final PourStream stream;
  private final Clock clock;

  SessionController(
      SessionService sessions, RecordService records, PourStream stream, Clock clock) {
    this.sessions = sessions;
    this.records = records;
    this.stream = stream;
    this.clock = clock;
  }

  /** What happened, one or several, in order; each counts once for its key. */
  record FactsRequest(List<PourFact> facts) {
    FactsRequest {
      new Findings().list("facts", facts, 500).orRefuse();
    }
  }

  /** Opens a pour: its sheet is kept as it is now. */
  @PostMapping("/api/pours")
  PourSessionView open(
      @RequestHeader(name = "Idempotency-Key", required = false) @Nullable String key,
      @RequestBody PourOpening opening) {
    return sessions.open(key, opening, clock.instant());
  }

  @PostMapping("/api/pours/{id}/facts")
  PourSessionView note(@PathVariable long id, @RequestBody FactsRequest request) {
    return sessions.note(id, request.facts(), clock.instant());
  }

  /** The pours that go on now, the oldest first. */
  @GetMapping("/api/pours/open")
  List<PourSessionView> open() {
    return sessions.open();
  }

  /** Each pour as it changes, as server-sent events, so that every screen follows at once. */
  @GetMapping(path = "/api/pours/stream", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
  SseEmitter stream() {
    return stream.listen();
  }

  /** What was meant, and where it stands. */
  @GetMapping("/api/pours/{id}/session")
  PourSessionView session(@PathVariable long id) {
    return sessions.view(id);
  }

  /** Records a pour that was made away from the screen. */
  @PostMapping("/api/pours/recorded")
  PourView recorded(
      @RequestHeader(name = "Idempotency-Key", required = false) @Nullable String key,
      @RequestBody PourRequest request) {
    return records.poured(key, request, clock.instant());
  }
}
