package ironshelf.copy;

import ironshelf.core.quantity.Findings;
import ironshelf.http.SeenVersion;
import java.time.Clock;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

@RestController
class CopyController {

  /** A condition and why. */
  record MarkRequest(@Nullable CopyCondition condition, String reason) {
    MarkRequest {
      new Findings().present("condition", condition).text("reason", reason, 200).orRefuse();
    }
  }

  private final CopyService copies;
  private final CastService casts;
  private final Clock clock;

  CopyController(CopyService copies, CastService casts, Clock clock) {
    this.copies = copies;
    this.casts = casts;
    this.clock = clock;
  }

  @GetMapping("/api/copies/{id}")
  CopyHistory copy(@PathVariable long id) {
    return copies.history(id);
  }

  @PutMapping("/api/copies/{id}")
  CopyHistory change(@PathVariable long id, @SeenVersion long seen, @RequestBody CopyRequest to) {
    copies.change(id, seen, to);
    return copies.history(id);
  }

  @PostMapping("/api/copies/{id}/marks")
  CopyHistory mark(@PathVariable long id, @SeenVersion long seen, @RequestBody MarkRequest mark) {
    copies.mark(id, seen, mark.condition(), mark.reason(), clock.instant());
    return copies.history(id);
  }

  @PostMapping("/api/copies/{id}/washed")
  CopyHistory washed(@PathVariable long id) {
    casts.wash(List.of(id), clock.instant());
    return copies.history(id);
  }
}
