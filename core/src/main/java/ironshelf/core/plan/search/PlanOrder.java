package ironshelf.core.plan.search;

import ai.timefold.solver.core.api.domain.solution.PlanningEntityProperty;
import ai.timefold.solver.core.api.domain.solution.PlanningScore;
import ai.timefold.solver.core.api.domain.solution.PlanningSolution;
import ai.timefold.solver.core.api.domain.solution.ProblemFactCollectionProperty;
import ai.timefold.solver.core.api.domain.valuerange.ValueRangeProvider;
import ai.timefold.solver.core.api.score.buildin.bendablelong.BendableLongScore;
import ironshelf.core.plan.Lot;
import java.util.List;

/** A plan as the solver sees it: all lots in one queue. */
@PlanningSolution
public class PlanOrder {

  /** Rules that must hold. */
  static final int HARD_LEVELS = 1;

  /** What a plan is judged by, one level each. */
  static final int SOFT_LEVELS = 4;

  private List<Lot> all;

  @PlanningEntityProperty private PlanQueue queue;

  @PlanningScore(bendableHardLevelsSize = HARD_LEVELS, bendableSoftLevelsSize = SOFT_LEVELS)
  private BendableLongScore score;

  /** For the solver, which clones it. */
  public PlanOrder() {}

  PlanOrder(PlanQueue queue) {
    this.queue = queue;
    this.all = List.copyOf(queue.getLots());
  }

  /** All that is to be laid. */
  @ValueRangeProvider
  @ProblemFactCollectionProperty
  public List<Lot> getAll() {
    return all;
  }

  PlanQueue queue() {
    return queue;
  }

  BendableLongScore score() {
    return score;
  }
}
