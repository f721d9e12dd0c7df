package ironshelf.shelf;

import ironshelf.http.ActKey;
import ironshelf.piece.Rerouting;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
class RerouteController {

  /** How many pieces were taken along. */
  record TakenAlong(int pieces) {}

  private final TakeAlong along;

  RerouteController(TakeAlong along) {
    this.along = along;
  }

  @GetMapping("/api/products/{id}/route/pieces")
  Rerouting.OnTheirWay onTheirWay(@PathVariable long id) {
    return along.offer(id);
  }

  @PostMapping("/api/products/{id}/route/pieces")
  TakenAlong takeAlong(@PathVariable long id, @ActKey String key) {
    return new TakenAlong(along.take(key, id));
  }
}
