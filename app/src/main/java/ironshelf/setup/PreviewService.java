package ironshelf.setup;

import static java.util.Objects.requireNonNull;

import ironshelf.core.material.Role;
import ironshelf.core.mould.Grain;
import ironshelf.core.mould.MouldResult;
import ironshelf.core.mould.MouldSum;
import ironshelf.core.mould.planar.SvgPath;
import ironshelf.core.mould.starting.LeastWalls;
import ironshelf.core.mould.starting.StartingShape;
import ironshelf.core.mould.starting.StartingShapes;
import ironshelf.core.mould.wear.MouldKind;
import ironshelf.core.mould.wear.MouldKinds;
import ironshelf.core.pour.CastTake;
import ironshelf.core.pour.PourInput;
import ironshelf.core.quantity.Finding;
import ironshelf.core.quantity.FindingCode;
import ironshelf.core.recipe.BatchResult;
import ironshelf.core.recipe.Recipe;
import ironshelf.core.recipe.starting.StartingRecipe;
import ironshelf.core.recipe.starting.StartingRecipes;
import ironshelf.core.route.Route;
import ironshelf.core.route.StartingRoute;
import ironshelf.core.route.StartingRoutes;
import ironshelf.http.problem.Catalogue;
import ironshelf.material.MaterialService;
import ironshelf.material.MaterialView;
import ironshelf.material.Stock;
import ironshelf.material.StockView;
import ironshelf.mould.Family;
import ironshelf.mould.calc.MouldCalcResponse;
import ironshelf.recipe.ColourOffers;
import ironshelf.recipe.RecipeService;
import ironshelf.recipe.RecipeView;
import ironshelf.route.RouteLine;
import ironshelf.workshop.WorkshopService;
import ironshelf.workshop.WorkshopView;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Works out what the answers of the set-up come to; keeps nothing. */
@Service
@Transactional(readOnly = true)
class PreviewService {

  private static final double HOURS_A_DAY = 24;
  private static final BigDecimal MARGIN = new BigDecimal("2.5");
  private static final BigDecimal HALF = new BigDecimal("0.5");

  private final RecipeService recipes;
  private final ColourOffers colours;
  private final MaterialService materials;
  private final Stock stock;
  private final WorkshopService workshop;
  private final Catalogue catalogue;

  PreviewService(
      RecipeService recipes,
      ColourOffers colours,
      MaterialService materials,
      Stock stock,
      WorkshopService workshop,
      Catalogue catalogue) {
    this.recipes = recipes;
    this.colours = colours;
    this.materials = materials;
    this.stock = stock;
    this.workshop = workshop;
    this.catalogue = catalogue;
  }

  /** A recipe that was chosen, shipped or the shop's own. */
  record ChosenMix(
      Recipe recipe,
      String name,
      @Nullable String strengthClass,
      double retention,
      double demouldAgeH,
      double sealAfterH,
      @Nullable Long recipeId,
      @Nullable String binder) {}

  ChosenMix mix(FirstProduct wanted) {
    if (wanted.mix() == null) {
      RecipeView own = recipes.latest(requireNonNull(wanted.recipeId()));
      return new ChosenMix(
          recipes.mix(own.id(), null).recipe(),
          own.name(),
          own.strengthClass(),
          own.retention(),
          own.demouldAgeH(),
          own.sealAfterH(),
          own.firstId(),
          colours.binder(own.id()));
    }
    StartingRecipe start = StartingRecipes.shipped().find(wanted.mix()).orElseThrow();
    boolean adds = Boolean.TRUE.equals(wanted.fibre()) && !Mixing.hasFibre(start.recipe());
    return new ChosenMix(
        adds ? Mixing.withFibre(start.recipe()) : start.recipe(),
        adds ? withFibre(start.name()) : start.name(),
        start.strengthClass(),
        Recipe.STARTING_RETENTION,
        start.demouldAgeH(),
        start.sealAfterH(),
        null,
        start.parts().stream()
            .map(StartingRecipe.StartingPart::material)
            .filter(m -> role(m) == Role.BINDER)
            .findFirst()
            .orElse(null));
  }

  static String withFibre(String recipe) {
    return recipe + ", with fibre";
  }

  private static @Nullable Role role(String material) {
    return ironshelf.core.material.StartingMaterials.shipped()
        .find(material)
        .map(ironshelf.core.material.StartingMaterial::role)
        .orElse(null);
  }

  static StartingShape shape(FirstProduct wanted) {
    return StartingShapes.find(wanted.shape()).orElseThrow();
  }

  static List<StartingShape.Part> parts(FirstProduct wanted, Mixing mixing) {
    StartingShape shape = shape(wanted);
    Map<String, Double> given = requireNonNull(wanted.measures());
    return wanted.svgPath() != null && shape.takesOutline()
        ? shape.outlined(SvgPath.read(wanted.svgPath(), 1), given)
        : shape.parts(given, mixing.dryKgPerL());
  }

  static Family family(FirstProduct wanted) {
    return wanted.family() == null
        ? Family.valueOf(shape(wanted).family().toUpperCase(Locale.ROOT))
        : wanted.family();
  }

  static MouldKind kind(FirstProduct wanted) {
    String code = wanted.kind() == null ? shape(wanted).kind() : wanted.kind();
    return MouldKinds.shipped().find(code).orElseThrow();
  }

  static String name(FirstProduct wanted) {
    String own = shape(wanted).name();
    return wanted.name() == null
        ? own.substring(0, 1).toUpperCase(Locale.ROOT) + own.substring(1)
        : wanted.name();
  }

  static double leastWallMm(FirstProduct wanted, ChosenMix mix) {
    return LeastWalls.mm(family(wanted).name().toLowerCase(Locale.ROOT), mix.strengthClass());
  }

  Preview preview(FirstProduct wanted) {
    ChosenMix mix = mix(wanted);
    Mixing mixing = Mixing.of(mix.recipe());
    MouldKind kind = kind(wanted);
    double least = leastWallMm(wanted, mix);
    Set<Finding> warnings = new LinkedHashSet<>();
    List<Preview.PreviewMould> moulds = new ArrayList<>();
    double litres = 0;
    for (StartingShape.Part part : parts(wanted, mixing)) {
      boolean lid = !part.name().isEmpty();
      MouldResult sum =
          MouldSum.of(part.shape(), mixing.freshDensityKgM3(), 0, lid ? 0 : least, kind.wallKind());
      warnings.addAll(sum.warnings());
      Grain.tooLarge(part.shape(), mix.recipe().largestGrainMm()).ifPresent(warnings::add);
      moulds.add(
          new Preview.PreviewMould(
              part.name(),
              MouldCalcResponse.of(
                  part.shape(), sum, mixing.freshDensityKgM3(), mix.retention(), catalogue)));
      litres += sum.capacityL();
    }
    WorkshopView shop = workshop.view();
    CastTake take =
        CastTake.of(
            litres,
            1,
            List.of(new PourInput.LayerMix(mix.recipe(), 1)),
            wanted.targetKg() == null
                ? null
                : new CastTake.Sold(wanted.targetKg(), wanted.hardwareKg(), mix.retention()),
            shop.wastePercent());
    if (take.wantedL() > litres) {
      warnings.add(overfills(name(wanted), take, litres));
    }
    double filledL = take.litres();
    double freshKg = filledL * mixing.freshDensityKgM3() / 1000;
    double dryMixKg = filledL * mixing.dryKgPerL();
    double mixedL = filledL * (1 + shop.wastePercent() / 100);
    if (mixedL > shop.mixerL()) {
      warnings.add(
          Finding.of(
              FindingCode.BATCH_MIXER_TOO_SMALL, Map.of("value", shop.mixerL(), "piece", mixedL)));
    }
    Route route = route(wanted, mix);
    List<RouteLine> line = RouteLine.of(route.withAges(mix.demouldAgeH(), mix.sealAfterH()));
    double attended =
        line.stream().mapToDouble(RouteLine::attendedMin).sum() + FirstProductService.FILL_MIN;
    Map<String, BigDecimal> perKg = prices();
    List<String> lackPrice = new ArrayList<>();
    BigDecimal cost =
        shop.ratePerHour()
            .multiply(BigDecimal.valueOf(attended))
            .divide(BigDecimal.valueOf(60), 4, RoundingMode.HALF_UP);
    for (BatchResult.Line each : take.layers().get(0).lines()) {
      BigDecimal price = perKg.get(each.name());
      if (each.role() != Role.WATER && price == null) {
        lackPrice.add(each.name());
      } else if (price != null) {
        cost = cost.add(price.multiply(BigDecimal.valueOf(each.massKg())));
      }
    }
    return new Preview(
        name(wanted),
        moulds,
        mix.name(),
        Mixing.hasFibre(mix.recipe()),
        mixing.freshDensityKgM3(),
        freshKg,
        freshKg * mix.retention() + wanted.hardwareKg(),
        dryMixKg,
        freshKg * wanted.copies(),
        dryMixKg * wanted.copies(),
        wanted.layerShares().stream().map(share -> dryMixKg * share).toList(),
        least,
        colours.offers(mix.recipeId(), mix.binder()),
        routeName(wanted, mix),
        routes(family(wanted)),
        line.get(line.size() - 1).atH() / HOURS_A_DAY,
        attended,
        cost.setScale(2, RoundingMode.HALF_UP),
        cost.signum() == 0 ? null : rounded(cost.multiply(MARGIN)),
        lackPrice,
        catalogue.views(List.copyOf(warnings)));
  }

  private static Finding overfills(String product, CastTake take, double capacityL) {
    return Finding.of(
        FindingCode.TARGET_OVERFILLS,
        Map.of(
            "product",
            product,
            "value",
            take.wantedL(),
            "capacity",
            capacityL,
            "wanted",
            take.densityKgM3() * take.wantedL() / capacityL));
  }

  private static Route route(FirstProduct wanted, ChosenMix mix) {
    return start(wanted, mix).route();
  }

  private static String routeName(FirstProduct wanted, ChosenMix mix) {
    return start(wanted, mix).name();
  }

  private static StartingRoute start(FirstProduct wanted, ChosenMix mix) {
    return wanted.route() == null
        ? StartingRoutes.usualOf(family(wanted).name(), mix.strengthClass())
        : StartingRoutes.find(wanted.route()).orElseThrow();
  }

  private static List<Preview.RouteChoice> routes(Family family) {
    String name = family.name().toLowerCase(Locale.ROOT);
    return StartingRoutes.shipped().stream()
        .filter(r -> r.families().contains(name))
        .map(r -> new Preview.RouteChoice(r.code(), r.name(), r.why()))
        .toList();
  }

  private Map<String, BigDecimal> prices() {
    Map<String, BigDecimal> perKg = new LinkedHashMap<>();
    for (StockView stock : stock.all()) {
      MaterialView material = stock.material();
      BigDecimal price = material.pricePerKg();
      if (price != null) {
        perKg.put(material.name(), price);
      }
    }
    return perKg;
  }

  /** To the next half of the shop's money. */
  private static BigDecimal rounded(BigDecimal price) {
    return price.divide(HALF, 0, RoundingMode.UP).multiply(HALF).setScale(2, RoundingMode.HALF_UP);
  }
}
