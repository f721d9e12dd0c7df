package ironshelf.shelf;

import ironshelf.core.route.PartWanted;
import ironshelf.core.route.RouteStep;
import ironshelf.http.ProblemException;
import ironshelf.piece.LivePiece;
import ironshelf.piece.PieceService;
import ironshelf.piece.StepLedger;
import ironshelf.product.ProductView;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;

/** What joining steps take: ready pieces of other products, the oldest first. */
@Component
class Joins {

  private final StepLedger ledger;
  private final PieceService pieces;

  Joins(StepLedger ledger, PieceService pieces) {
    this.ledger = ledger;
    this.pieces = pieces;
  }

  /** Makes parts of a piece that was just joined; refused where one is missing. */
  void take(LivePiece piece, RouteStep step, Ways.Known known) {
    if (step.parts() == null) {
      return;
    }
    for (PartWanted part : step.parts()) {
      int there = ledger.join(piece.id(), part.productId(), part.quantity());
      if (there < part.quantity()) {
        throw ProblemException.conflict(
            "join.partsMissing",
            Map.of(
                "product", known.products().get(piece.productId()).name(),
                "part", name(part, known),
                "wanted", part.quantity(),
                "value", there));
      }
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
                        (int) pieces.spares(part.productId())))
            .toList();
  }

  private static String name(PartWanted part, Ways.Known known) {
    ProductView product = known.products().get(part.productId());
    return product == null ? "product " + part.productId() : product.name();
  }
}
