package ironshelf.shelf;

import ironshelf.act.ActService;
import ironshelf.piece.Rerouting;
import ironshelf.route.RouteService;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Pieces on their way when their product's route was changed: taken along where that can be. */
@Service
@Transactional
public class TakeAlong {

  private final Rerouting rerouting;
  private final RouteService routes;
  private final ActService acts;

  TakeAlong(Rerouting rerouting, RouteService routes, ActService acts) {
    this.rerouting = rerouting;
    this.routes = routes;
    this.acts = acts;
  }

  @Transactional(readOnly = true)
  public Rerouting.OnTheirWay offer(long productId) {
    return rerouting.onTheirWay(
        productId, routes.current(productId).id(), id -> routes.route(id).route());
  }

  /** Once for the key; gives how many they were. */
  public int take(String key, long productId) {
    return (int)
        acts.once(
            key,
            "take-along",
            () ->
                (long)
                    rerouting.takeAlong(
                        productId, routes.current(productId).id(), id -> routes.route(id).route()));
  }
}
