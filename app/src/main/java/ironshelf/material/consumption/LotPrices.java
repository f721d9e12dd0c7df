package ironshelf.material.consumption;

import static java.util.stream.Collectors.groupingBy;

import ironshelf.material.LotRepository;
import ironshelf.material.MaterialService;
import ironshelf.material.MaterialView;
import ironshelf.material.MovementRepository;
import ironshelf.store.CachedRead;
import ironshelf.store.RangeReads;
import ironshelf.store.TableVersions;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * What materials cost by the lots that they really came from (first in, first out, as the movements
 * say). A lot whose price nobody said costs what was usual when it came; where that was not known
 * either, what the lot before it did, or the next one, or what is usual now.
 */
@Service
@Transactional(readOnly = true)
public class LotPrices {

  private static final int SCALE = 8;

  private final LotRepository lots;
  private final MovementRepository movements;
  private final MaterialService materials;

  private final CachedRead<Prices> prices;

  LotPrices(
      LotRepository lots,
      MovementRepository movements,
      MaterialService materials,
      TableVersions changes) {
    this.prices = changes.keep(this::readPrices, "lots", "materials");
    this.materials = materials;
    this.lots = lots;
    this.movements = movements;
  }

  /**
   * What a kilogram cost in each pour.
   *
   * @param perKg by pour and then material; one whose price is not known is not in it
   */
  public record OfPours(Map<Long, Map<Long, BigDecimal>> perKg) {

    /** Null where no price is known. */
    public @Nullable BigDecimal perKg(long pourId, long materialId) {
      return perKg.getOrDefault(pourId, Map.of()).get(materialId);
    }
  }

  /** What a kilogram of each lot cost, and what it is of. */
  private record Prices(Map<Long, BigDecimal> perKg, Map<Long, Long> materialOf) {}

  private Prices readPrices() {
    Map<Long, MaterialView> usual = materials.all();
    List<LotRepository.Priced> all = lots.priced();
    Map<Long, BigDecimal> perKg = new HashMap<>();
    Map<Long, Long> materialOf = new HashMap<>();
    all.forEach(lot -> materialOf.put(lot.lotId(), lot.materialId()));
    all.stream()
        .collect(groupingBy(LotRepository.Priced::materialId))
        .values()
        .forEach(own -> price(own, usual, perKg));
    return new Prices(perKg, materialOf);
  }

  /** What a kilogram of these materials cost in each of these pours. */
  public OfPours ofPours(Collection<Long> pourIds, Collection<Long> materialIds) {
    if (pourIds.isEmpty() || materialIds.isEmpty()) {
      return new OfPours(Map.of());
    }
    Map<Long, Map<Long, BigDecimal>> perKg =
        perKg(
            RangeReads.read(
                pourIds, movements::took, movements::tookBetween, MovementRepository.Took::pourId));
    perKg.values().forEach(byMaterial -> byMaterial.keySet().retainAll(materialIds));
    return new OfPours(perKg);
  }

  /** What a kilogram cost in each of these acts, by the act and then the material. */
  Map<Long, Map<Long, BigDecimal>> ofActs(Collection<Long> actIds) {
    return actIds.isEmpty() ? Map.of() : perKg(movements.tookByActs(actIds));
  }

  private Map<Long, Map<Long, BigDecimal>> perKg(List<MovementRepository.Took> taken) {
    Prices prices = this.prices.get();
    Map<Long, Map<Long, BigDecimal>> cost = new HashMap<>();
    Map<Long, Map<Long, BigDecimal>> mass = new HashMap<>();
    for (MovementRepository.Took took : taken) {
      BigDecimal price = prices.perKg.get(took.lotId());
      Long material = prices.materialOf.get(took.lotId());
      if (price != null && took.kg().signum() > 0) {
        add(cost, took.pourId(), material, price.multiply(took.kg()));
        add(mass, took.pourId(), material, took.kg());
      }
    }
    cost.forEach(
        (pour, byMaterial) ->
            byMaterial.replaceAll(
                (material, sum) ->
                    sum.divide(mass.get(pour).get(material), SCALE, RoundingMode.HALF_UP)));
    return cost;
  }

  private static void add(
      Map<Long, Map<Long, BigDecimal>> to, long pour, long material, BigDecimal amount) {
    to.computeIfAbsent(pour, p -> new HashMap<>()).merge(material, amount, BigDecimal::add);
  }

  /** The lots of one material, oldest first. */
  private static void price(
      List<LotRepository.Priced> lots, Map<Long, MaterialView> usual, Map<Long, BigDecimal> perKg) {
    BigDecimal known =
        lots.stream()
            .map(LotPrices::perKg)
            .filter(java.util.Objects::nonNull)
            .findFirst()
            .orElseGet(() -> usual.get(lots.get(0).materialId()).pricePerKg());
    for (LotRepository.Priced lot : lots) {
      BigDecimal own = perKg(lot);
      known = own == null ? known : own;
      if (known != null) {
        perKg.put(lot.lotId(), known);
      }
    }
  }

  private static @Nullable BigDecimal perKg(LotRepository.Priced lot) {
    return lot.price() == null || lot.receivedKg().signum() <= 0
        ? lot.usualPerKg()
        : lot.price().divide(lot.receivedKg(), SCALE, RoundingMode.HALF_UP);
  }
}
