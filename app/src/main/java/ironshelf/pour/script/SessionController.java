package ironshelf.pour.script;

import static java.util.Objects.requireNonNull;

import ironshelf.core.pour.script.PourFact;
import ironshelf.core.quantity.Findings;
import ironshelf.http.ActKey;
import ironshelf.http.PageOf;
import ironshelf.http.Sorting;
import ironshelf.pour.Meant;
import ironshelf.pour.PourView;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.data.domain.Pageable;
import org.springframework.data.web.PageableDefault;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Pours at the benches. */
@RestController
class SessionController {

  private final SessionService sessions;
  private final RecordService records;
  private final FreeMoulds room;
  private final PourList list;
  private final Clock clock;

  SessionController(
      SessionService sessions, RecordService records, FreeMoulds room, PourList list, Clock clock) {
    this.sessions = sessions;
    this.records = records;
    this.room = room;
    this.list = list;
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
  PourSessionView open(@ActKey String key, @RequestBody PourOpening opening) {
    return sessions.open(key, opening, clock.instant());
  }

  /** What a pour would be: its sheet and its steps, for practice and to look at. */
  @PostMapping("/api/pours/preview")
  PourSessionView preview(@RequestBody PourOpening opening) {
    return sessions.preview(opening, clock.instant());
  }

  /**
   * What is practised: nothing is kept.
   *
   * @param meant as the preview gave it
   * @param facts of the practice so far, none to begin with
   */
  record PracticeRequest(@Nullable Meant meant, List<PourFact> facts) {
    PracticeRequest {
      new Findings().present("meant", meant).present("facts", facts).orRefuse();
    }
  }

  /** Where a practice stands; nothing is kept. */
  @PostMapping("/api/pours/practice")
  PourStateView practice(@RequestBody PracticeRequest request) {
    return sessions.practice(requireNonNull(request.meant()), request.facts());
  }

  /** Free copies that could take what is in the bowls, those that are worth most first. */
  @GetMapping("/api/pours/{id}/room")
  List<FreeMould> room(@PathVariable long id) {
    return room.of(id);
  }

  @PostMapping("/api/pours/{id}/facts")
  PourSessionView note(@PathVariable long id, @RequestBody FactsRequest request) {
    return sessions.note(id, request.facts(), clock.instant());
  }

  /** Pours, the latest first. */
  @GetMapping("/api/pours")
  PageOf<PourRow> pours(
      @RequestParam(required = false) @Nullable String search,
      @RequestParam(required = false) @Nullable Instant from,
      @RequestParam(required = false) @Nullable Instant to,
      @RequestParam(required = false) @Nullable Long colourwayId,
      @RequestParam(required = false) PourRow.@Nullable PourStands status,
      @ParameterObject @PageableDefault(size = 30) Pageable page) {
    return list.find(
        new PourList.Wanted(search, from, to, colourwayId, status), Sorting.fixed(page));
  }

  /** The pours that go on now, the oldest first. */
  @GetMapping("/api/pours/open")
  List<PourSessionView> open() {
    return sessions.open();
  }

  /** What was meant, and where it stands. */
  @GetMapping("/api/pours/{id}/session")
  PourSessionView session(@PathVariable long id) {
    return sessions.view(id);
  }

  /** Records a pour that was made away from the screen. */
  @PostMapping("/api/pours/recorded")
  PourView recorded(@ActKey String key, @RequestBody PourRequest request) {
    return records.poured(key, request, clock.instant());
  }
}
