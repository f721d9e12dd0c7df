package ironshelf.setup;

import static java.util.Objects.requireNonNull;

import ironshelf.act.ActService;
import ironshelf.copy.CopyRequest;
import ironshelf.copy.CopyService;
import ironshelf.copy.CopyView;
import ironshelf.core.mould.MouldShape;
import ironshelf.core.mould.starting.Layering;
import ironshelf.core.mould.starting.StartingShape;
import ironshelf.core.mould.wear.Face;
import ironshelf.core.mould.wear.MouldKind;
import ironshelf.core.recipe.Basis;
import ironshelf.http.problem.ProblemException;
import ironshelf.mould.MouldService;
import ironshelf.mould.NewMould;
import ironshelf.product.ProductLayer;
import ironshelf.product.ProductRequest;
import ironshelf.product.ProductService;
import ironshelf.product.ProductView;
import ironshelf.product.Target;
import ironshelf.recipe.ColourOffers;
import ironshelf.recipe.NewRecipe;
import ironshelf.recipe.RecipeService;
import ironshelf.recipe.RecipeStarter;
import ironshelf.recipe.RecipeView;
import ironshelf.recipe.colourway.ColourwayView;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps a product with everything that it takes, in one act. */
@Service
@Transactional
class FirstProductService {

  /** Minutes to fill one until its pours say better (common practice). */
  static final double FILL_MIN = 2;

  /** Between the heads of a hand weight (common practice: two to three days). */
  private static final double HEADS_APART_H = 48;

  private final PreviewService previews;
  private final RecipeStarter starter;
  private final RecipeService recipes;
  private final ColourOffers colours;
  private final MouldService moulds;
  private final CopyService copies;
  private final ProductService products;
  private final ActService acts;

  FirstProductService(
      PreviewService previews,
      RecipeStarter starter,
      RecipeService recipes,
      ColourOffers colours,
      MouldService moulds,
      CopyService copies,
      ProductService products,
      ActService acts) {
    this.previews = previews;
    this.starter = starter;
    this.recipes = recipes;
    this.colours = colours;
    this.moulds = moulds;
    this.copies = copies;
    this.products = products;
    this.acts = acts;
  }

  /** Makes it, once for the key. */
  MadeProduct makeOnce(String key, FirstProduct wanted) {
    long id = acts.once(key, "first-product", () -> make(wanted));
    return made(products.product(id), PreviewService.shape(wanted));
  }

  private long make(FirstProduct wanted) {
    PreviewService.ChosenMix mix = previews.mix(wanted);
    RecipeView recipe = recipe(wanted);
    List<ColourwayView> chosen =
        colours.take(
            recipe.id(),
            requireNonNull(wanted.colours()).isEmpty()
                ? List.of("plain")
                : wanted.colours().stream().map(FirstProduct.ColourChoice::code).toList());
    List<ProductLayer> layers = layers(wanted, chosen);
    List<StartingShape.Part> parts = PreviewService.parts(wanted, Mixing.of(mix.recipe()));
    long first = 0;
    for (StartingShape.Part part : parts) {
      boolean whole = part.name().isEmpty();
      String name = whole ? PreviewService.name(wanted) : lidOf(PreviewService.name(wanted), part);
      long mouldId =
          mould(wanted, name, part.shape(), whole ? PreviewService.leastWallMm(wanted, mix) : 0);
      ProductView product =
          products.add(
              new ProductRequest(
                  name,
                  mouldId,
                  recipe.firstId(),
                  whole ? wanted.price() : BigDecimal.ZERO,
                  FILL_MIN,
                  BigDecimal.ZERO,
                  layers,
                  whole ? target(wanted) : null,
                  null,
                  wanted.isOfSeveralColours()
                      ? List.of()
                      : chosen.stream().map(ColourwayView::id).toList(),
                  wanted.route(),
                  null));
      first = first == 0 ? product.id() : first;
    }
    return first;
  }

  private static String lidOf(String product, StartingShape.Part part) {
    return product + " " + part.name();
  }

  private RecipeView recipe(FirstProduct wanted) {
    if (wanted.mix() == null) {
      return recipes.latest(requireNonNull(wanted.recipeId()));
    }
    RecipeView start = starter.adoptOnce(wanted.mix());
    NewRecipe kept = recipes.kept(start.id());
    boolean adds =
        Boolean.TRUE.equals(wanted.fibre())
            && !Mixing.hasFibre(recipes.mix(start.id(), null).recipe());
    if (!adds) {
      return start;
    }
    String name = PreviewService.withFibre(kept.name());
    return recipes
        .byName(name)
        .orElseGet(
            () -> {
              List<NewRecipe.RecipePart> all = new ArrayList<>(kept.parts());
              all.add(
                  new NewRecipe.RecipePart(
                      null, Mixing.FIBRE, Basis.GRAMS_PER_KG_MIX, Mixing.FIBRE_G_PER_KG));
              return recipes.add(kept.named(name, all));
            });
  }

  private long mould(FirstProduct wanted, String name, MouldShape shape, double leastWallMm) {
    MouldKind kind = PreviewService.kind(wanted);
    String release = kind.release().isEmpty() ? null : kind.release().get(0);
    List<Face> faces = new ArrayList<>(List.of(new Face("cavity", false, release)));
    if (shape.core() != null) {
      faces.add(new Face("core", false, release));
    }
    if (moulds.byName(name).isPresent()) {
      throw ProblemException.conflict(
          "name.taken", java.util.Map.of("what", "mould", "value", name));
    }
    long id =
        moulds.add(
            new NewMould(
                name,
                PreviewService.family(wanted),
                kind.code(),
                null,
                shape,
                0,
                leastWallMm,
                null,
                release == null ? List.of() : faces,
                null));
    for (int i = 0; i < requireNonNull(wanted.copies()); i++) {
      moulds.addCopy(id, new CopyRequest(copies.nextCode(id, name), 0, null, null, null, null));
    }
    return id;
  }

  private static @Nullable Target target(FirstProduct wanted) {
    return wanted.targetKg() == null
        ? null
        : new Target(wanted.targetKg(), Double.NaN, wanted.hardwareKg());
  }

  private static List<ProductLayer> layers(FirstProduct wanted, List<ColourwayView> chosen) {
    if (wanted.isOfSeveralColours()) {
      List<ProductLayer> layers = new ArrayList<>();
      for (int i = 0; i < chosen.size(); i++) {
        double share = requireNonNull(requireNonNull(wanted.colours()).get(i).sharePercent());
        layers.add(
            new ProductLayer(
                chosen.get(i).name(), chosen.get(i).id(), share, 0, false, null, null));
      }
      return layers;
    }
    Layering layering = PreviewService.shape(wanted).layering();
    return switch (layering) {
      case WHOLE -> List.of();
      case FACE_AND_BACK ->
          List.of(
              new ProductLayer("face", null, 50, 0, true, null, null),
              new ProductLayer("back", null, 50, 0, false, null, null));
      case TWO_HEADS ->
          List.of(
              new ProductLayer("first head", null, 100, 0, false, null, null),
              new ProductLayer("second head", null, 100, HEADS_APART_H, false, true, null));
    };
  }

  /** What its first pour would fill: its own copies, and its lid's. */
  private MadeProduct made(ProductView product, StartingShape shape) {
    List<MadeProduct.MadeFill> fills = new ArrayList<>();
    fills.add(fill(product));
    for (StartingShape.Part part : shape.typical()) {
      products.all().values().stream()
          .filter(p -> !part.name().isEmpty() && p.name().equals(lidOf(product.name(), part)))
          .forEach(lid -> fills.add(fill(lid)));
    }
    return new MadeProduct(product.id(), products.offered(product).get(0).id(), fills);
  }

  private MadeProduct.MadeFill fill(ProductView product) {
    return new MadeProduct.MadeFill(
        product.id(),
        moulds.mould(product.mouldId()).copies().stream()
            .filter(c -> c.held() == null)
            .map(CopyView::id)
            .toList());
  }
}
