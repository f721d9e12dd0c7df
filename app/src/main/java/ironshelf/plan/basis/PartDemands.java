package ironshelf.plan.basis;

import ironshelf.core.plan.PlanRequest.Demand;
import ironshelf.core.plan.PlanRequest.Feed;
import ironshelf.core.route.PartWanted;
import ironshelf.core.route.Route;
import ironshelf.plan.basis.PlanFacts.Wanted;
import ironshelf.product.ProductView;
import ironshelf.recipe.colourway.ColourwayView;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.Function;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;

/**
 * What is to be poured so that what is made of parts has them, and each time that a piece is poured
 * again (docs/method/routes.md): spare pieces are used first, whoever asks first has them; the rest
 * is wanted through all levels.
 */
final class PartDemands {

  private static final double HOURS_A_DAY = 24;

  private final Map<Long, ProductView> products;
  private final Collection<ColourwayView> colourways;
  private final Function<Long, @Nullable Route> routes;
  private final Predicate<Long> plannable;
  private final SpareParts spare;

  /** What was found so far. */
  private final List<Demand> demands = new ArrayList<>();

  private final List<Wanted> wanted = new ArrayList<>();

  /** How many demands each line has here, so that its names are the same the next time. */
  private final Map<Long, Integer> counts = new HashMap<>();

  /**
   * @param routes of products, with their waits filled in
   * @param plannable whether pieces of a product can be poured at all
   */
  PartDemands(
      Map<Long, ProductView> products,
      Collection<ColourwayView> colourways,
      Function<Long, @Nullable Route> routes,
      Predicate<Long> plannable,
      SpareParts spare) {
    this.products = products;
    this.colourways = colourways;
    this.routes = routes;
    this.plannable = plannable;
    this.spare = spare;
  }

  /**
   * Pieces that are to go on.
   *
   * @param begun the name of what they are in, if they have begun; an order's have not
   * @param demand what they are for; their parts and other pours are for its line as well
   * @param route that they go
   * @param fromStep the next one of it
   * @param due when they are wanted
   */
  record Whole(
      @Nullable String begun,
      DemandName demand,
      Wanted product,
      Route route,
      int fromStep,
      int pieces,
      LocalDate due) {

    /** Pieces that are to be poured for a line. */
    static Whole of(DemandName demand, Wanted product, Route route, int pieces, LocalDate due) {
      return new Whole(null, demand, product, route, 1, pieces, due);
    }

    /** Where each stretch begins that a pour begins: from here on, and each later pour. */
    private List<Integer> starts() {
      List<Integer> starts = new ArrayList<>(List.of(fromStep));
      route.pours().stream().filter(p -> p > 0 && p >= fromStep).forEach(starts::add);
      return starts;
    }

    /**
     * What the plan calls a stretch of so many: an order has the last one, what has begun is the
     * first.
     */
    private String name(int stretch, int of) {
      Integer earlier = stretch == of - 1 ? null : stretch;
      if (begun == null) {
        return demand.at(earlier).toString();
      }
      return stretch == 0 ? begun : demand.after(begun, earlier).toString();
    }

    private LocalDate dueAt(int stepNo) {
      return due.minusDays((long) Math.ceil(route.hoursAfter(stepNo) / HOURS_A_DAY));
    }
  }

  /** Adds what they want; nothing of it, and false, where a part can be neither had nor poured. */
  boolean add(Whole whole) {
    int demandsBefore = demands.size();
    int wantedBefore = wanted.size();
    spare.mark();
    if (want(whole)) {
      return true;
    }
    spare.backToMark();
    demands.subList(demandsBefore, demands.size()).clear();
    wanted.subList(wantedBefore, wanted.size()).clear();
    return false;
  }

  private boolean want(Whole whole) {
    List<Integer> starts = whole.starts();
    pourAgain(whole, starts);
    for (int s = 0; s < starts.size(); s++) {
      String into = whole.name(s, starts.size());
      int end = s + 1 < starts.size() ? starts.get(s + 1) : whole.route.steps().size();
      // A later pour is a joining step itself: it takes what it is poured onto.
      int join = s == 0 ? 0 : 1;
      for (int i = starts.get(s); i < end; i++) {
        if (whole.route.takesParts(i)) {
          if (!want(whole, i, new Feed(into, join))) {
            return false;
          }
          join++;
        }
      }
    }
    return true;
  }

  /** Demands for the other pours of a whole: each feeds the one after it. */
  private void pourAgain(Whole whole, List<Integer> starts) {
    int count = starts.size();
    int pours = whole.route.pours().size();
    for (int s = 0; s < count; s++) {
      boolean last = s == count - 1;
      Feed next = last ? null : new Feed(whole.name(s + 1, count), 0);
      if (whole.begun != null && s == 0) {
        if (next != null) {
          spare.feed(whole.begun, next);
        }
      } else if (whole.begun != null || !last) {
        demands.add(
            new Demand(
                whole.name(s, count),
                ProductName.of(whole.product, pours - count + s, pours).toString(),
                whole.pieces,
                last ? whole.due : whole.dueAt(starts.get(s + 1)),
                1,
                next));
        wanted.add(whole.product);
      }
    }
  }

  private boolean want(Whole whole, int stepNo, Feed feed) {
    for (PartWanted part : Objects.requireNonNull(whole.route.steps().get(stepNo).parts())) {
      Wanted own = inColour(part.productId(), whole.product.colourwayId());
      if (own == null || !want(whole, own, part.quantity(), feed, whole.dueAt(stepNo))) {
        return false;
      }
    }
    return true;
  }

  private boolean want(Whole whole, Wanted part, int each, Feed feed, LocalDate due) {
    int left = spare.take(part, each * whole.pieces, feed);
    if (left == 0) {
      return true;
    }
    Route route = routes.apply(part.productId());
    if (route == null || !plannable.test(part.productId())) {
      return false;
    }
    long lineId = whole.demand.lineId();
    DemandName name = DemandName.part(lineId, counts.merge(lineId, 1, Integer::sum));
    demands.add(new Demand(name.toString(), ProductName.of(part).toString(), left, due, 1, feed));
    wanted.add(part);
    return want(Whole.of(name, part, route, left, due));
  }

  /**
   * The colourway in which a part is made: the whole's own where the part can be had in it, else
   * one of that name, else its first; null where it has none.
   */
  private @Nullable Wanted inColour(long productId, long wholeColourwayId) {
    ProductView part = products.get(productId);
    if (part == null) {
      return null;
    }
    String name =
        colourways.stream()
            .filter(c -> c.id() == wholeColourwayId)
            .map(ColourwayView::name)
            .findFirst()
            .orElse("");
    return part
        .offered(colourways.stream().filter(c -> c.recipeId() == part.recipeId()).toList())
        .stream()
        .min(
            Comparator.<ColourwayView>comparingInt(
                    c -> c.id() == wholeColourwayId ? 0 : c.name().equals(name) ? 1 : 2)
                .thenComparing(ColourwayView::id))
        .map(c -> new Wanted(productId, c.id()))
        .orElse(null);
  }

  List<Demand> demands() {
    return List.copyOf(demands);
  }

  /** What that which has begun feeds, by its name. */
  List<Feed> feedsOf(String begun) {
    return spare.feedsOf(begun);
  }

  /** The parts that are to be poured, by product and colourway. */
  List<Wanted> wanted() {
    return List.copyOf(wanted);
  }
}
