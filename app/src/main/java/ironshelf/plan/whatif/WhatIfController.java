package ironshelf.plan.whatif;

import ironshelf.core.plan.whatif.WarmPlace;
import ironshelf.core.quantity.Findings;
import ironshelf.core.quantity.WhenMissing;
import ironshelf.http.ActKey;
import ironshelf.plan.PlanKeeper;
import java.time.DayOfWeek;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
class WhatIfController {

  /** So many more copies of a mould that has some in use. */
  record CopiesMore(long mouldId, int more) {
    CopiesMore {
      new Findings()
          .within("mouldId", (double) mouldId, 1, 1e15)
          .within("more", more, 1, 20)
          .orRefuse();
    }
  }

  /** A tent with a heater: how warm it keeps, 10 to 45 °C, and how many pieces it holds. */
  record TentMore(double celsius, int pieces) {
    TentMore {
      new Findings()
          .within("celsius", celsius, 10, 45)
          .within("pieces", pieces, 1, 10_000)
          .orRefuse();
    }
  }

  /**
   * What would be different in the shop.
   *
   * @param copies null: none more
   * @param people more who work at once, 0 to 10 (0)
   * @param minutes that each day is longer, 0 to 480 (0)
   * @param alsoOn a day of the week more; null: none
   * @param tent null: none
   * @param expected whether the orders of the last season come again (false)
   */
  record WhatIfRequest(
      @Nullable List<CopiesMore> copies,
      @WhenMissing("0") int people,
      @WhenMissing("0") int minutes,
      @Nullable DayOfWeek alsoOn,
      @Nullable TentMore tent,
      @Nullable Boolean expected) {
    WhatIfRequest {
      copies = copies == null ? List.of() : List.copyOf(copies);
      new Findings()
          .within("copies.length", copies.size(), 0, 50)
          .within("people", people, 0, 10)
          .within("minutes", minutes, 0, 480)
          .orRefuse();
    }

    boolean withExpected() {
      return Boolean.TRUE.equals(expected);
    }
  }

  private final WhatIfService trials;
  private final WhatIfKeeper kept;
  private final PlanKeeper keeper;

  WhatIfController(WhatIfService trials, WhatIfKeeper kept, PlanKeeper keeper) {
    this.trials = trials;
    this.kept = kept;
    this.keeper = keeper;
  }

  /** The plan with these beside the plan as it is; nothing is kept. */
  @PostMapping("/api/plan/what-if")
  WhatIfView tried(@RequestBody WhatIfRequest request) {
    keeper.isRenewed();
    return trials.tried(request);
  }

  /** A tent as one is tried first. */
  @GetMapping("/api/plan/what-if/tent")
  TentMore usualTent() {
    return new TentMore(WarmPlace.TENT_C, WarmPlace.TENT_PIECES);
  }

  /** Late days that one more copy of each mould would take off, the most first. */
  @PostMapping("/api/plan/what-if/copies")
  List<WhatIfView.CopyHelp> copies(@RequestBody WhatIfRequest request) {
    keeper.isRenewed();
    return trials.copiesThatHelp(request.withExpected());
  }

  /** Makes the shop so: its copies, people and hours, and what sets in the tent. */
  @PostMapping("/api/plan/what-if/kept")
  @ResponseStatus(HttpStatus.CREATED)
  WhatIfView.WhatIfKept keep(@ActKey String key, @RequestBody WhatIfRequest request) {
    keeper.isRenewed();
    return kept.keep(key, request);
  }
}
