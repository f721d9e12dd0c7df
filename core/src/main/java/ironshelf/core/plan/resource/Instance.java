package ironshelf.core.plan.resource;

import ironshelf.core.plan.Feeding;
import ironshelf.core.plan.Horizon;
import ironshelf.core.plan.PinnedCast;
import ironshelf.core.plan.PlanRequest;
import ironshelf.core.plan.PlanRequest.Demand;
import ironshelf.core.plan.PlanRequest.PlanMixer;
import ironshelf.core.plan.PlanRequest.PlanMould;
import ironshelf.core.plan.PlanRequest.PlanProduct;
import ironshelf.core.plan.PlanRequest.PlanRecipe;
import ironshelf.core.plan.PlanStep;
import java.time.Duration;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/** A request with its names replaced by numbers, prepared once for any number of schedules. */
public final class Instance {

  /** A demand as it is scheduled. */
  public record Line(
      int product,
      int mould,
      int cavities,
      int casts,
      int quantity,
      long dueDay,
      double weight,
      boolean isPart,
      boolean isPromised,
      int releaseMin) {}

  /** A pinned cast with the number of its demand. */
  public record Pin(int demand, int copy, int pourMin, LocalDateTime pourAt, int no) {}

  /** Stands for no family: casts that are mixed one by one. */
  public static final int NONE = -1;

  public final PlanRequest request;
  public final Map<String, Integer> stationNos = new HashMap<>();
  public final List<List<Activity>> activities = new ArrayList<>();
  public final List<PlanProduct> products;
  public final List<PlanMould> moulds;
  public final Map<String, Integer> mouldNos = new HashMap<>();
  public final List<Line> lines = new ArrayList<>();
  public final List<Pin> pins = new ArrayList<>();
  public final Feeding feeding;
  public final List<Family> families = new ArrayList<>();
  private final List<List<Activity.Stay>> setsIn = new ArrayList<>();
  private final List<Integer> familyOfProduct = new ArrayList<>();
  private final List<List<Integer>> byMould = new ArrayList<>();
  private final Map<Integer, Integer> takers = new HashMap<>();
  private final int startOfDayMin;
  private final boolean hasPromises;
  private final boolean hasWindows;

  public Instance(PlanRequest request) {
    this.request = request;
    products = request.products();
    moulds = request.moulds();
    startOfDayMin = request.start().toLocalTime().toSecondOfDay() / 60;
    IntStream.range(0, request.stations().size())
        .forEach(i -> stationNos.put(request.stations().get(i).station(), i));
    IntStream.range(0, moulds.size()).forEach(i -> mouldNos.put(moulds.get(i).mould(), i));
    Map<String, Integer> productNos = new HashMap<>();
    for (PlanProduct product : products) {
      productNos.put(product.product(), activities.size());
      int family = family(product.recipe(), product.colour(), product.shade());
      familyOfProduct.add(family);
      List<Activity> own = activities(product.route());
      activities.add(family == NONE ? own : Activity.inBatch(own));
      setsIn.add(
          own.size() < 2
              ? List.of()
              : own.get(1).stays().stream().filter(s -> s.station() != Activity.NOWHERE).toList());
    }
    for (Demand demand : request.demands()) {
      int product = productNos.get(demand.product());
      int mould = mouldNos.get(products.get(product).mould());
      int cavities = moulds.get(mould).cavities();
      lines.add(
          new Line(
              product,
              mould,
              cavities,
              moulds.get(mould).castsFor(demand.quantity()),
              demand.quantity(),
              ChronoUnit.DAYS.between(request.start().toLocalDate(), demand.due()),
              demand.weight(),
              demand.feeds() != null,
              demand.isPromised(),
              releaseMin(products.get(product))));
    }
    moulds.forEach(m -> byMould.add(new ArrayList<>()));
    Map<String, Integer> byOrder = new HashMap<>();
    for (int d = 0; d < lines.size(); d++) {
      byMould.get(lines.get(d).mould()).add(d);
      byOrder.put(request.demands().get(d).order(), d);
    }
    for (int d = 0; d < lines.size(); d++) {
      PlanRequest.Feed feeds = request.demands().get(d).feeds();
      if (feeds != null && byOrder.containsKey(feeds.into())) {
        takers.put(d, byOrder.get(feeds.into()));
      }
    }
    hasPromises = lines.stream().anyMatch(Line::isPromised);
    hasWindows = activities.stream().anyMatch(r -> r.stream().anyMatch(a -> a.window() != null));
    feeding = new Feeding(request.demands(), request.begun());
    pin(request.pinned());
  }

  /** Returns the minute from which a product can be filled. */
  private int releaseMin(PlanProduct product) {
    return product.notBefore() == null ? 0 : Math.max(0, minute(product.notBefore()));
  }

  /** Assigns pins to demands, as many as a demand has casts; the others are dropped. */
  private void pin(List<PinnedCast> pinned) {
    int[] left = lines.stream().mapToInt(Line::casts).toArray();
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

  /** Converts a route to activities. */
  public List<Activity> activities(List<PlanStep> route) {
    return Activity.of(
        route,
        stationNos,
        mix -> {
          int family = family(mix.recipe(), mix.colour(), mix.shade());
          return family == NONE ? null : new Activity.Later(families.get(family), mix.litres());
        });
  }

  private int family(@Nullable String recipe, @Nullable String ownColour, double shade) {
    if (recipe == null || request.mixers().isEmpty()) {
      return NONE;
    }
    String colour = ownColour == null ? "" : ownColour;
    for (int f = 0; f < families.size(); f++) {
      if (families.get(f).recipe().equals(recipe) && families.get(f).colour().equals(colour)) {
        return f;
      }
    }
    PlanRecipe rules =
        request.recipes().stream().filter(r -> r.recipe().equals(recipe)).findFirst().orElseThrow();
    double largest = request.mixers().stream().mapToDouble(PlanMixer::litres).max().orElseThrow();
    families.add(
        new Family(
            recipe,
            colour,
            shade,
            rules,
            largest,
            request.calendar().minutesADay(),
            request.people()));
    return families.size() - 1;
  }

  /**
   * Returns the number of a demand's family; {@link #NONE} where its casts are mixed one by one.
   */
  public int familyOf(int demand) {
    return familyOfProduct.get(lines.get(demand).product());
  }

  /** Returns the demand that takes the pieces of another as parts; null where none does. */
  public @Nullable Integer takerOf(int demand) {
    return takers.get(demand);
  }

  /** Tests whether any activity has a window. */
  public boolean hasWindows() {
    return hasWindows;
  }

  /** Tests whether any demand is promised. */
  public boolean hasPromises() {
    return hasPromises;
  }

  /** Returns the last minute of a day. */
  public long endOfDay(long day) {
    return (day + 1) * Horizon.DAY_MIN - startOfDayMin - 1;
  }

  /** Returns the demands that are cast in a mould. */
  public List<Integer> demandsOfMould(int mould) {
    return byMould.get(mould);
  }

  public double litresOf(int demand) {
    return products.get(lines.get(demand).product()).litresPerCast();
  }

  /** Returns the minutes to fill one cast of a demand. */
  public int fillMin(int demand) {
    return activitiesOf(lines.get(demand)).get(0).workMin();
  }

  /** Tests whether casts of a family fit one mix, each with a copy of its own. */
  public boolean isOneMix(List<Integer> casts) {
    Family family = families.get(familyOf(casts.get(0)));
    int[] copies = new int[moulds.size()];
    double litres = 0;
    List<Integer> minutes = new ArrayList<>();
    for (int demand : casts) {
      int mould = lines.get(demand).mould();
      if (++copies[mould] > moulds.get(mould).copies()) {
        return false;
      }
      litres += litresOf(demand);
      minutes.add(fillMin(demand));
    }
    return family.isOneMix(litres, minutes);
  }

  /** Returns the stays in stations that directly follow the filling of a demand. */
  public List<Activity.Stay> setsIn(int demand) {
    return setsIn.get(lines.get(demand).product());
  }

  public List<Activity> activitiesOf(Line line) {
    return activities.get(line.product());
  }

  public int washMin(int mould) {
    return (int) Math.round(moulds.get(mould).washMin());
  }

  /** Returns the days from the first day of the plan to a minute. */
  public int day(int minute) {
    return Math.floorDiv(minute + startOfDayMin, Horizon.DAY_MIN);
  }

  /** Returns the days late; 0 for a part, since the piece that takes it is late instead. */
  public long lateDays(Line line, int readyMin) {
    return line.isPart() ? 0 : Math.max(0, day(readyMin) - line.dueDay());
  }

  public LocalDateTime at(int minute) {
    return request.start().plusMinutes(minute);
  }

  private int minute(LocalDateTime at) {
    return (int) Math.max(-1, Duration.between(request.start(), at).toMinutes());
  }
}
