package ironshelf.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.google.ortools.Loader;
import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverStatus;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.IntervalVar;
import com.google.ortools.sat.LinearExpr;
import ironshelf.core.plan.CastPlan.Bound;
import ironshelf.core.plan.PlanRequest.Demand;
import ironshelf.core.plan.PlanRequest.PlanMould;
import ironshelf.core.plan.PlanRequest.PlanProduct;
import ironshelf.core.plan.PlanRequest.PlanStation;
import ironshelf.core.quantity.RefusedException;
import java.time.DayOfWeek;
import java.time.Duration;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class ForwardPassTest {

  private static final OpenHours WEEK =
      new OpenHours(
          List.of(DayOfWeek.values()).subList(0, 5), LocalTime.of(7, 0), LocalTime.of(16, 0), null);
  private static final OpenHours ALWAYS =
      new OpenHours(List.of(DayOfWeek.values()), LocalTime.MIDNIGHT, LocalTime.of(23, 59), null);

  /**
   * Handbook 2-5's example worked by hand: one copy, poured Monday 07:00 for 12 min, 3 h to set,
   * out at 10:12 for 4, a day in the bath, a week of drying, two coats 15 min apart, a day's rest.
   */
  @Test
  void oneBowlWorkedByHand() {
    CastPlan plan = ForwardPass.of(bowls(1, 1));
    CastPlan.PlannedCast cast = plan.casts().get(0);
    assertThat(cast.pourAt()).hasToString("2027-03-01T07:00");
    assertThat(cast.demouldAt()).hasToString("2027-03-01T10:16");
    assertThat(cast.works().get(2).at()).hasToString("2027-03-09T10:16");
    assertThat(cast.works().get(3).at()).hasToString("2027-03-09T10:34");
    assertThat(cast.readyAt()).hasToString("2027-03-10T10:37");
    assertThat(plan.orders().get(0).boundBy()).isEqualTo(Bound.ROUTE);
    assertThat(plan.totalWeightedLateDays()).isZero();
  }

  /** Handbook 1, question 5: the moulds set the pace, and more copies mend it. */
  @Test
  void theMouldsSetThePace() {
    CastPlan one = ForwardPass.of(bowls(1, 24));
    CastPlan three = ForwardPass.of(bowls(3, 24));
    assertThat(one.orders().get(0).boundBy()).isEqualTo(Bound.MOULD);
    assertThat(three.orders().get(0).readyAt()).isBefore(one.orders().get(0).readyAt());
  }

  @ParameterizedTest
  @ValueSource(longs = {0, 1, 2, 3, 4, 5, 6, 7, 8, 9})
  void everyPlanOfFiveHundredWorkshopsIsFeasible(long block) {
    for (long seed = block * 50; seed < block * 50 + 50; seed++) {
      PlanRequest request = RandomShop.of(seed, 1 + (int) (seed % 12));
      CastPlan plan = ForwardPass.of(request);
      new PlanChecker(request, plan).check("seed " + seed);
      assertThat(plan.lowerBoundLateDays()).isLessThanOrEqualTo(plan.totalWeightedLateDays());
      assertThat(ForwardPass.of(request)).as("the same again").isEqualTo(plan);
    }
  }

  /** Against an exact solver on casts over copies: never better, and its bound never above. */
  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12})
  void neverBetterThanTheExactSolver(long seed) {
    Random random = new Random(seed);
    int copies = 1 + random.nextInt(2);
    PlanRequest request = machines(random, copies, 6);
    CastPlan plan = ForwardPass.of(request);
    double best = exactLateDays(request, copies);
    assertThat(plan.totalWeightedLateDays()).as("seed %d", seed).isGreaterThanOrEqualTo(best);
    assertThat(plan.lowerBoundLateDays()).as("seed %d", seed).isLessThanOrEqualTo(best);
  }

  /** Graham 1969: longest first is within 4/3 - 1/(3m) of the best makespan. */
  @ParameterizedTest
  @ValueSource(longs = {21, 22, 23, 24, 25, 26, 27, 28})
  void longestFirstKeepsGrahamsBound(long seed) {
    Random random = new Random(seed);
    int copies = 2 + random.nextInt(3);
    PlanRequest request = machines(random, copies, 9);
    List<Demand> longestFirst = new ArrayList<>(request.demands());
    longestFirst.sort(Comparator.comparingLong(d -> -holdMin(request, d)));
    CastPlan plan = ForwardPass.inOrder(request, longestFirst);
    long makespan =
        plan.casts().stream()
            .mapToLong(c -> Duration.between(request.start(), c.demouldAt()).toMinutes())
            .max()
            .orElseThrow();
    double bound = (4.0 / 3 - 1.0 / (3 * copies)) * exactMakespan(request, copies);
    assertThat((double) makespan).as("seed %d", seed).isLessThanOrEqualTo(bound + 1e-9);
  }

  @Test
  void namesThatLeadNowhereAndStepsThatCannotBeAreAllTold() {
    assertThatThrownBy(
            () ->
                new PlanRequest(
                    RandomShop.START,
                    WEEK,
                    1,
                    List.of(new PlanMould("bowl", 1, 30, 0)),
                    List.of(new PlanStation("bath", 20)),
                    List.of(
                        new PlanProduct(
                            "bowl",
                            "cup",
                            null,
                            0,
                            List.of(
                                RandomShop.work("pour", 600, 1, 0, true),
                                RandomShop.wait("bath", 24, "pond")))),
                    List.of(new Demand("1", "vase", 1, RandomShop.START.toLocalDate(), 1))))
        .isInstanceOfSatisfying(
            RefusedException.class, e -> assertThat(e.findings()).hasSizeGreaterThanOrEqualTo(4));
    assertThatThrownBy(() -> new PlanStep("pour", Double.POSITIVE_INFINITY, 0, null, 1, 0, true))
        .isInstanceOf(RefusedException.class);
  }

  private static PlanRequest bowls(int copies, int quantity) {
    return new PlanRequest(
        RandomShop.START,
        WEEK,
        1,
        List.of(new PlanMould("bowl", copies, 1, 0)),
        List.of(new PlanStation("bath", 20)),
        List.of(
            new PlanProduct(
                "bowl",
                "bowl",
                "chalk",
                1,
                List.of(
                    RandomShop.work("pour", 12, 1, 0, false),
                    RandomShop.wait("set", 3, null),
                    RandomShop.work("demould", 4, 1, 0, true),
                    RandomShop.wait("bath", 24, "bath"),
                    RandomShop.wait("dry", 168, null),
                    RandomShop.work("seal", 3, 2, 15, false),
                    RandomShop.wait("rest", 24, null)))),
        List.of(
            new Demand("1001", "bowl", quantity, RandomShop.START.toLocalDate().plusDays(19), 1)));
  }

  /** Casts of one kind of mould that need nothing but a copy for so many hours. */
  private static PlanRequest machines(Random random, int copies, int orders) {
    List<PlanProduct> products = new ArrayList<>();
    List<Demand> demands = new ArrayList<>();
    for (int i = 0; i < orders; i++) {
      double hours = 10 + random.nextInt(60);
      products.add(
          new PlanProduct(
              "p" + i,
              "m",
              null,
              0,
              List.of(
                  RandomShop.wait("set", hours, null),
                  new PlanStep("demould", 0, 0, null, 1, 0, true))));
      demands.add(
          new Demand(
              "o" + i,
              "p" + i,
              1,
              RandomShop.START.toLocalDate().plusDays(1 + random.nextInt(5)),
              1 + random.nextInt(3)));
    }
    return new PlanRequest(
        RandomShop.START,
        ALWAYS,
        50,
        List.of(new PlanMould("m", copies, 1, 0)),
        List.of(),
        products,
        demands);
  }

  private static long holdMin(PlanRequest request, Demand demand) {
    return request.products().stream()
        .filter(p -> p.product().equals(demand.product()))
        .findFirst()
        .orElseThrow()
        .route()
        .get(0)
        .waitMin();
  }

  private static double exactLateDays(PlanRequest request, int copies) {
    CpModel model = new CpModel();
    long horizon = 60 * 24 * 60;
    List<IntVar> ends = onCopies(model, request, copies, horizon);
    List<LinearExpr> late = new ArrayList<>();
    for (int d = 0; d < ends.size(); d++) {
      Demand demand = request.demands().get(d);
      long dueMin =
          Duration.between(request.start(), demand.due().plusDays(1).atStartOfDay()).toMinutes();
      IntVar days = model.newIntVar(0, 60, "late" + d);
      // Ready a minute after the due day's end is a day late.
      model.addLessOrEqual(
          LinearExpr.newBuilder().add(ends.get(d)).addTerm(days, -1_440).build(), dueMin - 1);
      late.add(LinearExpr.term(days, Math.round(demand.weight())));
    }
    model.minimize(LinearExpr.sum(late.toArray(LinearExpr[]::new)));
    return solve(model);
  }

  private static double exactMakespan(PlanRequest request, int copies) {
    CpModel model = new CpModel();
    long horizon = 60 * 24 * 60;
    List<IntVar> ends = onCopies(model, request, copies, horizon);
    IntVar last = model.newIntVar(0, horizon, "last");
    ends.forEach(end -> model.addLessOrEqual(end, last));
    model.minimize(last);
    return solve(model);
  }

  private static List<IntVar> onCopies(
      CpModel model, PlanRequest request, int copies, long horizon) {
    Loader.loadNativeLibraries();
    List<List<IntervalVar>> byCopy = new ArrayList<>();
    for (int c = 0; c < copies; c++) {
      byCopy.add(new ArrayList<>());
    }
    List<IntVar> ends = new ArrayList<>();
    for (Demand demand : request.demands()) {
      long hold = holdMin(request, demand);
      IntVar start = model.newIntVar(0, horizon, "start " + demand.order());
      IntVar end = model.newIntVar(0, horizon, "end " + demand.order());
      model.addEquality(end, LinearExpr.newBuilder().add(start).add(hold).build());
      List<BoolVar> on = new ArrayList<>();
      for (int c = 0; c < copies; c++) {
        BoolVar here = model.newBoolVar(demand.order() + " on " + c);
        on.add(here);
        byCopy
            .get(c)
            .add(
                model.newOptionalIntervalVar(
                    start, LinearExpr.constant(hold), end, here, demand.order() + " " + c));
      }
      model.addExactlyOne(on.toArray(BoolVar[]::new));
      ends.add(end);
    }
    byCopy.forEach(model::addNoOverlap);
    return ends;
  }

  private static double solve(CpModel model) {
    CpSolver solver = new CpSolver();
    solver.getParameters().setMaxTimeInSeconds(20).setNumWorkers(2);
    assertThat(solver.solve(model)).isEqualTo(CpSolverStatus.OPTIMAL);
    return solver.objectiveValue();
  }
}
