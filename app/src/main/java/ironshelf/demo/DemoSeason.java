package ironshelf.demo;

import static java.util.Objects.requireNonNull;

import ironshelf.core.piece.cause.Defect;
import ironshelf.core.route.Effect;
import ironshelf.core.route.Gate;
import ironshelf.customer.CustomerRequest;
import ironshelf.customer.CustomerService;
import ironshelf.dispatch.DispatchService;
import ironshelf.dispatch.PackRequest;
import ironshelf.dispatch.ReturnRequest;
import ironshelf.dispatch.ReturnService;
import ironshelf.inspect.InspectRequest;
import ironshelf.inspect.InspectService;
import ironshelf.inspect.SeenDefect;
import ironshelf.order.OrderRequest;
import ironshelf.order.OrderRequest.LineRequest;
import ironshelf.order.OrderService;
import ironshelf.order.OrderView;
import ironshelf.order.line.OrderLineView;
import ironshelf.piece.Grade;
import ironshelf.product.ProductView;
import ironshelf.recipe.colourway.ColourwayView;
import ironshelf.shelf.StepService;
import ironshelf.workshop.ShopClock;
import jakarta.persistence.EntityManager;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * The weeks behind the demo: each has an order that is poured, taken out, finished, packed and
 * sent, by the application's own acts at the moments when they were done.
 */
@Component
class DemoSeason {

  /** What one week was poured for. */
  private record Week(String customer, List<Part> parts) {}

  private record Part(ProductView product, ColourwayView colourway, int copies, double outAfterH) {}

  /** The last two weeks are told by {@link DemoPours}. */
  private static final int LAST_WEEK = 3;

  private static final int FIRST_NUMBER = 120;

  private static final Map<String, String> ADDRESSES =
      Map.of(
          "Osier and Tide", "11 Staithe Street\nOsierton",
          "Mudflat Strength Room", "Unit 3, Slipway Yard\nOsierton",
          "Ferry Lane Goods", "4 Ferry Lane\nReedmouth",
          "The Heron Rooms, refit", "Heron Quay\nReedmouth");

  private final CustomerService customers;
  private final OrderService orders;
  private final DemoPours pours;
  private final DemoStore store;
  private final StepService steps;
  private final InspectService inspections;
  private final DispatchService dispatches;
  private final ReturnService returns;
  private final ShopClock clock;
  private final EntityManager entities;

  DemoSeason(
      CustomerService customers,
      OrderService orders,
      DemoPours pours,
      DemoStore store,
      StepService steps,
      InspectService inspections,
      DispatchService dispatches,
      ReturnService returns,
      ShopClock clock,
      EntityManager entities) {
    this.customers = customers;
    this.orders = orders;
    this.pours = pours;
    this.store = store;
    this.steps = steps;
    this.inspections = inspections;
    this.dispatches = dispatches;
    this.returns = returns;
    this.clock = clock;
    this.entities = entities;
  }

  void work(DemoCatalogue.Goods goods, ColourwayView smoke, Instant now, int weeks) {
    List<Week> kinds = kinds(goods, smoke);
    LocalDate today = now.atZone(clock.getZone()).toLocalDate();
    for (int ago = weeks; ago >= LAST_WEEK; ago--) {
      LocalDate monday = today.minusWeeks(ago);
      week(kinds.get(ago % kinds.size()), monday, weeks - ago, now);
      // A season is thousands of rows; none of them is needed again.
      entities.flush();
      entities.clear();
    }
    quote(goods, today);
  }

  /** Somebody has asked, and nothing is promised yet. */
  private void quote(DemoCatalogue.Goods g, LocalDate today) {
    long customerId =
        customers.named(new CustomerRequest("Quayside Tables", "2 Quayside\nOsierton", null)).id();
    orders.place(
        new OrderRequest(
            null,
            customerId,
            today.minusDays(1),
            today.plusDays(40),
            "for the terrace; asks about frost",
            true,
            List.of(line(new Part(g.boatStone(), g.rough(), 14, 40)))));
  }

  private static List<Week> kinds(DemoCatalogue.Goods g, ColourwayView smoke) {
    return List.of(
        new Week(
            "Osier and Tide",
            List.of(new Part(g.bowl(), g.chalk(), 5, 4), new Part(g.cup(), g.clay(), 8, 4))),
        new Week(
            "Mudflat Strength Room",
            List.of(new Part(g.stone(), g.rough(), 2, 40), new Part(g.hexTile(), smoke, 4, 40))),
        new Week(
            "Ferry Lane Goods",
            List.of(new Part(g.vase(), g.chalk(), 4, 4), new Part(g.tray(), g.clay(), 4, 4))),
        new Week(
            "The Heron Rooms, refit",
            List.of(
                new Part(g.lantern(), g.slate(), 2, 4),
                new Part(g.boatStone(), g.rough(), 2, 40))));
  }

  private void week(Week week, LocalDate monday, int no, Instant now) {
    // Every fourth week was promised too early.
    boolean late = no % 4 == 2;
    long customerId =
        customers
            .named(new CustomerRequest(week.customer(), ADDRESSES.get(week.customer()), null))
            .id();
    OrderView order =
        orders.place(
            new OrderRequest(
                String.valueOf(FIRST_NUMBER + no),
                customerId,
                monday.minusDays(8),
                monday.plusDays(late ? 9 : 20),
                null,
                false,
                week.parts().stream().map(DemoSeason::line).toList()));
    Instant ready = null;
    List<Long> first = List.of();
    for (int i = 0; i < week.parts().size(); i++) {
      Part part = week.parts().get(i);
      OrderLineView line = order.lines().get(i);
      Instant at = at(monday.plusDays(i), LocalTime.of(8, 30));
      store.refill(at.minus(Duration.ofDays(1)), no);
      String scrap = no % 5 == 3 && i == 0 ? "thin side: the core was not centred" : null;
      List<List<Long>> groups = new ArrayList<>();
      groups.add(poured(part, line.id(), at, part.copies(), scrap));
      if (scrap != null) {
        // One more for the one that was lost, the first morning that its copy is empty.
        long days = (long) Math.ceil(part.outAfterH() / 24.0);
        groups.add(poured(part, line.id(), at.plus(Duration.ofDays(days)), 1, null));
      }
      for (List<Long> pieces : groups) {
        Instant done = finish(pieces, no, i, now);
        ready = ready == null || done.isAfter(ready) ? done : ready;
      }
      first = first.isEmpty() ? groups.get(0) : first;
    }
    send(order, requireNonNull(ready), no, first, now);
  }

  private void send(OrderView order, Instant ready, int no, List<Long> pieces, Instant now) {
    Instant at = ready.plus(Duration.ofHours(20));
    if (!at.isBefore(now.minus(Duration.ofDays(1)))) {
      return;
    }
    clock.during(
        at,
        () ->
            dispatches.send(
                UUID.randomUUID().toString(),
                order.id(),
                new PackRequest(null, "van", Double.NaN, Double.NaN)));
    if (no == 4) {
      clock.during(
          at.plus(Duration.ofDays(6)),
          () ->
              returns.take(
                  UUID.randomUUID().toString(),
                  new ReturnRequest(pieces.get(0), "foot chipped in transport", false, false)));
    }
  }

  private List<Long> poured(
      Part part, long lineId, Instant at, int copies, @Nullable String scrapReason) {
    return pours.done(
        part.product(), part.colourway(), lineId, at, 0, copies, part.outAfterH(), scrapReason);
  }

  /** Does all that is to be done to pieces that were poured together; gives when they were. */
  private Instant finish(List<Long> pieces, int no, int part, Instant until) {
    pours.goOn(pieces, until, Effect.GRADES);
    List<Long> rest = pieces;
    Gate gate = steps.next(pieces.get(0)).orElse(null);
    if (gate != null && gate.kind().has(Effect.GRADES) && no % 3 == 1 && part == 0) {
      inspect(pieces.get(0), no, gate.earliest().plus(Duration.ofMinutes(9)));
      pours.goOn(pieces.subList(0, 1), until, null);
      rest = pieces.subList(1, pieces.size());
    }
    if (!rest.isEmpty()) {
      pours.goOn(rest, until, null);
    }
    return gate == null ? until : gate.earliest().plus(Duration.ofHours(1));
  }

  private void inspect(long pieceId, int no, Instant at) {
    SeenDefect seen =
        no % 2 == 0
            ? new SeenDefect(Defect.PINHOLES, 0.6, 0.4)
            : new SeenDefect(Defect.VOID_UNDER_LIP, -0.7, 0.92);
    clock.during(
        at,
        () ->
            inspections.inspect(
                UUID.randomUUID().toString(),
                pieceId,
                new InspectRequest(Grade.FIRST, null, List.of(seen), null, null, null, null)));
  }

  private Instant at(LocalDate date, LocalTime time) {
    return date.atTime(time).atZone(clock.getZone()).toInstant();
  }

  private static LineRequest line(Part part) {
    return new LineRequest(
        null, part.product().id(), part.colourway().id(), part.copies(), null, null, null);
  }
}
