package ironshelf.plan;

import ironshelf.core.plan.CastPlan;
import ironshelf.core.plan.PlanRequest;
import ironshelf.core.plan.schedule.ScheduleBuilder;
import ironshelf.core.plan.search.PlanSearch;
import java.util.List;
import java.util.function.UnaryOperator;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The plan of a shop that is not as it is. Nothing of it is kept. */
@Service
@Transactional(readOnly = true)
public class PlanTrials {

  private final PlanService plans;
  private final PlanFacts facts;

  PlanTrials(PlanService plans, PlanFacts facts) {
    this.plans = plans;
    this.facts = facts;
  }

  /** The plan as it is and as it would be. */
  public record Trial(CastPlan before, CastPlan after) {}

  /** Lays the plan again in a changed shop that has no less than the one there is. */
  public Trial with(UnaryOperator<PlanRequest> change) {
    PlanRequest request = facts.basis(plans.pins()).request();
    List<CastPlan.PlannedCast> casts = plans.casts();
    ScheduleBuilder builder = new ScheduleBuilder(request);
    CastPlan before = builder.plan(builder.asIn(casts));
    CastPlan after = new PlanSearch(change.apply(request), casts).first();
    // Nobody has to use what is there more: the plan as it is can be had all the same.
    boolean worse = after.totalWeightedLateDays() > before.totalWeightedLateDays();
    return new Trial(before, worse ? before : after);
  }

  /** How the plan calls a mould. */
  public static String mould(long mouldId) {
    return PlanKeys.mould(mouldId);
  }

  /** How it calls an order line. */
  public static String line(long lineId) {
    return PlanKeys.line(lineId);
  }
}
