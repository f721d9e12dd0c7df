package ironshelf.pour.sheet;

import static java.util.Objects.requireNonNull;

import ironshelf.copy.CopyView;
import ironshelf.core.cure.Stay;
import ironshelf.core.mould.Grain;
import ironshelf.core.mould.MouldResult;
import ironshelf.core.mould.MouldSum;
import ironshelf.core.mould.Section;
import ironshelf.core.pour.PourSum;
import ironshelf.core.quantity.Finding;
import ironshelf.core.quantity.FindingCode;
import ironshelf.core.recipe.BatchResult;
import ironshelf.core.recipe.WorkingTime;
import ironshelf.cure.CureService;
import ironshelf.cure.Temperatures;
import ironshelf.http.problem.Catalogue;
import ironshelf.http.problem.FindingView;
import ironshelf.material.MaterialService;
import ironshelf.material.MaterialView;
import ironshelf.material.Stock;
import ironshelf.mould.MouldView;
import ironshelf.product.ProductLayer;
import ironshelf.product.ProductView;
import ironshelf.product.Target;
import ironshelf.recipe.RecipeService;
import ironshelf.workshop.WorkshopView;
import java.time.Duration;
import java.time.Instant;
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
  private final SheetSums sums;
  private final RecipeService recipes;
  private final MaterialService materials;
  private final Stock stock;
  private final CureService cure;
  private final Catalogue catalogue;
  private final SheetChecks checks;

  PourSheetService(
      Chooser chooser,
      SheetSums sums,
      RecipeService recipes,
      MaterialService materials,
      Stock stock,
      CureService cure,
      Catalogue catalogue,
      SheetChecks checks) {
    this.chooser = chooser;
    this.sums = sums;
    this.recipes = recipes;
    this.materials = materials;
    this.stock = stock;
    this.cure = cure;
    this.catalogue = catalogue;
    this.checks = checks;
  }

  /** The sheet for filling these copies at that moment. */
  public SheetView sheet(PourSheetRequest request, Instant at) {
    return sheet(request, chooser.choose(request), at);
  }

  private SheetView sheet(PourSheetRequest request, Chosen chosen, Instant at) {
    SheetSums.Worked worked = sums.work(request, chosen);
    WorkshopView shop = worked.shop();
    PourSum sum = worked.sum();
    List<RecipeService.Mix> mixes = worked.mixes();
    CureService.DemouldGate gate =
        cure.gate(
            List.of(new Stay(Temperatures.ROOM, at)),
            chosen.recipe().demouldAgeH(),
            chosen.recipe().greenUntilAgeH());
    List<SheetLines> lines = mixes.stream().map(m -> lines(m, shop, chosen)).toList();
    List<SheetView.SheetFill> fills =
        worked.fills().stream().map(f -> fill(chosen, f, sum)).toList();
    return new SheetView(
        chosen.recipe(),
        chosen.colourway(),
        chosen.firstLayer(),
        fills,
        layers(chosen, sum, lines),
        sum.batches().stream().map(b -> batch(b, chosen, lines, sum)).toList(),
        worked.pieces(),
        worked.filledL(),
        worked.roomC(),
        worked.waterC(),
        SheetSums.workingMin(sum),
        WorkingTime.tappedMinutes(SheetSums.workingMin(sum)),
        sum.layers().get(0).cooling(),
        gate.readyAt(),
        gate.greenUntil(),
        warnings(chosen, worked, at),
        checks.of(chosen, fills));
  }

  private static SheetView.SheetFill fill(Chosen chosen, SheetSums.WorkedFill worked, PourSum sum) {
    Chosen.Fill fill = worked.fill();
    double litres = worked.litres();
    MouldResult filled = filled(worked);
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
            .map(c -> new SheetView.SheetCopy(c, layerKg, stopAtKg(chosen, worked, c)))
            .toList());
  }

  private static MouldResult filled(SheetSums.WorkedFill worked) {
    MouldView mould = worked.fill().mould();
    return MouldSum.of(
        mould.shape(),
        worked.whole().densityKgM3(),
        mould.coreMassKg(),
        mould.leastWallMm(),
        mould.wallKind());
  }

  /** What does not fit is not asked for. */
  private static @Nullable Double stopAtKg(
      Chosen chosen, SheetSums.WorkedFill worked, CopyView copy) {
    ProductView product = worked.fill().product();
    Target target = product.target();
    if (target == null) {
      return null;
    }
    double empty = copy.emptyKg() == null ? 0 : copy.emptyKg();
    int cavities = worked.fill().mould().shape().cavities();
    return empty + cavities * (target.hardwareKg() + worked.pieceKg() * chosen.shareAfter(product));
  }

  private SheetLines lines(RecipeService.Mix mix, WorkshopView shop, Chosen chosen) {
    Map<Long, MaterialView> byId = materials.byIds(mix.materialIds());
    return new SheetLines(
        mix.materialIds().stream().map(byId::get).toList(),
        stock.remainingKg(mix.materialIds()),
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

  private List<FindingView> warnings(Chosen chosen, SheetSums.Worked worked, Instant at) {
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
    for (SheetSums.WorkedFill each : worked.fills()) {
      Chosen.Fill fill = each.fill();
      double capacityL = each.holdsL();
      double litres = each.wantedL();
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
                    each.whole().densityKgM3() * litres / capacityL)));
      }
      for (RecipeService.Mix mix : worked.mixes()) {
        Grain.tooLarge(fill.mould().shape(), mix.recipe().largestGrainMm())
            .ifPresent(warnings::add);
      }
      warnings.addAll(filled(each).warnings());
    }
    worked.sum().layers().forEach(l -> warnings.addAll(l.warnings()));
    return catalogue.views(List.copyOf(warnings));
  }
}
