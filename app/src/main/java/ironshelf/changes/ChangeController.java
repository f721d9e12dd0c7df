package ironshelf.changes;

import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

@RestController
class ChangeController {

  private final ChangeStream stream;

  ChangeController(ChangeStream stream) {
    this.stream = stream;
  }

  /** What each commit changed, as server-sent events, so that every screen follows at once. */
  @GetMapping(path = "/api/changes", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
  SseEmitter changes() {
    return stream.listen();
  }
}
