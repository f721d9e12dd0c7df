package ironshelf.core.plan;

import com.google.ortools.Loader;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverStatus;
import com.google.ortools.sat.CumulativeConstraint;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.IntervalVar;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;
import com.google.ortools.util.Domain;
import ironshelf.core.plan.PlanRequest.Demand;
import ironshelf.core.plan.PlanRequest.PlanMould;
import ironshelf.core.plan.PlanRequest.PlanProduct;
import java.time.Duration;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/**
 * Small shops whole: copies, people and opening hours, each work a start that lies in an open day,
 * by OR-Tools CP-SAT. Stations are left out, so that requests must have none that bind.
 */
public final class ExactShops {

  private static final int DAYS = 60;

  private ExactShops() {}

  /** The least weighted late days; empty where the solver could not prove them in its time. */
  public static OptionalDouble leastLateDays(PlanRequest request, double seconds) {
    Loader.loadNativeLibraries();
    CpModel model = new CpModel();
    CumulativeConstraint people = model.addCumulative(request.people());
    Map<String, CumulativeConstraint> copies = new HashMap<>();
    Map<String, PlanMould> moulds = new HashMap<>();
    for (PlanMould mould : request.moulds()) {
      moulds.put(mould.mould(), mould);
      copies.put(mould.mould(), model.addCumulative(mould.copies()));
    }
    List<LinearExpr> late = new ArrayList<>();
    for (Demand demand : request.demands()) {
      PlanProduct product =
          request.products().stream()
              .filter(p -> p.product().equals(demand.product()))
              .findFirst()
              .orElseThrow();
      PlanMould mould = moulds.get(product.mould());
      IntVar ready = model.newIntVar(0, DAYS * 1_440L, "ready " + demand.order());
      IntVar before = null;
      for (int cast = 0; cast < mould.castsFor(demand.quantity()); cast++) {
        before = cast(model, request, product, mould, people, copies, ready, before);
      }
      long dueMin =
          Duration.between(request.start(), demand.due().plusDays(1).atStartOfDay()).toMinutes();
      IntVar days = model.newIntVar(0, DAYS, "late " + demand.order());
      model.addLessOrEqual(
          LinearExpr.newBuilder().add(ready).addTerm(days, -1_440).build(), dueMin - 1);
      late.add(LinearExpr.term(days, Math.round(demand.weight())));
    }
    model.minimize(LinearExpr.sum(late.toArray(LinearExpr[]::new)));
    CpSolver solver = new CpSolver();
    solver.getParameters().setMaxTimeInSeconds(seconds).setNumWorkers(2);
    return solver.solve(model) == CpSolverStatus.OPTIMAL
        ? OptionalDouble.of(solver.objectiveValue())
        : OptionalDouble.empty();
  }

  private static IntVar cast(
      CpModel model,
      PlanRequest request,
      PlanProduct product,
      PlanMould mould,
      CumulativeConstraint people,
      Map<String, CumulativeConstraint> copies,
      IntVar ready,
      @Nullable IntVar before) {
    IntVar pour = null;
    LinearExpr end = LinearExpr.constant(0);
    long waited = 0;
    for (PlanStep step : product.route()) {
      if (step.workMin() > 0) {
        for (int round = 0; round < step.times(); round++) {
          IntVar start =
              model.newIntVarFromDomain(open(request, step.workMin(), DAYS), step.step());
          model.addGreaterOrEqual(start, LinearExpr.newBuilder().add(end).add(waited).build());
          IntervalVar work = model.newFixedSizeIntervalVar(start, step.workMin(), step.step());
          people.addDemand(work, 1);
          end = LinearExpr.newBuilder().add(start).add(step.workMin()).build();
          waited = round < step.times() - 1 ? step.gapWholeMin() : 0;
          pour = pour == null ? start : pour;
        }
      }
      if (step.freesMould()) {
        IntVar held = model.newIntVar(0, DAYS * 1_440L, "held");
        IntVar until = model.newIntVar(0, (DAYS + 1) * 1_440L, "until");
        LinearExprBuilder washed =
            LinearExpr.newBuilder().add(end).add(Math.round(mould.washMin()));
        model.addEquality(until, washed.build());
        copies.get(mould.mould()).addDemand(model.newIntervalVar(pour, held, until, "copy"), 1);
      }
      waited += step.waitMin();
    }
    model.addGreaterOrEqual(ready, LinearExpr.newBuilder().add(end).add(waited).build());
    if (before != null) {
      // Casts of one demand are alike: one order of them is enough.
      model.addGreaterOrEqual(pour, before);
    }
    return pour;
  }

  /** The minutes at which so much work can begin and is done before closing time. */
  static Domain open(PlanRequest request, int minutes, int days) {
    List<long[]> intervals = new ArrayList<>();
    for (int day = 0; day < days; day++) {
      LocalDate date = request.start().toLocalDate().plusDays(day);
      if (!request.calendar().isOpenOn(date)) {
        continue;
      }
      long opens =
          Duration.between(request.start(), date.atTime(request.calendar().opens())).toMinutes();
      long closes =
          Duration.between(request.start(), date.atTime(request.calendar().closes())).toMinutes();
      if (closes - minutes >= Math.max(0, opens)) {
        intervals.add(new long[] {Math.max(0, opens), closes - minutes});
      }
    }
    return Domain.fromIntervals(intervals.toArray(long[][]::new));
  }
}
