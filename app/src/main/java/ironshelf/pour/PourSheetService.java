package ironshelf.pour;

import static java.util.Objects.requireNonNull;

import ironshelf.copy.CopyView;
import ironshelf.core.cure.Stay;
import ironshelf.core.mould.Grain;
import ironshelf.core.mould.MouldResult;
import ironshelf.core.mould.MouldSum;
import ironshelf.core.mould.Section;
import ironshelf.core.pour.BatchSplit;
import ironshelf.core.pour.PourInput;
import ironshelf.core.pour.PourSum;
import ironshelf.core.pour.TargetReading;
import ironshelf.core.pour.script.PourSheet;
import ironshelf.core.pour.script.SheetMaker;
import ironshelf.core.quantity.Finding;
import ironshelf.core.quantity.FindingCode;
import ironshelf.core.recipe.BatchRequest;
import ironshelf.core.recipe.BatchResult;
import ironshelf.core.recipe.BatchSum;
import ironshelf.core.recipe.Recipe;
import ironshelf.cure.CureService;
import ironshelf.cure.Temperatures;
import ironshelf.http.Catalogue;
import ironshelf.http.FindingView;
import ironshelf.material.MaterialService;
import ironshelf.material.MaterialView;
import ironshelf.product.ProductLayer;
import ironshelf.product.Target;
import ironshelf.recipe.RecipeService;
import ironshelf.workshop.WorkshopService;
import ironshelf.workshop.WorkshopView;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Works out pour sheets; keeps nothing. */
@Service
@Transactional(readOnly = true)
public class PourSheetService {

  private final Chooser chooser;
  private final WorkshopService workshop;
  private final RecipeService recipes;
  private final MaterialService materials;
  private final CureService cure;
  private final Catalogue catalogue;

  PourSheetService(
      Chooser chooser,
      WorkshopService workshop,
      RecipeService recipes,
      MaterialService materials,
      CureService cure,
      Catalogue catalogue) {
    this.chooser = chooser;
    this.workshop = workshop;
    this.recipes = recipes;
    this.materials = materials;
    this.cure = cure;
    this.catalogue = catalogue;
  }

  /** The sheet for filling these copies at that moment. */
  public SheetView sheet(PourSheetRequest request, Instant at) {
    return sheet(request, chooser.choose(request), at);
  }

  /** What is to be weighed for a choice, and what it was worked out from. */
  private record Worked(
      WorkshopView shop,
      double roomC,
      double waterC,
      List<RecipeService.Mix> mixes,
      double densityKgM3,
      PourSum sum) {}

  private Worked work(PourSheetRequest request, Chosen chosen) {
    WorkshopView shop = workshop.view();
    double roomC = Double.isNaN(request.roomC()) ? shop.roomC() : request.roomC();
    double waterC = Double.isNaN(request.waterC()) ? Math.max(0, roomC) : request.waterC();
    List<RecipeService.Mix> mixes = chosen.session().stream().map(l -> mix(chosen, l)).toList();
    double density = densityKgM3(mixes.get(0).recipe());
    List<BatchSplit.Load> loads = new ArrayList<>();
    for (Chosen.Fill fill : chosen.fills()) {
      double litres = litresEach(chosen, fill, density);
      double minutes = fill.product().minutesPerPiece() * fill.mould().shape().cavities();
      fill.copies().forEach(c -> loads.add(new BatchSplit.Load(c.code(), litres, minutes)));
    }
    PourSum sum =
        PourSum.of(
            new PourInput(
                IntStream.range(0, mixes.size())
                    .mapToObj(i -> new PourInput.LayerMix(mixes.get(i).recipe(), chosen.share(i)))
                    .toList(),
                loads,
                shop.wastePercent(),
                shop.mixerL(),
                roomC,
                waterC,
                chosen.recipe().mixMin(),
                request.minutesWanted(),
                null));
    return new Worked(shop, roomC, waterC, mixes, density, sum);
  }

  /**
   * What is meant to be poured, as it is kept with the pour.
   *
   * @param lines the order line that each product is poured for, by the product; for stock where it
   *     has none
   * @param seen the version of each copy as it was chosen; as it is when it is filled where it has
   *     none
   */
  public Meant meant(PourSheetRequest request, Map<Long, Long> lines, Map<Long, Long> seen) {
    Chosen chosen = chooser.choose(request);
    Worked worked = work(request, chosen);
    List<PourSheet.PlannedCopy> copies = new ArrayList<>();
    List<Meant.MeantCopy> copiesMeant = new ArrayList<>();
    for (Chosen.Fill fill : chosen.fills()) {
      double litres = litresEach(chosen, fill, worked.densityKgM3());
      for (CopyView copy : fill.copies()) {
        copies.add(new PourSheet.PlannedCopy(copy.code(), litres, fill.mould().shape().cavities()));
        copiesMeant.add(
            new Meant.MeantCopy(
                copy.code(),
                copy.id(),
                seen.get(copy.id()),
                fill.product().id(),
                lines.get(fill.product().id())));
      }
    }
    PourSheet sheet =
        new PourSheet(
            chosen.recipe().placement(),
            List.of("moulds", "protection"),
            workingMin(worked.sum()),
            worked.shop().wastePercent(),
            IntStream.range(0, chosen.session().size())
                .mapToObj(
                    i ->
                        new PourSheet.PlannedLayer(chosen.session().get(i).name(), chosen.share(i)))
                .toList(),
            copies,
            SheetMaker.batches(
                worked.sum(),
                worked.mixes().stream()
                    .map(
                        m ->
                            new SheetMaker.LayerMaterials(
                                chosen.recipe().addition(),
                                m.materialIds().stream().map(String::valueOf).toList()))
                    .toList(),
                copies.stream().map(PourSheet.PlannedCopy::key).toList()));
    return new Meant(
        sheet,
        copiesMeant,
        chosen.recipe().id(),
        chosen.colourway().id(),
        chosen.session().stream().map(chosen::colourwayOf).toList(),
        chosen.firstLayer(),
        worked.roomC(),
        worked.waterC());
  }

  private static double workingMin(PourSum sum) {
    return sum.layers().stream()
        .mapToDouble(l -> requireNonNull(l.workingMin()))
        .min()
        .orElseThrow();
  }

  SheetView sheet(PourSheetRequest request, Chosen chosen, Instant at) {
    Worked worked = work(request, chosen);
    WorkshopView shop = worked.shop();
    PourSum sum = worked.sum();
    List<RecipeService.Mix> mixes = worked.mixes();
    double density = worked.densityKgM3();
    CureService.DemouldGate gate =
        cure.gate(
            List.of(new Stay(Temperatures.ROOM, at)),
            chosen.recipe().demouldAgeH(),
            chosen.recipe().greenUntilAgeH());
    List<SheetLines> lines = mixes.stream().map(m -> lines(m, shop, chosen)).toList();
    List<SheetView.SheetFill> fills =
        chosen.fills().stream().map(f -> fill(chosen, f, sum, density)).toList();
    return new SheetView(
        chosen.recipe(),
        chosen.colourway(),
        chosen.firstLayer(),
        fills,
        layers(chosen, sum, lines),
        sum.batches().stream().map(b -> batch(b, chosen, lines, sum)).toList(),
        chosen.fills().stream()
            .mapToInt(f -> f.copies().size() * f.mould().shape().cavities())
            .sum(),
        chosen.fills().stream()
            .mapToDouble(f -> f.copies().size() * litresEach(chosen, f, density))
            .sum(),
        worked.roomC(),
        worked.waterC(),
        workingMin(sum),
        sum.layers().get(0).cooling(),
        gate.readyAt(),
        gate.greenUntil(),
        warnings(chosen, sum, mixes, density, at));
  }

  private RecipeService.Mix mix(Chosen chosen, ProductLayer layer) {
    RecipeService.Mix mix = recipes.mix(chosen.recipe().id(), chosen.colourwayOf(layer));
    return Boolean.TRUE.equals(layer.withoutFibre()) ? mix.withoutFibre() : mix;
  }

  private static double densityKgM3(Recipe recipe) {
    return BatchSum.of(BatchRequest.ofOneLitre(recipe)).freshDensityKgM3();
  }

  /** What one copy takes in this session: all it holds, or what its pieces are to weigh. */
  private static double litresEach(Chosen chosen, Chosen.Fill fill, double densityKgM3) {
    Double freshKg = freshKg(chosen, fill);
    double whole =
        freshKg == null
            ? fill.mould().capacityL()
            : freshKg * fill.mould().shape().cavities() / densityKgM3 * 1000;
    return whole * chosen.sessionShare();
  }

  /** Wet mix of one piece sold by its mass; null where its mass does not matter. */
  private static @Nullable Double freshKg(Chosen chosen, Chosen.Fill fill) {
    Target target = fill.product().target();
    return target == null
        ? null
        : TargetReading.of(target.massKg(), 0, target.hardwareKg(), chosen.recipe().retention(), 1)
            .freshKg();
  }

  private SheetView.SheetFill fill(
      Chosen chosen, Chosen.Fill fill, PourSum sum, double densityKgM3) {
    double litres = litresEach(chosen, fill, densityKgM3);
    MouldResult filled =
        MouldSum.of(
            fill.mould().shape(),
            densityKgM3,
            fill.mould().coreMassKg(),
            fill.mould().leastWallMm(),
            fill.mould().wallKind());
    List<Double> layerKg =
        IntStream.range(0, chosen.session().size())
            .mapToObj(
                i ->
                    litres
                        * chosen.session().get(i).sharePercent()
                        / 100
                        / chosen.sessionShare()
                        * sum.layers().get(i).freshDensityKgM3()
                        / 1000)
            .toList();
    return new SheetView.SheetFill(
        fill.product(),
        fill.mould().name(),
        Section.of(fill.mould().shape()),
        fill.mould().preparation(),
        fill.mould().faces(),
        litres,
        chosen.firstLayer() == 0 ? filled.holdDownWithMarginKg() : 0,
        fill.copies().stream()
            .map(c -> new SheetView.SheetCopy(c, layerKg, stopAtKg(chosen, fill, c)))
            .toList());
  }

  private static @Nullable Double stopAtKg(Chosen chosen, Chosen.Fill fill, CopyView copy) {
    Target target = fill.product().target();
    Double freshKg = freshKg(chosen, fill);
    if (target == null || freshKg == null) {
      return null;
    }
    double empty = copy.emptyKg() == null ? 0 : copy.emptyKg();
    int cavities = fill.mould().shape().cavities();
    return empty + cavities * (target.hardwareKg() + freshKg * chosen.shareAfter(fill.product()));
  }

  private SheetLines lines(RecipeService.Mix mix, WorkshopView shop, Chosen chosen) {
    Map<Long, MaterialView> byId = materials.byIds(mix.materialIds());
    return new SheetLines(
        mix.materialIds().stream().map(byId::get).toList(),
        materials.remainingKg(mix.materialIds()),
        shop.scoopL(),
        chosen.recipe().addition().order());
  }

  private List<SheetView.SheetLayer> layers(Chosen chosen, PourSum sum, List<SheetLines> lines) {
    return IntStream.range(0, chosen.session().size())
        .mapToObj(
            i -> {
              ProductLayer layer = chosen.session().get(i);
              BatchResult mixed = sum.layers().get(i);
              return new SheetView.SheetLayer(
                  layer.name(),
                  layer.sharePercent(),
                  recipes.colourway(chosen.colourwayOf(layer)),
                  mixed.yieldL(),
                  mixed.freshDensityKgM3(),
                  requireNonNull(mixed.workingMin()),
                  requireNonNull(mixed.water()),
                  lines.get(i).of(mixed.lines()));
            })
        .toList();
  }

  private static SheetView.SheetBatch batch(
      PourSum.PourBatch batch, Chosen chosen, List<SheetLines> lines, PourSum sum) {
    return new SheetView.SheetBatch(
        chosen.fills().stream()
            .flatMap(f -> f.copies().stream())
            .filter(c -> batch.copies().contains(c.code()))
            .map(CopyView::id)
            .toList(),
        IntStream.range(0, lines.size())
            .mapToObj(i -> new SheetView.BatchLayer(lines.get(i).of(batch.layers().get(i))))
            .toList(),
        requireNonNull(sum.pourWithinMin()));
  }

  private List<FindingView> warnings(
      Chosen chosen, PourSum sum, List<RecipeService.Mix> mixes, double densityKgM3, Instant at) {
    // A set: two layers, or two moulds, may warn of the same thing.
    Set<Finding> warnings = new LinkedHashSet<>();
    Instant mayStartAt = chosen.mayStartAt();
    if (mayStartAt != null && at.isBefore(mayStartAt)) {
      warnings.add(
          Finding.of(
              FindingCode.LAYER_EARLY,
              Map.of(
                  "layer",
                  chosen.session().get(0).name(),
                  "minutes",
                  Math.ceil(Duration.between(at, mayStartAt).toSeconds() / 60.0))));
    }
    for (Chosen.Fill fill : chosen.fills()) {
      double capacityL = fill.mould().capacityL() * chosen.sessionShare();
      double litres = litresEach(chosen, fill, densityKgM3);
      if (litres > capacityL) {
        warnings.add(
            Finding.of(
                FindingCode.TARGET_OVERFILLS,
                Map.of(
                    "product",
                    fill.product().name(),
                    "value",
                    litres,
                    "capacity",
                    capacityL,
                    "wanted",
                    densityKgM3 * litres / capacityL)));
      }
      for (RecipeService.Mix mix : mixes) {
        Grain.tooLarge(fill.mould().shape(), mix.recipe().largestGrainMm())
            .ifPresent(warnings::add);
      }
      warnings.addAll(
          MouldSum.of(
                  fill.mould().shape(),
                  densityKgM3,
                  fill.mould().coreMassKg(),
                  fill.mould().leastWallMm(),
                  fill.mould().wallKind())
              .warnings());
    }
    sum.layers().forEach(l -> warnings.addAll(l.warnings()));
    return catalogue.views(List.copyOf(warnings));
  }
}
