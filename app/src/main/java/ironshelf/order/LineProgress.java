package ironshelf.order;

import static java.util.function.Function.identity;
import static java.util.stream.Collectors.groupingBy;
import static java.util.stream.Collectors.toMap;

import ironshelf.piece.PieceService;
import ironshelf.piece.PieceView;
import ironshelf.product.ProductService;
import ironshelf.product.ProductView;
import ironshelf.recipe.ColourwayView;
import ironshelf.recipe.RecipeService;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;

/** How far lines are, worked out from the pieces allotted to them; a few queries for any number. */
@Component
class LineProgress {

  private final AllotmentRepository allotments;
  private final PieceService pieces;
  private final ProductService products;
  private final RecipeService recipes;

  LineProgress(
      AllotmentRepository allotments,
      PieceService pieces,
      ProductService products,
      RecipeService recipes) {
    this.allotments = allotments;
    this.pieces = pieces;
    this.products = products;
    this.recipes = recipes;
  }

  /** The lines of each order, by the order's id. */
  Map<Long, List<OrderLineView>> of(Collection<OrderEntity> orders) {
    List<OrderLine> all = orders.stream().flatMap(o -> o.lines().stream()).toList();
    List<Allotment> allotted = allotments.findByLineIdIn(all.stream().map(OrderLine::id).toList());
    Map<Long, PieceView> byId =
        pieces.byIds(allotted.stream().map(Allotment::pieceId).toList()).stream()
            .collect(toMap(PieceView::id, identity()));
    Map<Long, List<Allotment>> byLine = allotted.stream().collect(groupingBy(Allotment::lineId));
    Map<Long, ProductView> productsById = products.all();
    Map<Long, ColourwayView> colourwaysById = recipes.allColourways();
    Map<Long, List<OrderLineView>> views = new LinkedHashMap<>();
    for (OrderEntity order : orders) {
      views.put(
          order.id(),
          order.lines().stream()
              .map(
                  line -> {
                    ProductView product = productsById.get(line.productId());
                    List<PieceView> mine =
                        byLine.getOrDefault(line.id(), List.of()).stream()
                            .map(a -> byId.get(a.pieceId()))
                            .toList();
                    return view(
                        line, product, colourwaysById.get(line.colourwayId()), Count.of(mine));
                  })
              .toList());
    }
    return views;
  }

  private static OrderLineView view(
      OrderLine line, ProductView product, ColourwayView colourway, Count count) {
    int toPour = Math.max(0, line.quantity() - count.sound());
    return new OrderLineView(
        line.id(),
        line.position(),
        line.productId(),
        product.name(),
        product.mouldId(),
        line.colourwayId(),
        colourway.name(),
        colourway.swatch(),
        line.quantity(),
        line.price(),
        stage(toPour, count),
        count.inMould,
        count.curing,
        count.ready,
        count.scrapped,
        toPour);
  }

  private static LineStage stage(int toPour, Count count) {
    if (toPour > 0) {
      return count.sound() == 0 ? LineStage.OPEN : LineStage.POURING;
    }
    return count.inMould + count.curing > 0 ? LineStage.CURING : LineStage.READY;
  }

  /** The pieces of a line by where they are. */
  private record Count(int inMould, int curing, int ready, int scrapped) {

    static Count of(List<PieceView> pieces) {
      int inMould = 0;
      int curing = 0;
      int ready = 0;
      int scrapped = 0;
      for (PieceView piece : pieces) {
        if (piece.isScrap()) {
          scrapped++;
        } else if (piece.demouldedAt() == null) {
          inMould++;
        } else if (piece.readyAt() == null) {
          curing++;
        } else {
          ready++;
        }
      }
      return new Count(inMould, curing, ready, scrapped);
    }

    int sound() {
      return inMould + curing + ready;
    }
  }
}
