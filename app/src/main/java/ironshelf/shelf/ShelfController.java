package ironshelf.shelf;

import java.time.Clock;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;

@RestController
class ShelfController {

  private final ShelfService shelf;
  private final TakeOutService takeOut;
  private final Clock clock;

  ShelfController(ShelfService shelf, TakeOutService takeOut, Clock clock) {
    this.shelf = shelf;
    this.takeOut = takeOut;
    this.clock = clock;
  }

  @GetMapping("/api/shelf")
  ShelfView shelf() {
    return shelf.shelf();
  }

  @PostMapping("/api/shelf/take-out")
  ShelfView takeOut(
      @RequestHeader(name = "Idempotency-Key", required = false) @Nullable String key,
      @RequestBody TakeOutRequest request) {
    takeOut.takeOut(key, request, clock.instant());
    return shelf.shelf();
  }
}
