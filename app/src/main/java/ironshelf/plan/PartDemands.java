package ironshelf.plan;

import ironshelf.core.plan.PlanRequest.Demand;
import ironshelf.core.plan.PlanRequest.Feed;
import ironshelf.core.route.PartWanted;
import ironshelf.core.route.Route;
import ironshelf.plan.PlanFacts.Wanted;
import ironshelf.product.ProductView;
import ironshelf.recipe.ColourwayView;
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
 * What is to be poured so that what is made of parts has them (docs/method/routes.md): spare pieces
 * are used first, whoever asks first has them; the rest is wanted through all levels.
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
  private final Map<String, Integer> counts = new HashMap<>();

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
   * Pieces that will take parts.
   *
   * @param name by which the plan knows them
   * @param line under whose name their parts are planned
   * @param fromStep the next one of their route
   * @param due when they are wanted
   */
  record Whole(String name, String line, Wanted product, int fromStep, int pieces, LocalDate due) {}

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
    Route route = routes.apply(whole.product.productId());
    if (route == null) {
      return false;
    }
    int join = 0;
    for (int i = whole.fromStep; i < route.steps().size(); i++) {
      if (!route.takesParts(i)) {
        continue;
      }
      LocalDate due = whole.due.minusDays((long) Math.ceil(route.hoursAfter(i) / HOURS_A_DAY));
      for (PartWanted part : Objects.requireNonNull(route.steps().get(i).parts())) {
        Wanted own = inColour(part.productId(), whole.product.colourwayId());
        if (own == null || !want(whole, own, part.quantity(), new Feed(whole.name, join), due)) {
          return false;
        }
      }
      join++;
    }
    return true;
  }

  private boolean want(Whole whole, Wanted part, int each, Feed feed, LocalDate due) {
    int left = spare.take(part, each * whole.pieces, feed);
    if (left == 0) {
      return true;
    }
    if (!plannable.test(part.productId())) {
      return false;
    }
    int no = counts.merge(whole.line, 1, Integer::sum);
    String name = PlanKeys.part(whole.line, no);
    demands.add(new Demand(name, part.key(), left, due, 1, feed));
    wanted.add(part);
    return want(new Whole(name, whole.line, part, 0, left, due));
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
