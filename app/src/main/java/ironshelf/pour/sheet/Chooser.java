package ironshelf.pour.sheet;

import static java.util.Objects.requireNonNull;
import static java.util.stream.Collectors.toMap;

import ironshelf.copy.CastView;
import ironshelf.copy.CopyView;
import ironshelf.http.problem.ProblemException;
import ironshelf.mould.MouldService;
import ironshelf.mould.MouldView;
import ironshelf.pour.Returning;
import ironshelf.pour.record.Pour;
import ironshelf.pour.record.PourFill;
import ironshelf.pour.record.PourFillRepository;
import ironshelf.pour.record.PourFillView;
import ironshelf.pour.record.PourRepository;
import ironshelf.product.ProductLayer;
import ironshelf.product.ProductService;
import ironshelf.product.ProductView;
import ironshelf.recipe.RecipeService;
import ironshelf.recipe.RecipeView;
import ironshelf.recipe.colourway.ColourwayView;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Finds what a request names, and refuses what cannot go into one session. */
@Component
class Chooser {

  private final ProductService products;
  private final MouldService moulds;
  private final RecipeService recipes;
  private final PourFillRepository fills;
  private final PourRepository pours;
  private final Returning returning;

  Chooser(
      ProductService products,
      MouldService moulds,
      RecipeService recipes,
      PourFillRepository fills,
      PourRepository pours,
      Returning returning) {
    this.products = products;
    this.moulds = moulds;
    this.recipes = recipes;
    this.fills = fills;
    this.pours = pours;
    this.returning = returning;
  }

  Chosen choose(PourSheetRequest request) {
    int firstLayer = requireNonNull(request.firstLayer());
    List<Chosen.Fill> chosen = request.fills().stream().map(f -> fill(f, firstLayer)).toList();
    ProductView first = chosen.get(0).product();
    for (Chosen.Fill fill : chosen) {
      refuseApart(first, fill.product(), firstLayer, requireNonNull(request.colourwayId()));
    }
    ColourwayView colourway = recipes.colourway(requireNonNull(request.colourwayId()));
    if (colourway.recipeId() != first.recipeId()) {
      throw ProblemException.conflict(
          "pour.colourwayWrong", Map.of("colourway", colourway.name(), "product", first.name()));
    }
    boolean again = first.again().contains(firstLayer);
    Instant mayStartAt =
        again
            ? mayReturnAt(chosen, firstLayer, colourway.id())
            : firstLayer == 0 ? null : mayStartAt(chosen, firstLayer);
    RecipeView recipe =
        firstLayer == 0 || again ? recipes.latest(first.recipeId()) : begunWith(chosen.get(0));
    return new Chosen(recipe, colourway, firstLayer, first.session(firstLayer), chosen, mayStartAt);
  }

  private Chosen.Fill fill(PourSheetRequest.FillChoice choice, int firstLayer) {
    ProductView product = products.product(requireNonNull(choice.productId()));
    if (firstLayer >= product.layers().size()) {
      throw ProblemException.conflict(
          "layer.unknown", Map.of("product", product.name(), "value", firstLayer + 1));
    }
    MouldView mould = moulds.mould(product.mouldOf(firstLayer));
    List<CopyView> copies =
        mould.copies().stream().filter(c -> choice.copyIds().contains(c.id())).toList();
    if (copies.size() < choice.copyIds().size()) {
      throw ProblemException.conflict(
          "copy.wrongMould",
          Map.of("copy", "One of them", "product", product.name(), "mould", mould.name()));
    }
    return new Chosen.Fill(product, mould, copies);
  }

  /** One mix fills one recipe's products, in layers of the same colours and shares. */
  private static void refuseApart(
      ProductView first, ProductView other, int firstLayer, long colourwayId) {
    if (firstLayer >= other.layers().size()) {
      throw ProblemException.conflict(
          "layer.unknown", Map.of("product", other.name(), "value", firstLayer + 1));
    }
    if (!other.mixKey(firstLayer, colourwayId).equals(first.mixKey(firstLayer, colourwayId))) {
      throw ProblemException.conflict(
          "pour.notOneMix", Map.of("product", other.name(), "other", first.name()));
    }
  }

  /** When the last of the pieces that are put back may be; refused where there are not enough. */
  private Instant mayReturnAt(List<Chosen.Fill> chosen, int firstLayer, long colourwayId) {
    Instant last = Instant.EPOCH;
    for (Chosen.Fill fill : chosen) {
      int wanted = fill.copies().size() * fill.mould().shape().cavities();
      List<Returning.Waiting> waiting = returning.of(fill.product().id(), colourwayId, firstLayer);
      if (waiting.size() < wanted) {
        throw ProblemException.conflict(
            "layer.noPieces",
            Map.of(
                "product", fill.product().name(),
                "layer", fill.product().layers().get(firstLayer).name(),
                "wanted", wanted,
                "value", waiting.size()));
      }
      Instant gate = waiting.get(wanted - 1).gate().earliest();
      last = gate.isAfter(last) ? gate : last;
    }
    return last;
  }

  /** When the last of the layers below is stiff enough; refuses copies that do not wait for one. */
  private Instant mayStartAt(List<Chosen.Fill> chosen, int firstLayer) {
    List<CastView> held =
        chosen.stream()
            .flatMap(f -> f.copies().stream())
            .map(CopyView::held)
            .filter(Objects::nonNull)
            .toList();
    Map<Long, PourFillView> last =
        fills.findByCastIdInOrderByLayerNo(held.stream().map(CastView::id).toList()).stream()
            .map(PourFill::view)
            .collect(toMap(PourFillView::castId, f -> f, (a, b) -> b));
    Map<Long, Instant> pouredAt =
        pours.findAllById(last.values().stream().map(PourFillView::pourId).toList()).stream()
            .collect(toMap(Pour::id, Pour::pouredAt));
    List<Instant> ready = new ArrayList<>();
    for (Chosen.Fill fill : chosen) {
      ProductLayer layer = fill.product().layers().get(firstLayer);
      for (CopyView copy : fill.copies()) {
        @Nullable PourFillView below = copy.held() == null ? null : last.get(copy.held().id());
        if (below == null
            || below.productId() != fill.product().id()
            || below.layerNo() != firstLayer - 1) {
          throw ProblemException.conflict(
              "layer.notWaiting", Map.of("copy", copy.code(), "layer", layer.name()));
        }
        Duration wait = Duration.ofSeconds(Math.round(layer.waitH() * 3600));
        ready.add(requireNonNull(pouredAt.get(below.pourId())).plus(wait));
      }
    }
    return ready.stream().max(Instant::compareTo).orElseThrow();
  }

  /** The version that the layers below were mixed by. */
  private RecipeView begunWith(Chosen.Fill fill) {
    CastView held = requireNonNull(fill.copies().get(0).held());
    return recipes.recipe(pours.findById(held.pourId()).orElseThrow().recipeId());
  }
}
