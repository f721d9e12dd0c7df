package ironshelf.core.plan;

import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.Findings;
import ironshelf.core.quantity.WhenMissing;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * What is to be planned (handbook 2-5).
 *
 * @param start no work begins before it
 * @param people who work at once, 1 to 50 (1)
 * @param demands up to 2 000, of 20 000 casts together
 * @param secondsToSearch for a better plan than the first, 0 to 60 (0)
 * @param begun what is in its mould or on its way, up to 5 000
 * @param pinned casts that stay where they were put, up to 5 000
 */
public record PlanRequest(
    LocalDateTime start,
    OpenHours calendar,
    @WhenMissing("1") int people,
    List<PlanMould> moulds,
    @Nullable List<PlanStation> stations,
    List<PlanProduct> products,
    List<Demand> demands,
    @WhenMissing("0") double secondsToSearch,
    @Nullable List<BegunCast> begun,
    @Nullable List<PinnedCast> pinned) {

  /** A plan of more is no longer laid by hand or by search. */
  public static final int MOST_CASTS = 20_000;

  private static final int MOST_BEGUN = 5_000;
  private static final int MOST_NAMES = 2_000;

  /**
   * A mould and how many copies of it there are.
   *
   * @param cavities pieces a cast (1)
   * @param washMin after each cast before it can be filled again (0)
   */
  public record PlanMould(
      String mould, int copies, @WhenMissing("1") int cavities, @WhenMissing("0") double washMin) {
    public PlanMould {
      cavities = cavities == 0 ? 1 : cavities;
      washMin = Double.isNaN(washMin) ? 0 : washMin;
      new Findings()
          .text("mould", mould, 80)
          .within("copies", copies, 1, 1_000)
          .within("cavities", cavities, 1, 500)
          .within("washMin", washMin, 0, 1_440)
          .orRefuse();
    }

    /** How many casts so many pieces take. */
    int castsFor(int pieces) {
      return (pieces + cavities - 1) / cavities;
    }

    /** How often all copies must be filled for so many casts. */
    long roundsFor(int casts) {
      return (casts + copies - 1L) / copies;
    }
  }

  /** A station and how many pieces it holds. */
  public record PlanStation(String station, int capacity) {
    public PlanStation {
      new Findings()
          .text("station", station, 40)
          .within("capacity", capacity, 1, 1_000_000)
          .orRefuse();
    }
  }

  /**
   * A product.
   *
   * @param shade 0 for the lightest; of one day the light ones are poured first (0)
   * @param binder of its mix; an opened bag is not left idle for long; null: not counted
   * @param route at least one step, with one that frees the mould
   */
  public record PlanProduct(
      String product,
      String mould,
      @Nullable String colour,
      @WhenMissing("0") double shade,
      @Nullable String binder,
      List<PlanStep> route) {
    public PlanProduct {
      shade = Double.isNaN(shade) ? 0 : shade;
      Findings findings =
          new Findings()
              .text("product", product, 80)
              .text("mould", mould, 80)
              .within("shade", shade, 0, 1_000)
              .list("route", route, 40);
      boolean frees = route != null && route.stream().anyMatch(s -> s != null && s.freesMould());
      findings
          .addIf(!frees, FindingCode.PLAN_MOULD_KEPT, "route", Map.of("value", product + ""))
          .orRefuse();
      route = List.copyOf(route);
    }
  }

  /**
   * That pieces become parts of others: those wait for them at a joining step.
   *
   * @param into name of an order that is no other's, or of what has begun
   * @param join which of its joining steps, from 0
   */
  public record Feed(String into, int join) {
    public Feed {
      new Findings().text("into", into, 80).within("join", join, 0, 40).orRefuse();
    }
  }

  /**
   * What is wanted.
   *
   * @param weight how much a day late counts, over 0 and up to 1 000 (1)
   * @param feeds what takes these pieces as parts; they are not late by themselves then; null: none
   */
  public record Demand(
      String order,
      String product,
      int quantity,
      LocalDate due,
      @WhenMissing("1") double weight,
      @Nullable Feed feeds) {
    public Demand {
      weight = Double.isNaN(weight) ? 1 : weight;
      new Findings()
          .text("order", order, 80)
          .text("product", product, 80)
          .within("quantity", quantity, 1, 100_000)
          .present("due", due)
          .above("weight", weight, 0, 1_000)
          .orRefuse();
    }
  }

  public PlanRequest {
    people = people == 0 ? 1 : people;
    secondsToSearch = Double.isNaN(secondsToSearch) ? 0 : secondsToSearch;
    stations = stations == null ? List.of() : List.copyOf(stations);
    begun = begun == null ? List.of() : List.copyOf(begun);
    pinned = pinned == null ? List.of() : List.copyOf(pinned);
    new Findings()
        .present("start", start)
        .present("calendar", calendar)
        .within("people", people, 1, 50)
        .within("secondsToSearch", secondsToSearch, 0, 60)
        .within("begun.length", begun.size(), 0, MOST_BEGUN)
        .within("pinned.length", pinned.size(), 0, MOST_BEGUN)
        .present("moulds", moulds)
        .present("products", products)
        .present("demands", demands)
        .orRefuse();
    Findings entries = new Findings();
    maybe(entries, "moulds", moulds);
    maybe(entries, "products", products);
    maybe(entries, "demands", demands);
    entries.orRefuse();
    moulds = List.copyOf(moulds);
    products = List.copyOf(products);
    demands = List.copyOf(demands);
    PlanNames.unfit(calendar, moulds, stations, products, demands, begun, pinned).orRefuse();
  }

  /** A list that may be empty; a shop in which nothing is asked for has a plan too. */
  private static void maybe(Findings findings, String field, List<?> entries) {
    if (!entries.isEmpty()) {
      findings.list(field, entries, MOST_NAMES);
    }
  }

  /** One with nothing begun, nothing pinned, and no search. */
  public static PlanRequest fresh(
      LocalDateTime start,
      OpenHours calendar,
      int people,
      List<PlanMould> moulds,
      List<PlanStation> stations,
      List<PlanProduct> products,
      List<Demand> demands) {
    return new PlanRequest(
        start, calendar, people, moulds, stations, products, demands, 0, null, null);
  }

  /** The same with other demands. */
  public PlanRequest wanting(List<Demand> others) {
    return new PlanRequest(
        start,
        calendar,
        people,
        moulds,
        stations,
        products,
        others,
        secondsToSearch,
        begun,
        pinned);
  }

  /** The same with other casts pinned. */
  public PlanRequest pinning(List<PinnedCast> others) {
    return new PlanRequest(
        start,
        calendar,
        people,
        moulds,
        stations,
        products,
        demands,
        secondsToSearch,
        begun,
        others);
  }

  /** The same with so many more copies of a mould. */
  public PlanRequest withCopies(String mould, int more) {
    return new PlanRequest(
        start,
        calendar,
        people,
        moulds.stream()
            .map(
                m ->
                    m.mould().equals(mould)
                        ? new PlanMould(mould, m.copies() + more, m.cavities(), m.washMin())
                        : m)
            .toList(),
        stations,
        products,
        demands,
        secondsToSearch,
        begun,
        pinned);
  }
}
