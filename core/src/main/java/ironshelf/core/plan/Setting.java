package ironshelf.core.plan;

import ironshelf.core.plan.PlanRequest.Demand;
import ironshelf.core.plan.PlanRequest.PlanMould;
import ironshelf.core.plan.PlanRequest.PlanProduct;
import java.time.Duration;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/** A request with its names turned into numbers, once for any number of plans of it. */
final class Setting {

  /** What one demand is laid as. */
  record Task(
      int product,
      int mould,
      int cavities,
      int casts,
      int quantity,
      long dueDay,
      double weight,
      boolean isPart) {}

  /** A cast that is pinned, by its demand. */
  record Pin(int demand, int copy, int pourMin, LocalDateTime pourAt, int no) {}

  final PlanRequest request;
  final Map<String, Integer> stationNos = new HashMap<>();
  final List<List<Leg>> legs = new ArrayList<>();
  final List<PlanProduct> products;
  final List<PlanMould> moulds;
  final Map<String, Integer> mouldNos = new HashMap<>();
  final List<Task> tasks = new ArrayList<>();
  final List<Pin> pins = new ArrayList<>();
  final Feeding feeding;
  private final int startOfDayMin;

  Setting(PlanRequest request) {
    this.request = request;
    products = request.products();
    moulds = request.moulds();
    startOfDayMin = request.start().toLocalTime().toSecondOfDay() / 60;
    IntStream.range(0, request.stations().size())
        .forEach(i -> stationNos.put(request.stations().get(i).station(), i));
    IntStream.range(0, moulds.size()).forEach(i -> mouldNos.put(moulds.get(i).mould(), i));
    Map<String, Integer> productNos = new HashMap<>();
    for (PlanProduct product : products) {
      productNos.put(product.product(), legs.size());
      legs.add(Leg.of(product.route(), stationNos));
    }
    for (Demand demand : request.demands()) {
      int product = productNos.get(demand.product());
      int mould = mouldNos.get(products.get(product).mould());
      int cavities = moulds.get(mould).cavities();
      tasks.add(
          new Task(
              product,
              mould,
              cavities,
              moulds.get(mould).castsFor(demand.quantity()),
              demand.quantity(),
              ChronoUnit.DAYS.between(request.start().toLocalDate(), demand.due()),
              demand.weight(),
              demand.feeds() != null));
    }
    feeding = new Feeding(request.demands(), request.begun());
    pin(request.pinned());
  }

  /** Pins belong to their demand as far as it has casts; what nobody wants any more is not kept. */
  private void pin(List<PinnedCast> pinned) {
    int[] left = tasks.stream().mapToInt(Task::casts).toArray();
    for (int no = 0; no < pinned.size(); no++) {
      PinnedCast pin = pinned.get(no);
      for (int d = 0; d < left.length; d++) {
        Demand demand = request.demands().get(d);
        if (left[d] > 0
            && demand.order().equals(pin.order())
            && demand.product().equals(pin.product())) {
          left[d]--;
          pins.add(new Pin(d, pin.copy(), minute(pin.pourAt()), pin.pourAt(), no));
          break;
        }
      }
    }
    // What is made of parts finds its parts laid.
    pins.sort(
        Comparator.comparingInt((Pin pin) -> feeding.levels(pin.demand()))
            .thenComparingInt(Pin::pourMin));
  }

  List<Leg> legsOf(Task task) {
    return legs.get(task.product());
  }

  int washMin(int mould) {
    return (int) Math.round(moulds.get(mould).washMin());
  }

  /** Days from the plan's first day to a minute. */
  int day(int minute) {
    return Math.floorDiv(minute + startOfDayMin, Horizon.DAY_MIN);
  }

  /** A part is not late by itself: what takes it is. */
  long lateDays(Task task, int readyMin) {
    return task.isPart() ? 0 : Math.max(0, day(readyMin) - task.dueDay());
  }

  LocalDateTime at(int minute) {
    return request.start().plusMinutes(minute);
  }

  private int minute(LocalDateTime at) {
    return (int) Math.max(-1, Duration.between(request.start(), at).toMinutes());
  }

  /**
   * Late days that no plan can go below: each demand's copies work without a break and nothing is
   * waited for (McNaughton's argument for one kind of machine).
   */
  double leastLateDays() {
    double late = 0;
    for (Task task : tasks) {
      List<Leg> own = legsOf(task);
      long rounds = moulds.get(task.mould()).roundsFor(task.casts());
      long held = Leg.leastMin(own, true) + washMin(task.mould());
      long ready = (rounds - 1) * held + Leg.leastMin(own, false);
      late += task.weight() * lateDays(task, Horizon.refuseBeyond(ready));
    }
    return late;
  }
}
