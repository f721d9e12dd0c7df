package ironshelf.plan.promise;

import ironshelf.core.plan.CastPlan;
import ironshelf.core.plan.PlanRequest;
import ironshelf.core.plan.PlanRequest.Demand;
import ironshelf.core.plan.promise.Promise;
import ironshelf.core.plan.promise.Promise.PromiseRequest;
import ironshelf.core.plan.promise.Simulation;
import ironshelf.core.plan.promise.Simulation.OrderChance;
import ironshelf.core.plan.promise.Simulation.SimulateRequest;
import ironshelf.core.plan.schedule.ScheduleBuilder;
import ironshelf.plan.PlanService;
import ironshelf.plan.basis.DemandName;
import ironshelf.plan.basis.PlanBasis;
import ironshelf.plan.basis.PlanFacts;
import ironshelf.plan.basis.ProductName;
import ironshelf.plan.promise.ShopSpread.SpreadBasis;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Promises beside the plan as it is. */
@Service
@Transactional
public class PlanPromises {

  /** Enough that a date stands to a few of a hundred, and few enough to be waited for. */
  private static final int WEEKS = 100;

  private static final double SURE = 0.9;

  private final PlanService plans;
  private final PlanFacts facts;
  private final ShopSpread spread;

  PlanPromises(PlanService plans, PlanFacts facts, ShopSpread spread) {
    this.plans = plans;
    this.facts = facts;
    this.spread = spread;
  }

  /** So many of a product in a colourway. */
  public record Asked(long productId, long colourwayId, int quantity) {}

  /**
   * What can be promised.
   *
   * @param lines one after the other, each beside those before
   * @param request all that is planned, these lines with it
   */
  public record Given(List<Promise> lines, PlanRequest request) {}

  /** The earliest that all of it can be had, and for the last line the curve of more copies. */
  @Transactional(readOnly = true)
  public Given promise(List<Asked> asked, int moreCopies) {
    List<PlanFacts.Asked> wanted = new ArrayList<>();
    for (Asked line : asked) {
      wanted.add(
          new PlanFacts.Asked(
              notYet(wanted.size()),
              new PlanFacts.Wanted(line.productId(), line.colourwayId()),
              line.quantity()));
    }
    PlanBasis basis = facts.basis(plans.pins(), wanted, List.of());
    PlanRequest request = basis.request();
    List<CastPlan.PlannedCast> order = plans.casts();
    List<Promise> lines = new ArrayList<>();
    for (int i = 0; i < asked.size(); i++) {
      String name = wanted.get(i).name().toString();
      String product = ProductName.of(wanted.get(i).product()).toString();
      List<Demand> parts = basis.askedParts().get(i);
      Promise promise =
          Promise.of(
              new PromiseRequest(
                  request,
                  product,
                  asked.get(i).quantity(),
                  asked.size() == 1 ? moreCopies : 0,
                  name,
                  parts),
              order);
      lines.add(promise);
      order = promise.plan().casts();
      List<Demand> demands = new ArrayList<>(request.demands());
      demands.add(new Demand(name, product, asked.get(i).quantity(), promise.date(), 1, null));
      demands.addAll(parts);
      request = request.change().demands(demands).request();
    }
    return new Given(lines, request);
  }

  /** The name of what no order has yet, by its place among what was asked for. */
  private static DemandName notYet(int asked) {
    return DemandName.line(-asked - 1);
  }

  /** How often its dates are kept, and what that stands on. */
  public record Chance(OrderChance chance, SpreadBasis from) {}

  /** How often the dates of one line are kept, in weeks that go as weeks go here. */
  @Transactional(readOnly = true)
  public Chance chance(Asked asked) {
    Given given = promise(List.of(asked), 0);
    SpreadBasis from = spread.now();
    return new Chance(chances(given, from).get(0), from);
  }

  /** The date that is kept in nine of ten weeks for each line, the latest of them for all. */
  @Transactional(readOnly = true)
  public LocalDate nineOfTen(Given given) {
    return chances(given, spread.now()).stream()
        .map(OrderChance::nineOfTen)
        .max(LocalDate::compareTo)
        .orElseThrow();
  }

  /** Of each line that was asked for, in their order. */
  private static List<OrderChance> chances(Given given, SpreadBasis from) {
    Promise last = given.lines().get(given.lines().size() - 1);
    Simulation simulated =
        Simulation.of(
            new SimulateRequest(given.request(), WEEKS, from.spread(), null, null),
            last.plan().casts());
    List<OrderChance> own = new ArrayList<>();
    for (int i = 0; i < given.lines().size(); i++) {
      String name = notYet(i).toString();
      simulated.orders().stream().filter(o -> o.order().equals(name)).forEach(own::add);
    }
    return own;
  }

  /**
   * A line of the book.
   *
   * @param onTime share of weeks in which it is ready on its due day
   */
  public record LineChance(long lineId, double onTime, LocalDate fiveOfTen, LocalDate nineOfTen) {}

  /**
   * All lines that are still to be poured.
   *
   * @param sure how many of them are on time in nine of ten weeks
   */
  public record BookChance(int sure, List<LineChance> lines, SpreadBasis from) {}

  /** How sure the whole book is. */
  @Transactional(readOnly = true)
  public BookChance book() {
    SpreadBasis from = spread.now();
    PlanRequest request = facts.basis(plans.pins()).request();
    if (request.demands().isEmpty()) {
      return new BookChance(0, List.of(), from);
    }
    Simulation simulated =
        Simulation.of(
            new SimulateRequest(request, WEEKS, from.spread(), null, null), plans.casts());
    List<LineChance> lines =
        simulated.orders().stream()
            .filter(o -> DemandName.of(o.order()).isWhole())
            .map(
                o ->
                    new LineChance(
                        DemandName.of(o.order()).lineId(),
                        o.onTime(),
                        o.fiveOfTen(),
                        o.nineOfTen()))
            .toList();
    int sure = (int) lines.stream().filter(l -> l.onTime() >= SURE).count();
    return new BookChance(sure, lines, from);
  }

  /** The product of a part that binds a promise; none where it has begun. */
  public Optional<Long> part(@Nullable String bound) {
    return Optional.ofNullable(bound).flatMap(ProductName::find).map(ProductName::productId);
  }

  /**
   * Keeps the plan that a promise stands on, now that its lines are orders.
   *
   * @param lineIds in the order in which they were asked for
   */
  public void keep(Given given, List<Long> lineIds) {
    Promise last = given.lines().get(given.lines().size() - 1);
    List<CastPlan.PlannedCast> order =
        last.plan().casts().stream().map(c -> renamed(c, lineIds)).toList();
    plans.promise(
        basis -> {
          ScheduleBuilder pass = new ScheduleBuilder(basis.request());
          return pass.plan(pass.asIn(order));
        });
  }

  private static CastPlan.PlannedCast renamed(CastPlan.PlannedCast cast, List<Long> lineIds) {
    DemandName name = DemandName.of(cast.order());
    return name.lineId() >= 0
        ? cast
        : new CastPlan.PlannedCast(
            name.forLine(lineIds.get((int) -name.lineId() - 1)).toString(),
            cast.product(),
            cast.mould(),
            cast.copy(),
            cast.pieces(),
            cast.pourAt(),
            cast.demouldAt(),
            cast.readyAt(),
            cast.pinned(),
            cast.works(),
            cast.batch());
  }
}
