package ironshelf.core.plan;

import com.google.ortools.Loader;
import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverStatus;
import com.google.ortools.sat.CumulativeConstraint;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.IntervalVar;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;
import ironshelf.core.plan.PlanRequest.Demand;
import ironshelf.core.plan.PlanRequest.PlanMixer;
import ironshelf.core.plan.PlanRequest.PlanMould;
import ironshelf.core.plan.PlanRequest.PlanProduct;
import ironshelf.core.plan.PlanRequest.PlanRecipe;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Random;

/**
 * Shops of a few casts that are mixed together by one person in one mixer, whole, by OR-Tools
 * CP-SAT: which casts are one mix, when it is begun, in what order it is filled. Each demand is one
 * cast; there are no stations, no parts, and washing is the same after every colour.
 */
public final class ExactBatches {

  private static final int DAYS = 21;
  private static final long HORIZON = DAYS * 1_440L;

  private ExactBatches() {}

  /** So many casts in two recipes and two colours, one person of four to seven hours. */
  public static PlanRequest shop(long seed, int casts) {
    Random random = new Random(seed);
    List<PlanMould> moulds = new ArrayList<>();
    List<PlanProduct> products = new ArrayList<>();
    for (int m = 0; m < 3; m++) {
      moulds.add(new PlanMould("m" + m, 1 + random.nextInt(2), 1, random.nextInt(2) * 10));
      List<PlanStep> route =
          List.of(
              RandomShop.work("pour", 4 + random.nextInt(9), 1, 0, false),
              RandomShop.wait("set", 2 + random.nextInt(22), null),
              RandomShop.work("demould", 5 + random.nextInt(10), 1, 0, true),
              RandomShop.wait("dry", 24, null),
              RandomShop.work("seal", 5, 1, 0, false));
      for (int colour = 0; colour < 2; colour++) {
        products.add(
            new PlanProduct(
                "p" + m + "-" + colour,
                "m" + m,
                "c" + colour,
                0,
                null,
                route,
                "r" + m % 2,
                1 + random.nextInt(40) / 10.0,
                null,
                null));
      }
    }
    List<Demand> demands = new ArrayList<>();
    for (int d = 0; d < casts; d++) {
      demands.add(
          new Demand(
              "o" + d,
              products.get(random.nextInt(products.size())).product(),
              1,
              RandomShop.START.toLocalDate().plusDays(1 + random.nextInt(4)),
              1 + random.nextInt(3),
              null));
    }
    return new PlanRequest(
        RandomShop.START,
        new OpenHours(
            ExactPlans.ALWAYS.days().subList(0, 5),
            LocalTime.of(7, 0),
            LocalTime.of(11 + random.nextInt(4), 0),
            null),
        1,
        moulds,
        List.of(),
        products,
        demands,
        0,
        null,
        null,
        List.of(new PlanMixer("bucket", 8)),
        List.of(
            new PlanRecipe("r0", 12, 40.0, 0, 0, 20, null),
            new PlanRecipe("r1", 25, null, 0, 0, 30, null)),
        0);
  }

  /** The least weighted late days; empty where the solver could not prove them in its time. */
  public static OptionalDouble leastLateDays(PlanRequest request, double seconds) {
    Loader.loadNativeLibraries();
    return new Model(request).solve(seconds);
  }

  private static final class Model {
    private final PlanRequest request;
    private final CpModel model = new CpModel();
    private final List<IntervalVar> person = new ArrayList<>();
    private final Map<String, CumulativeConstraint> copies = new HashMap<>();
    private final List<IntVar> pours = new ArrayList<>();
    private final List<LinearExpr> late = new ArrayList<>();

    Model(PlanRequest request) {
      this.request = request;
      request.moulds().forEach(m -> copies.put(m.mould(), model.addCumulative(m.copies())));
      request.demands().forEach(this::cast);
      Map<String, List<Integer>> families = new HashMap<>();
      for (int d = 0; d < request.demands().size(); d++) {
        PlanProduct product = product(d);
        families
            .computeIfAbsent(product.recipe() + product.colour(), k -> new ArrayList<>())
            .add(d);
      }
      families.values().forEach(this::mixes);
      model.addNoOverlap(person);
      model.minimize(LinearExpr.sum(late.toArray(LinearExpr[]::new)));
    }

    /** A cast from its filling on: the copy, and what a person does to it later. */
    private void cast(Demand demand) {
      PlanProduct product = product(request.demands().indexOf(demand));
      PlanMould mould =
          request.moulds().stream()
              .filter(m -> m.mould().equals(product.mould()))
              .findFirst()
              .orElseThrow();
      IntVar pour = model.newIntVar(0, HORIZON, "pour " + demand.order());
      pours.add(pour);
      LinearExpr end =
          LinearExpr.newBuilder().add(pour).add(product.route().get(0).workMin()).build();
      long waited = 0;
      for (PlanStep step : product.route().subList(1, product.route().size())) {
        if (step.workMin() > 0) {
          IntVar start =
              model.newIntVarFromDomain(
                  ExactShops.open(request, step.workMin(), DAYS), step.step());
          model.addGreaterOrEqual(start, LinearExpr.newBuilder().add(end).add(waited).build());
          person.add(model.newFixedSizeIntervalVar(start, step.workMin(), step.step()));
          end = LinearExpr.newBuilder().add(start).add(step.workMin()).build();
          waited = 0;
        }
        if (step.freesMould()) {
          IntVar held = model.newIntVar(0, HORIZON, "held");
          IntVar until = model.newIntVar(0, HORIZON + 1_440, "until");
          model.addEquality(
              until, LinearExpr.newBuilder().add(end).add(Math.round(mould.washMin())).build());
          copies.get(mould.mould()).addDemand(model.newIntervalVar(pour, held, until, "copy"), 1);
        }
        waited += step.waitMin();
      }
      long dueMin =
          Duration.between(request.start(), due(demand).plusDays(1).atStartOfDay()).toMinutes();
      IntVar days = model.newIntVar(0, DAYS, "late " + demand.order());
      LinearExprBuilder ready = LinearExpr.newBuilder().add(end).add(waited);
      model.addLessOrEqual(ready.addTerm(days, -1_440).build(), dueMin - 1);
      late.add(LinearExpr.term(days, Math.round(demand.weight())));
    }

    private static LocalDate due(Demand demand) {
      return demand.due();
    }

    /** At most as many mixes of a family as it has casts; each cast is in one of them. */
    private void mixes(List<Integer> casts) {
      PlanRecipe recipe =
          request.recipes().stream()
              .filter(r -> r.recipe().equals(product(casts.get(0)).recipe()))
              .findFirst()
              .orElseThrow();
      long mix = (long) Math.ceil(recipe.mixMin());
      long wash = (long) Math.ceil(recipe.washMin());
      long open = request.calendar().minutesADay();
      List<List<BoolVar>> inMix = new ArrayList<>();
      casts.forEach(c -> inMix.add(new ArrayList<>()));
      IntVar before = null;
      for (int b = 0; b < casts.size(); b++) {
        BoolVar used = model.newBoolVar("used");
        IntVar start = model.newIntVarFromDomain(ExactShops.open(request, 1, DAYS), "mix");
        IntVar length = model.newIntVar(0, open, "length");
        IntVar end = model.newIntVarFromDomain(ends(open), "mix end");
        person.add(model.newOptionalIntervalVar(start, length, end, used, "mix"));
        // The same day: a mix is not cut by closing time.
        IntVar day = model.newIntVar(0, DAYS, "day");
        LinearExprBuilder opens = LinearExpr.newBuilder().addTerm(day, 1_440);
        model.addGreaterOrEqual(start, opens.build());
        model.addLessOrEqual(end, LinearExpr.newBuilder().addTerm(day, 1_440).add(open).build());
        LinearExprBuilder fills = LinearExpr.newBuilder();
        LinearExprBuilder litres = LinearExpr.newBuilder();
        List<IntervalVar> filled = new ArrayList<>();
        for (int i = 0; i < casts.size(); i++) {
          int cast = casts.get(i);
          long fill = product(cast).route().get(0).workMin();
          BoolVar here = model.newBoolVar("in mix");
          inMix.get(i).add(here);
          model.addImplication(here, used);
          fills.addTerm(here, fill);
          litres.addTerm(here, Math.round(product(cast).litresPerCast() * 10));
          IntVar pour = pours.get(cast);
          filled.add(model.newOptionalFixedSizeIntervalVar(pour, fill, here, "fill"));
          model
              .addGreaterOrEqual(pour, LinearExpr.newBuilder().add(start).add(mix).build())
              .onlyEnforceIf(here);
          model
              .addLessOrEqual(LinearExpr.newBuilder().add(pour).add(fill + wash).build(), end)
              .onlyEnforceIf(here);
        }
        model.addNoOverlap(filled);
        model
            .addEquality(length, LinearExpr.newBuilder().add(fills.build()).add(mix + wash).build())
            .onlyEnforceIf(used);
        double largest = request.mixers().get(0).litres();
        model.addLessOrEqual(litres.build(), Math.round(largest * 10));
        if (recipe.workingMin() != null) {
          model.addLessOrEqual(fills.build(), (long) (recipe.workingMin() - recipe.mixMin()));
        }
        if (before != null) {
          // Mixes of a family are alike: one order of them is enough.
          model.addLessOrEqual(before, start);
        }
        before = start;
      }
      inMix.forEach(row -> model.addExactlyOne(row.toArray(BoolVar[]::new)));
    }

    private com.google.ortools.util.Domain ends(long open) {
      List<long[]> intervals = new ArrayList<>();
      for (int day = 0; day < DAYS; day++) {
        if (request.calendar().isOpenOn(request.start().toLocalDate().plusDays(day))) {
          intervals.add(new long[] {day * 1_440L, day * 1_440L + open});
        }
      }
      return com.google.ortools.util.Domain.fromIntervals(intervals.toArray(long[][]::new));
    }

    private PlanProduct product(int demand) {
      String name = request.demands().get(demand).product();
      return request.products().stream()
          .filter(p -> p.product().equals(name))
          .findFirst()
          .orElseThrow();
    }

    private OptionalDouble solve(double seconds) {
      CpSolver solver = new CpSolver();
      solver.getParameters().setMaxTimeInSeconds(seconds).setNumWorkers(2);
      return solver.solve(model) == CpSolverStatus.OPTIMAL
          ? OptionalDouble.of(solver.objectiveValue())
          : OptionalDouble.empty();
    }
  }
}
