package ironshelf.pour.use;

import static java.util.stream.Collectors.groupingBy;

import ironshelf.core.piece.PieceCost;
import ironshelf.material.MaterialService;
import ironshelf.material.MaterialView;
import ironshelf.mould.MouldService;
import ironshelf.mould.MouldView;
import ironshelf.piece.PieceService;
import ironshelf.piece.PieceView;
import ironshelf.pour.PourService;
import ironshelf.pour.PourTaken;
import ironshelf.product.ProductService;
import ironshelf.product.ProductView;
import ironshelf.recipe.RecipeService;
import ironshelf.workshop.WorkshopService;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Clock;
import java.time.YearMonth;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Adds up what pours took. */
@Service
@Transactional(readOnly = true)
class UseService {

  /** What the rows are added up by. */
  enum By {
    PRODUCT,
    MONTH,
    POUR
  }

  private static final int MONEY = 4;

  private final PourService pours;
  private final MaterialService materials;
  private final ProductService products;
  private final PieceService pieces;
  private final MouldService moulds;
  private final RecipeService recipes;
  private final WorkshopService workshop;
  private final Clock clock;

  UseService(
      PourService pours,
      MaterialService materials,
      ProductService products,
      PieceService pieces,
      MouldService moulds,
      RecipeService recipes,
      WorkshopService workshop,
      Clock clock) {
    this.pours = pours;
    this.materials = materials;
    this.products = products;
    this.pieces = pieces;
    this.moulds = moulds;
    this.recipes = recipes;
    this.workshop = workshop;
    this.clock = clock;
  }

  UseView use(By by) {
    List<PourTaken> all = pours.taken();
    Map<Long, ProductView> productsById = products.all();
    Map<Long, List<PieceView>> made =
        pieces.ofPours(all.stream().map(PourTaken::id).toList()).stream()
            .collect(groupingBy(PieceView::pourId));
    Map<Long, MaterialView> materialsById =
        materials.byIds(
            all.stream()
                .flatMap(p -> p.taken().stream())
                .map(PourTaken.Taken::materialId)
                .distinct()
                .toList());
    Map<String, List<PourTaken>> groups = new LinkedHashMap<>();
    for (PourTaken pour : all) {
      groups.computeIfAbsent(name(by, pour, productsById), name -> new ArrayList<>()).add(pour);
    }
    List<UseView.UseRow> rows = new ArrayList<>();
    groups.forEach((name, some) -> rows.addAll(rows(name, some, made, materialsById)));
    rows.sort(
        Comparator.comparingDouble((UseView.UseRow r) -> Math.abs(r.driftPercent())).reversed());
    return new UseView(List.copyOf(rows), costs(all, productsById, made, materialsById));
  }

  private String name(By by, PourTaken pour, Map<Long, ProductView> productsById) {
    return switch (by) {
      case PRODUCT -> productsById.get(pour.productId()).name();
      case MONTH -> YearMonth.from(pour.pouredAt().atZone(clock.getZone())).toString();
      case POUR -> "pour " + pour.id();
    };
  }

  private static List<UseView.UseRow> rows(
      String name,
      List<PourTaken> some,
      Map<Long, List<PieceView>> made,
      Map<Long, MaterialView> materialsById) {
    Map<Long, BigDecimal> asked = new LinkedHashMap<>();
    Map<Long, BigDecimal> actual = new LinkedHashMap<>();
    for (PourTaken pour : some) {
      for (PourTaken.Taken t : pour.taken()) {
        asked.merge(t.materialId(), t.askedKg(), BigDecimal::add);
        actual.merge(t.materialId(), t.actualKg(), BigDecimal::add);
      }
    }
    int count = some.stream().mapToInt(p -> made.getOrDefault(p.id(), List.of()).size()).sum();
    List<UseView.UseRow> rows = new ArrayList<>();
    asked.forEach(
        (id, wanted) -> {
          BigDecimal took = actual.get(id);
          double drift =
              wanted.signum() == 0 ? 0 : 100 * (took.doubleValue() / wanted.doubleValue() - 1);
          rows.add(
              new UseView.UseRow(
                  name,
                  materialsById.get(id).name(),
                  count,
                  wanted,
                  took,
                  drift,
                  took.divide(BigDecimal.valueOf(Math.max(1, count)), MONEY, RoundingMode.HALF_UP),
                  cost(took, materialsById.get(id))));
        });
    return rows;
  }

  private static @Nullable BigDecimal cost(BigDecimal kg, MaterialView material) {
    BigDecimal perKg = material.pricePerKg();
    return perKg == null ? null : perKg.multiply(kg).setScale(MONEY, RoundingMode.HALF_UP);
  }

  private List<UseView.ProductCost> costs(
      List<PourTaken> all,
      Map<Long, ProductView> productsById,
      Map<Long, List<PieceView>> made,
      Map<Long, MaterialView> materialsById) {
    BigDecimal rate = workshop.view().ratePerHour();
    List<UseView.ProductCost> costs = new ArrayList<>();
    all.stream()
        .collect(
            groupingBy(
                PourTaken::productId, LinkedHashMap::new, java.util.stream.Collectors.toList()))
        .forEach(
            (productId, some) -> {
              List<PieceView> own =
                  some.stream()
                      .flatMap(p -> made.getOrDefault(p.id(), List.of()).stream())
                      .toList();
              if (!own.isEmpty()) {
                costs.add(cost(productsById.get(productId), some, own, materialsById, rate));
              }
            });
    return List.copyOf(costs);
  }

  private UseView.ProductCost cost(
      ProductView product,
      List<PourTaken> some,
      List<PieceView> own,
      Map<Long, MaterialView> materialsById,
      BigDecimal rate) {
    BigDecimal materialCost = BigDecimal.ZERO;
    for (PourTaken pour : some) {
      for (PourTaken.Taken t : pour.taken()) {
        BigDecimal cost = cost(t.actualKg(), materialsById.get(t.materialId()));
        materialCost = cost == null ? materialCost : materialCost.add(cost);
      }
    }
    BigDecimal each =
        materialCost.divide(BigDecimal.valueOf(own.size()), MONEY, RoundingMode.HALF_UP);
    MouldView mould = moulds.mould(product.mouldId());
    BigDecimal wear =
        mould.wearPerCast() == null
            ? BigDecimal.ZERO
            : mould
                .wearPerCast()
                .divide(BigDecimal.valueOf(mould.shape().cavities()), MONEY, RoundingMode.HALF_UP);
    double mixMinutes = some.size() * recipes.latest(product.recipeId()).mixMin() / own.size();
    double scrapShare = (double) own.stream().filter(PieceView::isScrap).count() / own.size();
    PieceCost cost =
        PieceCost.of(
            each,
            wear,
            BigDecimal.ZERO,
            product.minutesPerPiece() + mixMinutes,
            rate,
            Math.min(0.9, scrapShare));
    return new UseView.ProductCost(
        product.name(),
        own.size(),
        scrapShare,
        cost.materials(),
        cost.mouldWear(),
        cost.labour(),
        cost.scrap(),
        cost.total(),
        product.price());
  }
}
