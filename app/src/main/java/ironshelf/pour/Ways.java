package ironshelf.pour;

import ironshelf.core.route.Gate;
import ironshelf.core.route.Route;
import ironshelf.core.route.Stand;
import ironshelf.cure.CureService;
import ironshelf.piece.LivePiece;
import ironshelf.pour.record.PourFacts;
import ironshelf.product.ProductService;
import ironshelf.product.ProductView;
import ironshelf.recipe.RecipeService;
import ironshelf.recipe.RecipeView;
import ironshelf.route.RouteService;
import ironshelf.route.RouteView;
import java.time.Instant;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** The routes that pieces go, with their recipes' own waits filled in. */
@Component
public class Ways {

  private final RouteService routes;
  private final ProductService products;
  private final RecipeService recipes;

  Ways(RouteService routes, ProductService products, RecipeService recipes) {
    this.routes = routes;
    this.products = products;
    this.recipes = recipes;
  }

  /** All of them as they are now, read once. */
  public Known known() {
    return new Known(routes.all(), products.all(), recipes.allLatest(), new HashMap<>());
  }

  /**
   * What is known of routes.
   *
   * @param filled routes by their ids, once they were asked for
   */
  public record Known(
      Map<Long, RouteView> routes,
      Map<Long, ProductView> products,
      Map<Long, RecipeView> latest,
      Map<Long, Route> filled) {

    public Route way(long routeId) {
      return filled.computeIfAbsent(
          routeId,
          id -> {
            RouteView route = routes.get(id);
            RecipeView recipe = latest.get(products.get(route.productId()).recipeId());
            return route.route().withAges(recipe.demouldAgeH(), recipe.sealAfterH());
          });
    }

    /** What comes next; none where the route has ended. */
    public Optional<Gate> gate(LivePiece piece) {
      return way(piece.routeId()).gateAfter(piece.stepNo(), piece.round(), piece.doneAt());
    }

    /** What is to be done in its mould and is not done; null where it may come out. */
    public @Nullable Gate undone(LivePiece inMould) {
      Route way = way(inMould.routeId());
      return gate(inMould).filter(g -> g.stepNo() < way.demouldNo(inMould.stepNo())).orElse(null);
    }

    /** When what is in its mould may come out: as its route says, where it says so. */
    public CureService.DemouldGate held(
        @Nullable LivePiece piece, PourFacts poured, CureService.DemouldGate byAge) {
      Double ownH =
          piece == null ? null : routes.get(piece.routeId()).route().ownSetH(piece.stepNo());
      if (ownH == null) {
        return byAge;
      }
      Instant out = poured.pouredAt().plusSeconds(Math.round(ownH * 3_600));
      return new CureService.DemouldGate(out, null, out);
    }

    public Stand stand(LivePiece piece, Instant now) {
      return way(piece.routeId()).standAfter(piece.stepNo(), piece.round(), piece.doneAt(), now);
    }
  }
}
