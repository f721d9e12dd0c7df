package ironshelf.core.plan.search;

import ai.timefold.solver.core.api.score.buildin.bendablelong.BendableLongScore;
import ai.timefold.solver.core.api.solver.SolutionManager;
import ai.timefold.solver.core.api.solver.Solver;
import ai.timefold.solver.core.api.solver.SolverConfigOverride;
import ai.timefold.solver.core.api.solver.SolverFactory;
import ai.timefold.solver.core.config.heuristic.selector.move.composite.UnionMoveSelectorConfig;
import ai.timefold.solver.core.config.heuristic.selector.move.generic.list.ListChangeMoveSelectorConfig;
import ai.timefold.solver.core.config.heuristic.selector.move.generic.list.ListSwapMoveSelectorConfig;
import ai.timefold.solver.core.config.heuristic.selector.move.generic.list.SubListChangeMoveSelectorConfig;
import ai.timefold.solver.core.config.localsearch.LocalSearchPhaseConfig;
import ai.timefold.solver.core.config.localsearch.decider.acceptor.LocalSearchAcceptorConfig;
import ai.timefold.solver.core.config.localsearch.decider.forager.LocalSearchForagerConfig;
import ai.timefold.solver.core.config.solver.SolverConfig;
import ai.timefold.solver.core.config.solver.termination.TerminationConfig;
import ironshelf.core.plan.CastPlan;
import ironshelf.core.plan.CastPlan.PlannedCast;
import ironshelf.core.plan.ForwardPass;
import ironshelf.core.plan.Lot;
import ironshelf.core.plan.Outcome;
import ironshelf.core.plan.PlanRequest;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.function.Consumer;
import java.util.stream.LongStream;
import org.jspecify.annotations.Nullable;

/**
 * Looks for a better plan than the forward pass makes, with a constraint solver's local search over
 * the order of lots; every order is laid by the forward pass, so every plan is feasible.
 *
 * <p>Never worse than any of the orders it starts from. With the same request and the same number
 * of looks it finds the same plan; by the clock it may find another. Not promised: the best one.
 */
public final class PlanSearch {

  /** Lets some steps back pass, few, because a look at a large plan is dear. */
  private static final int ACCEPTED_BEFORE = 20;

  private static final long SEED = 20_270_301;

  private final ForwardPass pass;
  private final List<Lot> start;
  private @Nullable Solver<PlanOrder> running;
  private boolean stopped;

  /**
   * A search.
   *
   * @param before casts of a plan whose order is to be among those it starts from; may be empty
   */
  public PlanSearch(PlanRequest request, List<PlannedCast> before) {
    pass = new ForwardPass(request);
    List<List<Lot>> orders = new ArrayList<>(List.of(pass.usual()));
    if (!before.isEmpty()) {
      orders.add(pass.asIn(before));
    }
    orders.addAll(pass.others());
    start = orders.stream().min(Comparator.comparing(pass::outcome)).orElseThrow();
  }

  /** The best of the orders that it starts from; at once. */
  public CastPlan first() {
    return pass.plan(start);
  }

  /** Looks for so long at most, and tells of each better plan. */
  public CastPlan search(Duration atMost, Consumer<Outcome> better) {
    return search(new TerminationConfig().withSpentLimit(atMost), better);
  }

  /** Looks at so many orders. */
  public CastPlan search(long looks) {
    return search(new TerminationConfig().withScoreCalculationCountLimit(looks), o -> {});
  }

  /** Ends a search that runs in another thread; what it found so far stands. */
  public synchronized void stop() {
    stopped = true;
    if (running != null) {
      running.terminateEarly();
    }
  }

  private CastPlan search(TerminationConfig until, Consumer<Outcome> better) {
    if (start.size() < 2) {
      return first();
    }
    Solver<PlanOrder> solver =
        Factory.ONLY.buildSolver(
            new SolverConfigOverride<PlanOrder>().withTerminationConfig(until));
    solver.addEventListener(event -> better.accept(event.getNewBestSolution().queue().outcome()));
    synchronized (this) {
      if (stopped) {
        return first();
      }
      running = solver;
    }
    PlanOrder found = solver.solve(new PlanOrder(new PlanQueue(pass, start)));
    List<Lot> order = found.queue().getLots();
    return pass.outcome(order).compareTo(pass.outcome(start)) < 0 ? pass.plan(order) : first();
  }

  /** What each rule, by its name, takes off a plan; 0 where it is kept. */
  public SortedMap<String, Long> explained(CastPlan plan) {
    PlanOrder order = new PlanOrder(new PlanQueue(pass, pass.asIn(plan.casts())));
    SortedMap<String, Long> rules = new TreeMap<>();
    SolutionManager.<PlanOrder, BendableLongScore>create(Factory.ONLY)
        .analyze(order)
        .constraintMap()
        .forEach((rule, of) -> rules.put(rule.constraintName(), sum(of.score())));
    return rules;
  }

  /** A rule has one level. */
  private static long sum(BendableLongScore score) {
    return LongStream.concat(Arrays.stream(score.hardScores()), Arrays.stream(score.softScores()))
        .sum();
  }

  /** Made when it is first needed: it writes code of its own, which takes a while. */
  private static final class Factory {
    static final SolverFactory<PlanOrder> ONLY = SolverFactory.create(config());

    private Factory() {}
  }

  private static SolverConfig config() {
    return new SolverConfig()
        .withSolutionClass(PlanOrder.class)
        .withEntityClasses(PlanQueue.class)
        .withConstraintProviderClass(PlanRules.class)
        .withRandomSeed(SEED)
        .withPhases(
            new LocalSearchPhaseConfig()
                .withMoveSelectorConfig(
                    new UnionMoveSelectorConfig()
                        .withMoveSelectors(
                            new ListChangeMoveSelectorConfig(),
                            new ListSwapMoveSelectorConfig(),
                            new SubListChangeMoveSelectorConfig()))
                .withAcceptorConfig(
                    new LocalSearchAcceptorConfig().withLateAcceptanceSize(ACCEPTED_BEFORE))
                .withForagerConfig(new LocalSearchForagerConfig().withAcceptedCountLimit(1)));
  }
}
