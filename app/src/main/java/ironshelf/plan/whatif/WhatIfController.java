package ironshelf.plan.whatif;

import ironshelf.core.quantity.Findings;
import ironshelf.core.quantity.WhenMissing;
import ironshelf.plan.PlanKeeper;
import java.time.DayOfWeek;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
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

  /**
   * What would be different in the shop.
   *
   * @param copies null: none more
   * @param people more who work at once, 0 to 10 (0)
   * @param minutes that each day is longer, 0 to 480 (0)
   * @param alsoOn a day of the week more; null: none
   */
  record WhatIfRequest(
      @Nullable List<CopiesMore> copies,
      @WhenMissing("0") int people,
      @WhenMissing("0") int minutes,
      @Nullable DayOfWeek alsoOn) {
    WhatIfRequest {
      copies = copies == null ? List.of() : List.copyOf(copies);
      new Findings()
          .within("copies.length", copies.size(), 0, 50)
          .within("people", people, 0, 10)
          .within("minutes", minutes, 0, 480)
          .orRefuse();
    }
  }

  private final WhatIfService trials;
  private final PlanKeeper keeper;

  WhatIfController(WhatIfService trials, PlanKeeper keeper) {
    this.trials = trials;
    this.keeper = keeper;
  }

  /** The plan with these beside the plan as it is; nothing is kept. */
  @PostMapping("/api/plan/what-if")
  WhatIfView tried(@RequestBody WhatIfRequest request) {
    keeper.isRenewed();
    return trials.tried(request);
  }
}
