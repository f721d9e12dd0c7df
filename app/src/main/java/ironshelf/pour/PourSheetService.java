package ironshelf.pour;

import static java.util.Objects.requireNonNull;

import ironshelf.copy.CopyView;
import ironshelf.core.material.Role;
import ironshelf.core.mould.MouldResult;
import ironshelf.core.mould.MouldSum;
import ironshelf.core.mould.Section;
import ironshelf.core.recipe.BatchRequest;
import ironshelf.core.recipe.BatchResult;
import ironshelf.core.recipe.BatchSum;
import ironshelf.core.recipe.Tolerance;
import ironshelf.cure.CureService;
import ironshelf.http.Catalogue;
import ironshelf.http.FindingView;
import ironshelf.http.ProblemException;
import ironshelf.material.MaterialService;
import ironshelf.mould.MouldService;
import ironshelf.mould.MouldView;
import ironshelf.product.ProductService;
import ironshelf.product.ProductView;
import ironshelf.recipe.ColourwayView;
import ironshelf.recipe.RecipeService;
import ironshelf.recipe.RecipeView;
import ironshelf.workshop.WorkshopService;
import ironshelf.workshop.WorkshopView;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Works out pour sheets; keeps nothing. */
@Service
@Transactional(readOnly = true)
public class PourSheetService {

  private final WorkshopService workshop;
  private final ProductService products;
  private final MouldService moulds;
  private final RecipeService recipes;
  private final MaterialService materials;
  private final CureService cure;
  private final Catalogue catalogue;

  PourSheetService(
      WorkshopService workshop,
      ProductService products,
      MouldService moulds,
      RecipeService recipes,
      MaterialService materials,
      CureService cure,
      Catalogue catalogue) {
    this.workshop = workshop;
    this.products = products;
    this.moulds = moulds;
    this.recipes = recipes;
    this.materials = materials;
    this.cure = cure;
    this.catalogue = catalogue;
  }

  /** The sheet for filling these copies at that moment. */
  public PourSheet sheet(PourSheetRequest request, Instant at) {
    WorkshopView shop = workshop.view();
    ProductView product = products.product(requireNonNull(request.productId()));
    RecipeView recipe = recipes.latest(product.recipeId());
    ColourwayView colourway = colourwayOf(product, requireNonNull(request.colourwayId()));
    MouldView mould = moulds.mould(product.mouldId());
    List<CopyView> copies = chosen(mould, product, request.copyIds());
    RecipeService.Mix mix = recipes.mix(recipe.id(), colourway.id());
    int pieces = copies.size() * mould.shape().cavities();
    double roomC = Double.isNaN(request.roomC()) ? shop.roomC() : request.roomC();
    double capacityL = mould.capacityL() * copies.size();
    BatchRequest wanted =
        new BatchRequest(
            mix.recipe(),
            capacityL,
            shop.wastePercent(),
            shop.mixerL(),
            roomC,
            request.waterC(),
            pieces,
            product.minutesPerPiece(),
            recipe.mixMin(),
            0,
            request.minutesWanted());
    BatchResult batch = BatchSum.of(wanted);
    MouldResult filled =
        MouldSum.of(
            mould.shape(),
            batch.freshDensityKgM3(),
            mould.coreMassKg(),
            mould.leastWallMm(),
            mould.wallKind());
    CureService.Gate gate = cure.gate(at, roomC, recipe.demouldAgeH(), recipe.greenUntilAgeH());
    Lines lines =
        new Lines(mix.materialIds(), materials.remainingKg(mix.materialIds()), shop, recipe);
    List<FindingView> warnings = new ArrayList<>(catalogue.views(filled.warnings()));
    warnings.addAll(catalogue.views(batch.warnings()));
    return new PourSheet(
        product,
        recipe,
        colourway,
        mould.name(),
        Section.of(mould.shape()),
        mould.preparation(),
        mould.faces(),
        copies,
        pieces,
        capacityL,
        roomC,
        wanted.waterC(),
        batch.yieldL(),
        filled.freshMassKg() / mould.shape().cavities(),
        filled.holdDownWithMarginKg(),
        requireNonNull(batch.workingMin()),
        requireNonNull(batch.water()),
        batch.cooling(),
        lines.of(batch.lines()),
        batch.batches().stream()
            .map(
                b ->
                    new PourSheet.SheetBatch(
                        b.pieces(), lines.of(b.lines()), requireNonNull(b.pourWithinMin())))
            .toList(),
        gate.readyAt(),
        gate.greenUntil(),
        List.copyOf(warnings));
  }

  private ColourwayView colourwayOf(ProductView product, long colourwayId) {
    ColourwayView colourway = recipes.colourway(colourwayId);
    if (colourway.recipeId() != product.recipeId()) {
      throw ProblemException.conflict(
          "pour.colourwayWrong", Map.of("colourway", colourway.name(), "product", product.name()));
    }
    return colourway;
  }

  private static List<CopyView> chosen(MouldView mould, ProductView product, List<Long> copyIds) {
    List<CopyView> copies = mould.copies().stream().filter(c -> copyIds.contains(c.id())).toList();
    if (copies.size() < copyIds.size()) {
      throw ProblemException.conflict(
          "copy.wrongMould",
          Map.of("copy", "One of them", "product", product.name(), "mould", mould.name()));
    }
    return copies;
  }

  /** Makes sheet lines of a batch's lines, which stand in the order of the mix's materials. */
  private record Lines(
      List<Long> materialIds, Map<Long, BigDecimal> stock, WorkshopView shop, RecipeView recipe) {

    List<PourSheet.SheetLine> of(List<BatchResult.Line> lines) {
      return IntStream.range(0, lines.size())
          .mapToObj(i -> line(materialIds.get(i), lines.get(i)))
          .sorted(Comparator.comparing(PourSheet.SheetLine::role, recipe.addition().order()))
          .toList();
    }

    private PourSheet.SheetLine line(long materialId, BatchResult.Line line) {
      boolean water = line.role() == Role.WATER;
      return new PourSheet.SheetLine(
          materialId,
          line.name(),
          line.role(),
          line.massKg(),
          Tolerance.kg(line.role(), line.massKg()),
          water ? null : scoops(line.scoopL()),
          line.bags(),
          water ? null : stock.getOrDefault(materialId, BigDecimal.ZERO));
    }

    private @Nullable Double scoops(@Nullable Double scoopL) {
      return scoopL == null ? null : scoopL / shop.scoopL();
    }
  }
}
