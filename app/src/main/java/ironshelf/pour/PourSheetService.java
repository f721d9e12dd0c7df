package ironshelf.pour;

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
import ironshelf.cure.CureService;
import ironshelf.cure.Temperatures;
import ironshelf.http.Catalogue;
import ironshelf.http.FindingView;
import ironshelf.material.MaterialService;
import ironshelf.material.MaterialView;
import ironshelf.product.ProductLayer;
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
  private final CureService cure;
  private final Catalogue catalogue;
  private final SheetChecks checks;

  PourSheetService(
      Chooser chooser,
      SheetSums sums,
      RecipeService recipes,
      MaterialService materials,
      CureService cure,
      Catalogue catalogue,
      SheetChecks checks) {
    this.chooser = chooser;
    this.sums = sums;
    this.recipes = recipes;
    this.materials = materials;
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
            .mapToDouble(f -> f.copies().size() * SheetSums.litresEach(chosen, f, density))
            .sum(),
        worked.roomC(),
        worked.waterC(),
        SheetSums.workingMin(sum),
        sum.layers().get(0).cooling(),
        gate.readyAt(),
        gate.greenUntil(),
        warnings(chosen, sum, mixes, density, at),
        checks.of(chosen, fills));
  }

  private SheetView.SheetFill fill(
      Chosen chosen, Chosen.Fill fill, PourSum sum, double densityKgM3) {
    double litres = SheetSums.litresEach(chosen, fill, densityKgM3);
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
            .map(c -> new SheetView.SheetCopy(c, layerKg, stopAtKg(chosen, fill, c, densityKgM3)))
            .toList());
  }

  private static @Nullable Double stopAtKg(
      Chosen chosen, Chosen.Fill fill, CopyView copy, double densityKgM3) {
    Target target = fill.product().target();
    Double wantedKg = SheetSums.freshKg(chosen, fill);
    if (target == null || wantedKg == null) {
      return null;
    }
    // What does not fit is not asked for.
    double holdsKg =
        fill.mould().capacityL() * densityKgM3 / 1000 / fill.mould().shape().cavities();
    double freshKg = Math.min(wantedKg, holdsKg);
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
      double litres = SheetSums.wantedL(chosen, fill, densityKgM3) * chosen.sessionShare();
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
