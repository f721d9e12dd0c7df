package ironshelf.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import com.google.ortools.Loader;
import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverStatus;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.IntervalVar;
import com.google.ortools.sat.LinearExpr;
import ironshelf.core.plan.PlanRequest.Demand;
import ironshelf.core.plan.PlanRequest.PlanMould;
import ironshelf.core.plan.PlanRequest.PlanProduct;
import java.time.DayOfWeek;
import java.time.Duration;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/** Casts that need nothing but a copy, and the best plan of them by OR-Tools CP-SAT. */
public final class ExactPlans {

  public static final OpenHours ALWAYS =
      new OpenHours(List.of(DayOfWeek.values()), LocalTime.MIDNIGHT, LocalTime.of(23, 59), null);

  private ExactPlans() {}

  /** Casts of one kind of mould that need nothing but a copy for so many hours. */
  public static PlanRequest machines(Random random, int copies, int orders) {
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
              null,
              List.of(
                  RandomShop.wait("set", hours, null),
                  new PlanStep("demould", 0, 0, null, 1, 0, true, null))));
      demands.add(
          new Demand(
              "o" + i,
              "p" + i,
              1,
              RandomShop.START.toLocalDate().plusDays(1 + random.nextInt(5)),
              1 + random.nextInt(3),
              null));
    }
    return PlanRequest.fresh(
        RandomShop.START,
        ALWAYS,
        50,
        List.of(new PlanMould("m", copies, 1, 0)),
        List.of(),
        products,
        demands);
  }

  public static long holdMin(PlanRequest request, Demand demand) {
    return request.products().stream()
        .filter(p -> p.product().equals(demand.product()))
        .findFirst()
        .orElseThrow()
        .route()
        .get(0)
        .waitMin();
  }

  public static double exactLateDays(PlanRequest request, int copies) {
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

  /**
   * The same over two copies by enumeration: the best order of every set of casts on one copy (Held
   * and Karp 1962), and the best way to part all casts into two sets.
   */
  public static double leastLateDaysOnTwo(PlanRequest request) {
    int n = request.demands().size();
    double[] least = new double[1 << n];
    long[] minutes = new long[1 << n];
    for (int set = 1; set < 1 << n; set++) {
      least[set] = Double.MAX_VALUE;
      int lowest = Integer.numberOfTrailingZeros(set);
      minutes[set] = minutes[set & (set - 1)] + holdMin(request, request.demands().get(lowest));
      for (int last = 0; last < n; last++) {
        if ((set >> last & 1) == 1) {
          double late = lateDays(request, request.demands().get(last), minutes[set]);
          least[set] = Math.min(least[set], least[set ^ 1 << last] + late);
        }
      }
    }
    double best = Double.MAX_VALUE;
    for (int set = 0; set < 1 << n; set++) {
      best = Math.min(best, least[set] + least[(1 << n) - 1 - set]);
    }
    return best;
  }

  private static double lateDays(PlanRequest request, Demand demand, long endMin) {
    long dueMin =
        Duration.between(request.start(), demand.due().plusDays(1).atStartOfDay()).toMinutes();
    return demand.weight() * Math.max(0, -Math.floorDiv(-(endMin - dueMin + 1), 1_440L));
  }

  public static double exactMakespan(PlanRequest request, int copies) {
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
    solver.getParameters().setMaxTimeInSeconds(20).setNumWorkers(1);
    assertThat(solver.solve(model)).isEqualTo(CpSolverStatus.OPTIMAL);
    return solver.objectiveValue();
  }
}
