package ironshelf.inspect;

import ironshelf.core.cure.AgeLine;
import ironshelf.core.cure.Places;
import ironshelf.core.cure.Stay;
import ironshelf.core.material.Role;
import ironshelf.core.mould.MouldResult;
import ironshelf.core.mould.MouldSum;
import ironshelf.core.mould.WallKind;
import ironshelf.core.piece.cause.FactName;
import ironshelf.core.piece.cause.PieceFacts;
import ironshelf.core.quantity.FindingCode;
import ironshelf.core.recipe.BatchRequest;
import ironshelf.core.recipe.BatchSum;
import ironshelf.core.recipe.WaterWindow;
import ironshelf.core.route.Effect;
import ironshelf.core.route.Route;
import ironshelf.core.route.RouteStep;
import ironshelf.core.route.Wetting;
import ironshelf.cure.Temperatures;
import ironshelf.material.MaterialService;
import ironshelf.material.MaterialView;
import ironshelf.mould.MouldService;
import ironshelf.mould.MouldView;
import ironshelf.piece.MouldReturns;
import ironshelf.piece.PieceView;
import ironshelf.piece.StepActView;
import ironshelf.piece.StepLedger;
import ironshelf.pour.PourReader;
import ironshelf.pour.PourTaken;
import ironshelf.pour.record.PourFacts;
import ironshelf.pour.record.PourFillView;
import ironshelf.product.ProductService;
import ironshelf.recipe.RecipeService;
import ironshelf.recipe.RecipeView;
import ironshelf.route.RouteService;
import java.time.Duration;
import java.time.Instant;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Gathers what the records say of a piece. What they do not say is left out. */
@Service
@Transactional(readOnly = true)
class FactsService {

  private static final Duration FIRST_DAY = Duration.ofDays(1);

  private final PourReader pours;
  private final MouldReturns returns;
  private final StepLedger ledger;
  private final RecipeService recipes;
  private final ProductService products;
  private final RouteService routes;
  private final MouldService moulds;
  private final MaterialService materials;
  private final Temperatures temperatures;

  FactsService(
      PourReader pours,
      MouldReturns returns,
      StepLedger ledger,
      RecipeService recipes,
      ProductService products,
      RouteService routes,
      MouldService moulds,
      MaterialService materials,
      Temperatures temperatures) {
    this.pours = pours;
    this.returns = returns;
    this.ledger = ledger;
    this.recipes = recipes;
    this.products = products;
    this.routes = routes;
    this.moulds = moulds;
    this.materials = materials;
    this.temperatures = temperatures;
  }

  PieceFacts facts(PieceView piece) {
    Map<FactName, Double> known = new EnumMap<>(FactName.class);
    PourFacts poured = pours.facts(List.of(piece.castId())).get(piece.castId());
    RecipeView recipe = recipes.recipe(poured.recipeId());
    List<StepActView> done =
        ledger.history(piece.id()).stream().map(StepLedger.PieceDone::act).toList();
    cure(known, piece, poured, recipe);
    mix(known, piece, recipe);
    mould(known, piece, poured);
    route(known, piece, recipe, done);
    return new PieceFacts(known);
  }

  private void cure(
      Map<FactName, Double> known, PieceView piece, PourFacts poured, RecipeView recipe) {
    Places places = temperatures.snapshot(poured.pouredAt()).actual();
    List<Stay> stays = poured.stays();
    known.put(FactName.DEMOULD_AGE_H, recipe.demouldAgeH());
    if (recipe.greenUntilAgeH() != null) {
      known.put(FactName.GREEN_UNTIL_AGE_H, recipe.greenUntilAgeH());
    }
    if (piece.demouldedAt() != null) {
      known.put(
          FactName.AGE_AT_DEMOULD_H,
          piece.ageAtOutH() == null ? places.ageH(stays, piece.demouldedAt()) : piece.ageAtOutH());
    }
    Instant start = poured.pouredAt();
    AgeLine.Extremes day = places.extremes(stays, start, start.plus(FIRST_DAY));
    known.put(FactName.COLDEST_C, day.lowC());
    known.put(FactName.HOTTEST_C, day.highC());
  }

  /** What went in against what was asked, over all layers. */
  private void mix(Map<FactName, Double> known, PieceView piece, RecipeView recipe) {
    List<PourTaken> taken =
        returns.castsOf(piece).stream().flatMap(id -> pours.takenBy(id).stream()).toList();
    Map<Long, MaterialView> byId =
        materials.byIds(
            taken.stream()
                .flatMap(p -> p.taken().stream())
                .map(PourTaken.Taken::materialId)
                .distinct()
                .toList());
    WaterWindow window = recipes.kept(recipe.id()).water();
    known.put(FactName.WATER_LEAST_PERCENT, window.leastPercent());
    known.put(FactName.WATER_MOST_PERCENT, window.mostPercent());
    share(taken, byId, Role.WATER, known, FactName.WATER_PERCENT, 0);
    share(taken, byId, Role.PIGMENT, known, FactName.PIGMENT_OFF_PERCENT, 100);
    boolean fibre =
        taken.stream()
            .flatMap(p -> p.taken().stream())
            .anyMatch(t -> byId.get(t.materialId()).role() == Role.FIBRE);
    known.put(FactName.FIBRE, fibre ? 1.0 : 0.0);
    known.put(FactName.WORKING_MIN, recipe.workingMinAt20C());
    // A copy that two mixes of one layer met in: a line can show.
    taken.stream()
        .flatMap(p -> p.fills().stream())
        .filter(f -> f.castId() == piece.castId())
        .distinct()
        .collect(Collectors.groupingBy(PourFillView::layerNo, Collectors.counting()))
        .values()
        .stream()
        .max(Long::compare)
        .ifPresent(mixes -> known.put(FactName.BATCHES, mixes.doubleValue()));
    taken.stream()
        .map(PourTaken::fillingMin)
        .filter(Objects::nonNull)
        .findFirst()
        .ifPresent(min -> known.put(FactName.FILLED_AFTER_MIN, recipe.mixMin() + min));
  }

  private static void share(
      List<PourTaken> taken,
      Map<Long, MaterialView> byId,
      Role role,
      Map<FactName, Double> known,
      FactName name,
      double less) {
    double asked = 0;
    double actual = 0;
    for (PourTaken pour : taken) {
      for (PourTaken.Taken t : pour.taken()) {
        if (byId.get(t.materialId()).role() == role) {
          asked += t.askedKg().doubleValue();
          actual += t.actualKg().doubleValue();
        }
      }
    }
    if (asked > 0) {
      known.put(name, 100 * actual / asked - less);
    }
  }

  private void mould(Map<FactName, Double> known, PieceView piece, PourFacts poured) {
    MouldView mould = moulds.mould(products.product(piece.productId()).mouldId());
    MouldResult sum =
        MouldSum.of(
            mould.shape(),
            densityOf(poured),
            mould.coreMassKg(),
            mould.leastWallMm(),
            mould.wallKind());
    known.put(FactName.HOLD_DOWN_ASKED_KG, sum.holdDownKg());
    if (sum.walls() != null) {
      known.put(FactName.CORE_OFFSET_ALLOWED_MM, sum.walls().allowedMm());
      known.put(FactName.GRAIN_ALLOWED_MM, sum.walls().largestGrainMm());
    }
    known.put(FactName.STIFF_OR_JACKETED, mould.wallKind() == WallKind.SOFT ? 0.0 : 1.0);
    boolean locks = sum.warnings().stream().anyMatch(w -> w.code() == FindingCode.WALL_LOCKS);
    known.put(FactName.LOCKS, locks ? 1.0 : 0.0);
  }

  private double densityOf(PourFacts poured) {
    return BatchSum.of(
            BatchRequest.ofOneLitre(
                recipes.mix(poured.recipeId(), poured.colourwayId()).weighable().recipe()))
        .freshDensityKgM3();
  }

  /** Bath, rinse, drying and coats, as its route asks for them and as they were done. */
  private void route(
      Map<FactName, Double> known, PieceView piece, RecipeView recipe, List<StepActView> done) {
    Route route =
        routes.route(piece.routeId()).route().withAges(recipe.demouldAgeH(), recipe.sealAfterH());
    List<Integer> nos = IntStream.range(0, route.steps().size()).boxed().toList();
    boolean bathed = nos.stream().anyMatch(i -> route.wetting(i) == Wetting.UNDER_WATER);
    known.put(FactName.BATHED, bathed ? 1.0 : 0.0);
    known.put(FactName.KEPT_WET, nos.stream().anyMatch(i -> route.wetting(i) != null) ? 1.0 : 0.0);
    if (bathed) {
      known.put(FactName.RINSED, has(done, route, Effect.WASHES) ? 1.0 : 0.0);
    }
    double driedWantedH =
        nos.stream().filter(i -> route.kind(i).has(Effect.DRIES)).mapToDouble(route::waitH).sum();
    known.put(FactName.SEAL_AFTER_H, driedWantedH);
    Instant last = null;
    for (StepActView act : done) {
      if (had(act, route, Effect.COATS) && last != null) {
        double hours = Duration.between(last, act.doneAt()).toMillis() / 3_600_000.0;
        if (act.round() == 1) {
          known.put(FactName.DRIED_H, hours);
        } else {
          known.merge(FactName.COAT_GAP_MIN, hours * 60, Math::min);
        }
      }
      last = act.doneAt();
    }
    for (int i : nos) {
      RouteStep step = route.steps().get(i);
      if (route.kind(i).has(Effect.COATS) && step.times() > 1) {
        known.put(FactName.COAT_GAP_ASKED_MIN, step.gapMin());
        known.put(FactName.COAT_GRAMS_ASKED_PER_M2, step.gramsPerM2());
      }
    }
  }

  private static boolean has(List<StepActView> done, Route route, Effect effect) {
    return done.stream().anyMatch(a -> had(a, route, effect));
  }

  private static boolean had(StepActView act, Route route, Effect effect) {
    return act.step() != null && !act.leftOut() && route.kind(act.stepNo()).has(effect);
  }
}
