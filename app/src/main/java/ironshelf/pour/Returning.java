package ironshelf.pour;

import static java.util.stream.Collectors.groupingBy;
import static java.util.stream.Collectors.toList;

import ironshelf.copy.CopyCondition;
import ironshelf.copy.CopyView;
import ironshelf.core.route.Effect;
import ironshelf.core.route.Gate;
import ironshelf.mould.MouldService;
import ironshelf.mould.MouldView;
import ironshelf.piece.LivePiece;
import ironshelf.piece.PieceService;
import ironshelf.product.ProductLayer;
import ironshelf.product.ProductView;
import ironshelf.recipe.RecipeService;
import ironshelf.recipe.colourway.ColourwayView;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Finds pieces that are out of their moulds and are to be put into one again, for a second head or
 * a relief.
 */
@Service
@Transactional(readOnly = true)
public class Returning {

  private final PieceService pieces;
  private final Ways ways;
  private final MouldService moulds;
  private final RecipeService recipes;
  private final Clock clock;

  Returning(
      PieceService pieces, Ways ways, MouldService moulds, RecipeService recipes, Clock clock) {
    this.pieces = pieces;
    this.ways = ways;
    this.moulds = moulds;
    this.recipes = recipes;
    this.clock = clock;
  }

  /**
   * A piece and the pour that it waits for.
   *
   * @param layerNo of its product's layers, from 0
   */
  public record Waiting(LivePiece piece, int layerNo, Gate gate) {}

  /** All of them, those that may be poured first first. */
  private List<Waiting> waiting(Ways.Known known) {
    List<Waiting> waiting = new ArrayList<>();
    for (LivePiece piece : pieces.live(clock.instant())) {
      if (piece.readyAt() != null) {
        continue;
      }
      known
          .gate(piece)
          .filter(gate -> gate.kind().has(Effect.POURS))
          .ifPresent(
              gate -> {
                int which = known.way(piece.routeId()).pours().indexOf(gate.stepNo()) - 1;
                List<Integer> again = known.products().get(piece.productId()).again();
                if (which < again.size()) {
                  waiting.add(new Waiting(piece, again.get(which), gate));
                }
              });
    }
    waiting.sort(
        Comparator.comparing((Waiting w) -> w.gate().earliest())
            .thenComparing(w -> w.piece().id()));
    return waiting;
  }

  /** Those of a product in a colourway that wait for a layer. */
  public List<Waiting> of(long productId, long colourwayId, int layerNo) {
    return waiting(ways.known()).stream()
        .filter(w -> w.layerNo() == layerNo)
        .filter(w -> w.piece().productId() == productId)
        .filter(w -> w.piece().colourwayId() == colourwayId)
        .toList();
  }

  /** All of them as they are shown, those of one pour together, with copies that are free. */
  public List<WaitingLayer> all() {
    Ways.Known known = ways.known();
    Map<List<Long>, List<Waiting>> groups =
        waiting(known).stream()
            .collect(
                groupingBy(
                    w -> List.of(w.piece().pourId(), w.piece().productId(), (long) w.layerNo()),
                    LinkedHashMap::new,
                    toList()));
    return groups.values().stream()
        .map(own -> shown(own, known.products().get(own.get(0).piece().productId())))
        .sorted(Comparator.comparing(WaitingLayer::mayStartAt))
        .toList();
  }

  private WaitingLayer shown(List<Waiting> own, ProductView product) {
    Waiting last = own.get(own.size() - 1);
    ProductLayer layer = product.layers().get(last.layerNo());
    MouldView mould = moulds.mould(product.mouldOf(last.layerNo()));
    int cavities = mould.shape().cavities();
    int casts = (own.size() + cavities - 1) / cavities;
    List<CopyView> free =
        mould.copies().stream()
            .filter(c -> c.held() == null && c.condition() == CopyCondition.GOOD)
            .sorted(Comparator.comparing(CopyView::washDue).thenComparing(CopyView::id))
            .limit(casts)
            .toList();
    ColourwayView colourway =
        recipes.colourway(
            Objects.requireNonNullElse(layer.colourwayId(), last.piece().colourwayId()));
    Instant mayStartAt = last.gate().earliest();
    return new WaitingLayer(
        product.id(),
        product.name(),
        layer.name(),
        last.layerNo(),
        last.piece().colourwayId(),
        colourway.name(),
        colourway.swatch(),
        mayStartAt,
        List.of(),
        free.stream().map(CopyView::id).toList(),
        free.stream().map(CopyView::code).toList(),
        own.stream().map(w -> w.piece().id()).toList());
  }
}
