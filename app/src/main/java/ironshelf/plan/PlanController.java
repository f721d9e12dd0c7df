package ironshelf.plan;

import ironshelf.core.quantity.Findings;
import ironshelf.core.quantity.WhenMissing;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

@RestController
class PlanController {

  /**
   * How long to look for a better plan.
   *
   * @param seconds 0 to 60; 0: the first plan only
   */
  record RunRequest(@WhenMissing("10") double seconds) {
    RunRequest {
      seconds = Double.isNaN(seconds) ? 10 : seconds;
      new Findings().within("seconds", seconds, 0, 60).orRefuse();
    }
  }

  /** Where a cast is put. */
  record MoveRequest(@Nullable Long copyId, @Nullable LocalDateTime pourAt) {
    MoveRequest {
      new Findings().present("copyId", copyId).present("pourAt", pourAt).orRefuse();
    }
  }

  private final PlanService plans;
  private final PlanReader reader;
  private final PlanRuns runs;
  private final PlanKeeper keeper;
  private final DaySheet daySheet;

  PlanController(
      PlanService plans, PlanReader reader, PlanRuns runs, PlanKeeper keeper, DaySheet daySheet) {
    this.daySheet = daySheet;
    this.plans = plans;
    this.reader = reader;
    this.runs = runs;
    this.keeper = keeper;
  }

  @GetMapping("/api/plan")
  PlanView plan() {
    boolean renewed = keeper.isRenewed();
    return reader.view().renewing(!renewed);
  }

  /** All that is done on a day, by whom, and what is to be fetched for it. */
  @GetMapping("/api/plan/days/{date}")
  DaySheet.DayView day(@PathVariable LocalDate date) {
    return daySheet.day(date);
  }

  @PostMapping("/api/plan/run")
  PlanRuns.Progress run(@RequestBody RunRequest request) {
    if (request.seconds() == 0) {
      plans.make();
      return runs.progress();
    }
    return runs.start(Duration.ofMillis(Math.round(request.seconds() * 1000)));
  }

  @DeleteMapping("/api/plan/run")
  PlanRuns.Progress stop() {
    runs.stop();
    return runs.progress();
  }

  @GetMapping("/api/plan/run")
  PlanRuns.Progress progress() {
    return runs.progress();
  }

  @GetMapping(path = "/api/plan/run/events", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
  SseEmitter events() {
    return runs.listen();
  }

  @PutMapping("/api/plans/{id}/casts/{no}")
  PlanView move(@PathVariable long id, @PathVariable int no, @RequestBody MoveRequest request) {
    plans.move(
        id, no, Objects.requireNonNull(request.copyId()), Objects.requireNonNull(request.pourAt()));
    return reader.view();
  }

  @DeleteMapping("/api/plans/{id}/casts/{no}/pin")
  PlanView letGo(@PathVariable long id, @PathVariable int no) {
    plans.letGo(id, no);
    return reader.view();
  }

  @PostMapping("/api/plans/{id}/undone")
  PlanView undo(@PathVariable long id) {
    plans.undo(id);
    // The one before may stand on facts that are no longer so.
    keeper.renew();
    return reader.view();
  }
}
