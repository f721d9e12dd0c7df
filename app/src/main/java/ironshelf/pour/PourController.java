package ironshelf.pour;

import ironshelf.http.ActKey;
import ironshelf.material.MovementView;
import ironshelf.material.consumption.PourStock;
import java.time.Clock;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
class PourController {

  private final PourReader reader;
  private final UndoService undo;
  private final WaitingLayers waiting;
  private final PourStock stock;
  private final Clock clock;

  PourController(
      PourReader reader, UndoService undo, WaitingLayers waiting, PourStock stock, Clock clock) {
    this.reader = reader;
    this.undo = undo;
    this.waiting = waiting;
    this.stock = stock;
    this.clock = clock;
  }

  /** Castings in their moulds that wait for their next layer, the soonest first. */
  @GetMapping("/api/pours/waiting")
  List<WaitingLayer> waiting() {
    return waiting.all();
  }

  /** Takes a booking back that should not have been made. */
  @PostMapping("/api/pours/{id}/undo")
  void undo(@ActKey String key, @PathVariable long id) {
    undo.undo(key, id, clock.instant());
  }

  @GetMapping("/api/pours/{id}")
  PourView pour(@PathVariable long id) {
    return reader.view(id);
  }

  @GetMapping("/api/pours/{id}/movements")
  List<MovementView> movements(@PathVariable long id) {
    reader.view(id);
    return stock.movementsOf(id);
  }
}
