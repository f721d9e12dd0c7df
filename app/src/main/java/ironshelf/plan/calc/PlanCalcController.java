package ironshelf.plan.calc;

import ironshelf.core.plan.CastPlan;
import ironshelf.core.plan.PlanRequest;
import ironshelf.core.plan.promise.Promise;
import ironshelf.core.plan.promise.Simulation;
import ironshelf.core.plan.schedule.ScheduleBuilder;
import ironshelf.core.plan.search.PlanSearch;
import java.time.Duration;
import java.util.List;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

@RestController
class PlanCalcController {

  @PostMapping("/api/calc/plan")
  CastPlan plan(@RequestBody PlanRequest request) {
    new ScheduleBuilder(request).unkept().orRefuse();
    PlanSearch search = new PlanSearch(request, List.of());
    double seconds = request.secondsToSearch();
    return seconds == 0
        ? search.first()
        : search.search(Duration.ofMillis(Math.round(seconds * 1000)), better -> {});
  }

  /** How often dates are kept, beside the plan that the same request is given. */
  @PostMapping("/api/calc/simulate")
  Simulation simulate(@RequestBody Simulation.SimulateRequest request) {
    return Simulation.of(request, plan(request.plan()).casts());
  }

  /** Beside the plan that the same request is given. */
  @PostMapping("/api/calc/promise")
  Promise promise(@RequestBody Promise.PromiseRequest request) {
    return Promise.of(request, plan(request.plan()).casts());
  }
}
