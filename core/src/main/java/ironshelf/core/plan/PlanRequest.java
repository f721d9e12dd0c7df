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
 * A request for a plan (docs/method/plan.md).
 *
 * @param start no work begins before it
 * @param people who work at once, 1 to 50 (1)
 * @param demands up to 2 000, of 20 000 casts together
 * @param secondsToSearch for a better plan than the first, 0 to 60 (0)
 * @param begun casts in their moulds or on their routes, up to 5 000
 * @param pinned casts that stay where they were put, up to 5 000
 * @param mixers one mix at a time in each, up to 20; none: each cast is a mix by itself
 * @param recipes of products that are mixed together with others, up to 2 000
 * @param hourWeighs late days of weight 1 that an hour of attended work is worth, 0 to 100 (0: work
 *     is saved only where no day is lost by it)
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
    @Nullable List<PinnedCast> pinned,
    @Nullable List<PlanMixer> mixers,
    @Nullable List<PlanRecipe> recipes,
    @WhenMissing("0") double hourWeighs) {

  /** The most casts of a request: more can be neither overseen nor searched. */
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

    /** Returns the number of casts for so many pieces. */
    public int castsFor(int pieces) {
      return (pieces + cavities - 1) / cavities;
    }

    /** Returns how often all copies must be filled for so many casts. */
    public long roundsFor(int casts) {
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
   * @param route at least one step, with one that frees the mould; of a product with a recipe the
   *     first one is the filling of one cast alone
   * @param recipe that it is mixed by, one of the request's; null: each cast is mixed by itself
   * @param litresPerCast of mix, up to 5 000 (0)
   * @param notBefore no cast is filled before it; null: at once
   * @param waitsFor what comes by then, for the answer; null: not named
   */
  public record PlanProduct(
      String product,
      String mould,
      @Nullable String colour,
      @WhenMissing("0") double shade,
      @Nullable String binder,
      List<PlanStep> route,
      @Nullable String recipe,
      @WhenMissing("0") double litresPerCast,
      @Nullable LocalDateTime notBefore,
      @Nullable String waitsFor) {

    /** Creates a product whose casts are mixed one by one. */
    public PlanProduct(
        String product,
        String mould,
        @Nullable String colour,
        double shade,
        @Nullable String binder,
        List<PlanStep> route) {
      this(product, mould, colour, shade, binder, route, null, 0, null, null);
    }

    /** Returns the same product on another route, or not before another time. */
    public PlanProduct with(
        List<PlanStep> other, @Nullable String what, @Nullable LocalDateTime until) {
      return new PlanProduct(
          product, mould, colour, shade, binder, other, recipe, litresPerCast, until, what);
    }

    public PlanProduct {
      litresPerCast = Double.isNaN(litresPerCast) ? 0 : litresPerCast;
      shade = Double.isNaN(shade) ? 0 : shade;
      Findings findings =
          new Findings()
              .text("product", product, 80)
              .text("mould", mould, 80)
              .within("shade", shade, 0, 1_000)
              .within("litresPerCast", litresPerCast, 0, 5_000)
              .list("route", route, 40);
      boolean frees = route != null && route.stream().anyMatch(s -> s != null && s.freesMould());
      findings
          .addIf(!frees, FindingCode.PLAN_MOULD_KEPT, "route", Map.of("value", product + ""))
          .orRefuse();
      route = List.copyOf(route);
    }
  }

  /**
   * A mixer: one mix is in it at a time.
   *
   * @param litres that it mixes at most, over 0 and up to 5 000
   */
  public record PlanMixer(String mixer, double litres) {
    public PlanMixer {
      new Findings().text("mixer", mixer, 80).above("litres", litres, 0, 5_000).orRefuse();
    }
  }

  /**
   * The work that a mix of a recipe takes, whatever its colour.
   *
   * @param mixMin to prepare, weigh and mix it, before the first cast is filled, 0 to 1 440
   * @param workingMin within which it is mixed and all its casts are filled; null: not bound
   * @param leastL that can be mixed; less is mixed as that (0)
   * @param packL one whole pack makes so much; mixes are whole packs of it (0: any amount)
   * @param washMin of tools and mixer after each mix (0)
   * @param washDarkToLightMin in place of that where a lighter mix follows the same day; null: the
   *     same
   */
  public record PlanRecipe(
      String recipe,
      double mixMin,
      @Nullable Double workingMin,
      @WhenMissing("0") double leastL,
      @WhenMissing("0") double packL,
      @WhenMissing("0") double washMin,
      @Nullable Double washDarkToLightMin) {
    public PlanRecipe {
      leastL = Double.isNaN(leastL) ? 0 : leastL;
      packL = Double.isNaN(packL) ? 0 : packL;
      washMin = Double.isNaN(washMin) ? 0 : washMin;
      new Findings()
          .text("recipe", recipe, 80)
          .within("mixMin", mixMin, 0, 1_440)
          .within("workingMin", workingMin == null ? 1 : workingMin, 1, 100_000)
          .within("leastL", leastL, 0, 5_000)
          .within("packL", packL, 0, 5_000)
          .within("washMin", washMin, 0, 1_440)
          .within(
              "washDarkToLightMin", washDarkToLightMin == null ? 0 : washDarkToLightMin, 0, 1_440)
          .orRefuse();
    }

    /** Returns the additional minutes of washing where a lighter mix follows. */
    public double moreWashMin() {
      return washDarkToLightMin == null ? 0 : Math.max(0, washDarkToLightMin - washMin);
    }
  }

  /**
   * Says that pieces become parts of others, which wait for them at a joining step.
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
   * Pieces of a product that are wanted by a day.
   *
   * @param weight how much a day late counts, over 0 and up to 1 000 (1)
   * @param feeds what takes these pieces as parts; they are not late by themselves then; null: none
   * @param promised whether its late days come before those of all that is not promised (false)
   */
  public record Demand(
      String order,
      String product,
      int quantity,
      LocalDate due,
      @WhenMissing("1") double weight,
      @Nullable Feed feeds,
      @Nullable Boolean promised) {

    /** Creates a demand that is not promised. */
    public Demand(
        String order,
        String product,
        int quantity,
        LocalDate due,
        double weight,
        @Nullable Feed feeds) {
      this(order, product, quantity, due, weight, feeds, null);
    }

    /** Returns the same demand for another quantity. */
    public Demand ofQuantity(int other) {
      return new Demand(order, product, other, due, weight, feeds, promised);
    }

    /** Tests whether it is promised. */
    public boolean isPromised() {
      return Boolean.TRUE.equals(promised);
    }

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

  /** Creates a request in which each cast is mixed by itself. */
  public PlanRequest(
      LocalDateTime start,
      OpenHours calendar,
      int people,
      List<PlanMould> moulds,
      @Nullable List<PlanStation> stations,
      List<PlanProduct> products,
      List<Demand> demands,
      double secondsToSearch,
      @Nullable List<BegunCast> begun,
      @Nullable List<PinnedCast> pinned) {
    this(
        start,
        calendar,
        people,
        moulds,
        stations,
        products,
        demands,
        secondsToSearch,
        begun,
        pinned,
        null,
        null,
        0);
  }

  public PlanRequest {
    hourWeighs = Double.isNaN(hourWeighs) ? 0 : hourWeighs;
    mixers = mixers == null ? List.of() : List.copyOf(mixers);
    recipes = recipes == null ? List.of() : List.copyOf(recipes);
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
        .within("hourWeighs", hourWeighs, 0, 100)
        .within("begun.length", begun.size(), 0, MOST_BEGUN)
        .within("pinned.length", pinned.size(), 0, MOST_BEGUN)
        .within("mixers.length", mixers.size(), 0, 20)
        .within("recipes.length", recipes.size(), 0, MOST_NAMES)
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
    PlanNames.unfit(calendar, moulds, stations, products, demands, begun, pinned, mixers, recipes)
        .orRefuse();
  }

  /** Checks a list that may be empty: a shop without demands has a plan too. */
  private static void maybe(Findings findings, String field, List<?> entries) {
    if (!entries.isEmpty()) {
      findings.list(field, entries, MOST_NAMES);
    }
  }

  /** Creates a request with nothing begun, nothing pinned, and no search. */
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

  /** Starts to build a request that differs in some of its parts. */
  public PlanChange change() {
    return new PlanChange(this);
  }
}
