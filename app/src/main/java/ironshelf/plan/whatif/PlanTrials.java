package ironshelf.plan.whatif;

import ironshelf.core.plan.CastPlan;
import ironshelf.core.plan.PlanRequest;
import ironshelf.core.plan.whatif.WhatIf;
import ironshelf.plan.PlanService;
import ironshelf.plan.basis.DemandName;
import ironshelf.plan.basis.MouldName;
import ironshelf.plan.basis.PlanFacts;
import ironshelf.plan.basis.ProductName;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The plan of a shop that is not as it is. Nothing of it is kept. */
@Service
@Transactional(readOnly = true)
public class PlanTrials {

  private final PlanService plans;
  private final PlanFacts facts;
  private final ExpectedOrders expected;

  PlanTrials(PlanService plans, PlanFacts facts, ExpectedOrders expected) {
    this.plans = plans;
    this.facts = facts;
    this.expected = expected;
  }

  /**
   * The plan as it is and as it would be.
   *
   * @param withExpected whether the orders of the season before come again, in both
   */
  public WhatIf.Tried tried(WhatIf change, boolean withExpected) {
    return change.in(request(withExpected), plans.casts());
  }

  /** Late days that one more copy of each mould would take off, where it takes any off. */
  public Map<Long, Long> copiesThatHelp(boolean withExpected) {
    PlanRequest request = request(withExpected);
    List<CastPlan.PlannedCast> planned = plans.casts();
    CastPlan before = WhatIf.before(request, planned);
    Map<Long, Long> saved = new TreeMap<>();
    for (PlanRequest.PlanMould mould : request.moulds()) {
      WhatIf more = new WhatIf(Map.of(mould.mould(), 1), 0, 0, null, null);
      WhatIf.Tried tried = more.in(request, planned, before);
      long fewer = lateDays(tried.before()) - lateDays(tried.after());
      if (fewer > 0) {
        saved.put(MouldName.of(mould.mould()).mouldId(), fewer);
      }
    }
    return saved;
  }

  private static long lateDays(CastPlan plan) {
    return plan.orders().stream().mapToLong(o -> o.lateDays()).sum();
  }

  private PlanRequest request(boolean withExpected) {
    List<PlanFacts.Expected> more = withExpected ? expected.season() : List.of();
    return facts.basis(plans.pins(), List.of(), more).request();
  }

  /** How the plan calls a mould. */
  public static String mould(long mouldId) {
    return new MouldName(mouldId).toString();
  }

  /** How it calls an order line. */
  public static String line(long lineId) {
    return DemandName.line(lineId).toString();
  }

  /** The product of a plan's name for one in a colourway. */
  public static long productId(String planned) {
    return ProductName.of(planned).productId();
  }
}
