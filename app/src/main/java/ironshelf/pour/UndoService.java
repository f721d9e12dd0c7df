package ironshelf.pour;

import ironshelf.act.ActService;
import ironshelf.copy.CastService;
import ironshelf.http.problem.ProblemException;
import ironshelf.material.consumption.PourStock;
import ironshelf.pour.record.Pour;
import ironshelf.pour.record.PourFill;
import ironshelf.pour.record.PourFillRepository;
import ironshelf.pour.record.PourRepository;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Takes a booking back that should not have been made: the stock has what it took again, by
 * movements of its own; copies are free, pieces never were. The pour stays, marked as undone.
 */
@Service
@Transactional
class UndoService {

  private final PourRepository pours;
  private final PourFillRepository fills;
  private final ActService acts;
  private final PourStock stock;
  private final CastService castings;
  private final PourCasts casts;
  private final ApplicationEventPublisher events;

  UndoService(
      PourRepository pours,
      PourFillRepository fills,
      ActService acts,
      PourStock stock,
      CastService castings,
      PourCasts casts,
      ApplicationEventPublisher events) {
    this.pours = pours;
    this.fills = fills;
    this.acts = acts;
    this.stock = stock;
    this.castings = castings;
    this.casts = casts;
    this.events = events;
  }

  /** Undoes the session of a pour, once for the key. */
  void undo(String key, long id, Instant at) {
    acts.once(key, "undo", () -> undo(id, at));
  }

  private long undo(long id, Instant at) {
    Pour first = pours.findById(id).orElseThrow(() -> ProblemException.unknown("pour", id));
    if (first.undoneAt() != null || first.sessionId() != id) {
      throw ProblemException.conflict("pour.undone", Map.of("pour", id));
    }
    List<Pour> session =
        Stream.concat(Stream.of(first), pours.findByBesideIdOrderById(id).stream()).toList();
    List<Long> pourIds = session.stream().map(Pour::id).toList();
    List<PourFill> own = fills.findByPourIdInOrderById(pourIds);
    List<Long> castIds = own.stream().map(f -> f.view().castId()).distinct().toList();
    boolean above =
        fills.findByCastIdInOrderByLayerNo(castIds).stream()
            .anyMatch(f -> f.pourId() > pourIds.get(pourIds.size() - 1));
    if (above || !castings.allHeld(castIds)) {
      throw ProblemException.conflict("pour.goneOn", Map.of("pour", id));
    }
    fills.deleteAll(own);
    fills.flush();
    // What has nothing in it any more began with this pour.
    boolean bottom = fills.findByCastIdInOrderByLayerNo(castIds).isEmpty();
    if (bottom) {
      casts.empty(castIds, at);
    }
    for (Pour pour : session) {
      stock.giveBack(pour.id(), at);
      pour.undo(at);
    }
    events.publishEvent(new PourUndone(id, at));
    return id;
  }
}
