package ironshelf.core.plan.search;

import ai.timefold.solver.core.api.domain.entity.PlanningEntity;
import ai.timefold.solver.core.api.domain.variable.PlanningListVariable;
import ironshelf.core.plan.ForwardPass;
import ironshelf.core.plan.Lot;
import ironshelf.core.plan.Outcome;
import java.util.ArrayList;
import java.util.List;

/** The order in which lots are laid: what the solver changes. */
@PlanningEntity
public class PlanQueue {

  @PlanningListVariable private List<Lot> lots = new ArrayList<>();

  private ForwardPass pass;
  private List<Lot> judged = List.of();
  private Outcome outcome;

  /** For the solver, which clones it. */
  public PlanQueue() {}

  PlanQueue(ForwardPass pass, List<Lot> lots) {
    this.pass = pass;
    this.lots.addAll(lots);
  }

  public List<Lot> getLots() {
    return lots;
  }

  /** What the forward pass makes of it; all rules of one look share one pass. */
  Outcome outcome() {
    if (outcome == null || !judged.equals(lots)) {
      judged = List.copyOf(lots);
      outcome = pass.outcome(judged);
    }
    return outcome;
  }
}
