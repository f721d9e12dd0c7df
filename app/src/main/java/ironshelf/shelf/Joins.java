package ironshelf.shelf;

import ironshelf.core.route.PartWanted;
import ironshelf.core.route.RouteStep;
import ironshelf.http.problem.ProblemException;
import ironshelf.order.AllotmentService;
import ironshelf.piece.LivePiece;
import ironshelf.piece.PieceService;
import ironshelf.piece.PieceView;
import ironshelf.piece.StepLedger;
import ironshelf.pour.Ways;
import ironshelf.product.ProductView;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.stereotype.Component;

/** What joining steps take: ready pieces of other products that nobody has, the oldest first. */
@Component
class Joins {

  private final StepLedger ledger;
  private final PieceService pieces;
  private final AllotmentService allotments;

  Joins(StepLedger ledger, PieceService pieces, AllotmentService allotments) {
    this.ledger = ledger;
    this.pieces = pieces;
    this.allotments = allotments;
  }

  /** Makes parts of a piece that was just joined; refused where one is missing. */
  void take(LivePiece piece, RouteStep step, Ways.Known known) {
    if (step.parts() == null) {
      return;
    }
    for (PartWanted part : step.parts()) {
      List<Long> there =
          free(part.productId()).stream()
              .filter(p -> p.id() != piece.id())
              // Of the same colour where there are such; their order stays.
              .sorted(Comparator.comparing(p -> p.colourwayId() != piece.colourwayId()))
              .limit(part.quantity())
              .map(PieceView::id)
              .toList();
      if (there.size() < part.quantity()) {
        throw ProblemException.conflict(
            "join.partsMissing",
            Map.of(
                "product", known.products().get(piece.productId()).name(),
                "part", name(part, known),
                "wanted", part.quantity(),
                "value", there.size()));
      }
      ledger.join(piece.id(), there);
    }
  }

  /** What a step takes for so many pieces, and what is ready of it. */
  List<ShelfView.PartToJoin> wanted(RouteStep step, int count, Ways.Known known) {
    return step.parts() == null
        ? List.of()
        : step.parts().stream()
            .map(
                part ->
                    new ShelfView.PartToJoin(
                        part.productId(),
                        name(part, known),
                        part.quantity() * count,
                        free(part.productId()).size()))
            .toList();
  }

  /** Ready pieces that nobody was promised. */
  private List<PieceView> free(long productId) {
    List<PieceView> ready = pieces.spares(productId);
    Set<Long> tied = allotments.lineByPiece(ready.stream().map(PieceView::id).toList()).keySet();
    return ready.stream().filter(p -> !tied.contains(p.id())).toList();
  }

  private static String name(PartWanted part, Ways.Known known) {
    ProductView product = known.products().get(part.productId());
    return product == null ? "product " + part.productId() : product.name();
  }
}
