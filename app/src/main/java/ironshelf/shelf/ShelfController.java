package ironshelf.shelf;

import ironshelf.copy.CastService;
import ironshelf.core.quantity.Findings;
import ironshelf.http.ActKey;
import ironshelf.piece.StepActView;
import ironshelf.piece.StepLedger;
import java.time.Clock;
import java.time.Duration;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

@RestController
class ShelfController {

  /** Acts older than this are history: they stand at their pieces. */
  private static final Duration RECENT = Duration.ofHours(12);

  /** Pieces that go no further. */
  record ScrapRequest(List<Long> pieceIds, String reason) {
    ScrapRequest {
      new Findings().list("pieceIds", pieceIds, 5_000).text("reason", reason, 200).orRefuse();
    }
  }

  /** What was just done, to be taken back by its number. */
  record Done(long actId, ShelfView shelf) {}

  private final ShelfService shelf;
  private final TakeOutService takeOut;
  private final StepService steps;
  private final StepLedger ledger;
  private final CastService castings;
  private final Clock clock;

  ShelfController(
      ShelfService shelf,
      TakeOutService takeOut,
      StepService steps,
      StepLedger ledger,
      CastService castings,
      Clock clock) {
    this.shelf = shelf;
    this.takeOut = takeOut;
    this.steps = steps;
    this.ledger = ledger;
    this.castings = castings;
    this.clock = clock;
  }

  @GetMapping("/api/shelf")
  ShelfView shelf() {
    return shelf.shelf();
  }

  @PostMapping("/api/shelf/take-out")
  Done takeOut(@ActKey String key, @RequestBody TakeOutRequest request) {
    return new Done(takeOut.takeOut(key, request, clock.instant()), shelf.shelf());
  }

  @PostMapping("/api/shelf/steps")
  Done step(@ActKey String key, @RequestBody StepRequest request) {
    return new Done(steps.step(key, request), shelf.shelf());
  }

  @PostMapping("/api/shelf/scrap")
  Done scrap(@ActKey String key, @RequestBody ScrapRequest request) {
    return new Done(steps.scrap(key, request.pieceIds(), request.reason()), shelf.shelf());
  }

  /** Copies that were washed. */
  record WashRequest(List<Long> copyIds) {
    WashRequest {
      new Findings().list("copyIds", copyIds, 5_000).orRefuse();
    }
  }

  /** Notes that copies were washed; those that are clean already stay so. */
  @PostMapping("/api/shelf/wash")
  ShelfView wash(@RequestBody WashRequest request) {
    castings.wash(request.copyIds(), clock.instant());
    return shelf.shelf();
  }

  /** What was done in the last hours, newest first. */
  @GetMapping("/api/shelf/acts")
  List<StepActView> acts() {
    return ledger.recent(clock.instant().minus(RECENT));
  }

  /** What was done to a piece, in order. */
  @GetMapping("/api/pieces/{id}/steps")
  List<StepLedger.PieceDone> history(@PathVariable long id) {
    return ledger.history(id);
  }

  @PostMapping("/api/shelf/acts/{id}/undo")
  ShelfView undo(@ActKey String key, @PathVariable long id) {
    steps.undo(key, id);
    return shelf.shelf();
  }
}
