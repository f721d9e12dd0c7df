package ironshelf.piece;

import ironshelf.core.route.Route;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.LongFunction;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Pieces on their way that are taken along to another route. What was done to them stays done; they
 * go on at the same step of the new route.
 */
@Service
@Transactional
public class Rerouting {

  private final PieceRepository pieces;
  private final PieceStepRepository steps;

  Rerouting(PieceRepository pieces, PieceStepRepository steps) {
    this.pieces = pieces;
    this.steps = steps;
  }

  /**
   * Pieces of a product that go another route than that one, and are not ready.
   *
   * @param can whose last step the new route has too
   * @param cannot the others
   */
  public record OnTheirWay(List<Long> can, List<Long> cannot) {}

  /**
   * @param routes routes by their numbers
   */
  @Transactional(readOnly = true)
  public OnTheirWay onTheirWay(long productId, long toRoute, LongFunction<Route> routes) {
    List<Long> can = new ArrayList<>();
    List<Long> cannot = new ArrayList<>();
    for (Piece piece : pieces.onOtherRoutes(productId, toRoute)) {
      boolean has = place(piece, routes, toRoute).isPresent();
      (has ? can : cannot).add(piece.id());
    }
    return new OnTheirWay(can, cannot);
  }

  /** Takes along those that can be; gives how many they were. */
  public int takeAlong(long productId, long toRoute, LongFunction<Route> routes) {
    int taken = 0;
    for (Piece piece : pieces.onOtherRoutes(productId, toRoute)) {
      Optional<Integer> place = place(piece, routes, toRoute);
      if (place.isEmpty()) {
        continue;
      }
      Long last = piece.lastStepId();
      if (last != null) {
        PieceStep step = steps.findById(last).orElseThrow();
        PieceStep moved = steps.save(step.at(place.get()));
        steps.delete(step);
        piece.standAt(moved.id());
      }
      piece.goOn(toRoute);
      taken++;
    }
    pieces.flush();
    return taken;
  }

  private Optional<Integer> place(Piece piece, LongFunction<Route> routes, long toRoute) {
    Long last = piece.lastStepId();
    int stepNo = last == null ? 0 : steps.findById(last).orElseThrow().stepNo();
    return routes.apply(toRoute).placeOf(routes.apply(piece.routeId()), stepNo);
  }
}
