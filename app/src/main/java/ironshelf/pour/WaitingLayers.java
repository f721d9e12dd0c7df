package ironshelf.pour;

import ironshelf.copy.CastService;
import ironshelf.copy.CastView;
import ironshelf.piece.PieceService;
import ironshelf.piece.PieceView;
import ironshelf.pour.record.PourFillView;
import ironshelf.pour.record.PourRepository;
import ironshelf.product.ProductLayer;
import ironshelf.product.ProductService;
import ironshelf.product.ProductView;
import ironshelf.recipe.RecipeService;
import ironshelf.recipe.colourway.ColourwayView;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Finds castings that wait for their next layer: a second colour, the back of a face. */
@Service
@Transactional(readOnly = true)
public class WaitingLayers {

  private final PourRepository pours;
  private final Fills fills;
  private final CastService castings;
  private final PieceService pieces;
  private final ProductService products;
  private final RecipeService recipes;
  private final Returning returning;

  WaitingLayers(
      PourRepository pours,
      Fills fills,
      CastService castings,
      PieceService pieces,
      ProductService products,
      RecipeService recipes,
      Returning returning) {
    this.pours = pours;
    this.fills = fills;
    this.castings = castings;
    this.pieces = pieces;
    this.products = products;
    this.recipes = recipes;
    this.returning = returning;
  }

  /** Everything that waits in its mould, or to be put into one again, the soonest first. */
  public List<WaitingLayer> all() {
    return Stream.concat(
            of(castings.held().stream().map(CastView::id).toList()).stream(),
            returning.all().stream())
        .sorted(Comparator.comparing(WaitingLayer::mayStartAt))
        .toList();
  }

  /** What of these casts waits, those of one pour together. */
  public List<WaitingLayer> of(Collection<Long> castIds) {
    return among(fills.ofCasts(castIds));
  }

  /** The same of what is known to be in each cast. */
  List<WaitingLayer> among(Map<Long, List<PourFillView>> byCast) {
    Map<Long, ProductView> productsById = products.all();
    Map<List<Long>, List<PourFillView>> groups = new LinkedHashMap<>();
    byCast
        .values()
        .forEach(
            filled -> {
              PourFillView last = filled.get(filled.size() - 1);
              List<ProductLayer> layers = productsById.get(last.productId()).layers();
              int next = last.layerNo() + 1;
              if (next < layers.size() && !Boolean.TRUE.equals(layers.get(next).again())) {
                groups
                    .computeIfAbsent(
                        List.of(last.pourId(), last.productId()), key -> new ArrayList<>())
                    .add(last);
              }
            });
    return groups.values().stream()
        .map(last -> waiting(last, productsById.get(last.get(0).productId())))
        .sorted(Comparator.comparing(WaitingLayer::mayStartAt))
        .toList();
  }

  private WaitingLayer waiting(List<PourFillView> last, ProductView product) {
    int layerNo = last.get(0).layerNo() + 1;
    ProductLayer layer = product.layers().get(layerNo);
    List<CastView> casts = castings.byIds(last.stream().map(PourFillView::castId).toList());
    PieceView piece = pieces.ofCasts(List.of(casts.get(0).id())).get(0);
    Instant below = pours.findById(last.get(0).pourId()).orElseThrow().pouredAt();
    ColourwayView colourway =
        recipes.colourway(layer.colourwayId() == null ? piece.colourwayId() : layer.colourwayId());
    return new WaitingLayer(
        product.id(),
        product.name(),
        layer.name(),
        layerNo,
        piece.colourwayId(),
        colourway.name(),
        colourway.swatch(),
        below.plus(Duration.ofSeconds(Math.round(layer.waitH() * 3600))),
        casts.stream().map(CastView::id).toList(),
        casts.stream().map(CastView::copyId).toList(),
        casts.stream().map(CastView::copyCode).toList(),
        List.of());
  }
}
