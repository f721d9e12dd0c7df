package ironshelf.material;

import static java.util.stream.Collectors.groupingBy;

import ironshelf.core.material.StartingMaterials;
import ironshelf.http.ProblemException;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Materials and their stock. */
@Service
@Transactional
public class MaterialService {

  private final MaterialRepository materials;
  private final LotRepository lots;
  private final MovementRepository movements;

  MaterialService(MaterialRepository materials, LotRepository lots, MovementRepository movements) {
    this.materials = materials;
    this.lots = lots;
    this.movements = movements;
  }

  /** Takes one of the materials shipped into the shop. */
  public MaterialView adopt(String code, @Nullable Double packKg) {
    return materials
        .save(new Material(StartingMaterials.shipped().find(code).orElseThrow(), packKg))
        .view();
  }

  /** Books a delivery. */
  public void receive(long materialId, String lotCode, BigDecimal massKg, Instant at) {
    Lot lot = lots.save(new Lot(materialId, lotCode));
    movements.save(new Movement(lot.id(), MovementKind.RECEIVED, massKg, at, null));
  }

  /**
   * Takes what a pour used, from the oldest lots first.
   *
   * @param acceptShort whether the last lot may go below zero: what went in went in, and the count
   *     was wrong
   */
  public void use(
      long materialId, BigDecimal massKg, Instant at, long pourId, boolean acceptShort) {
    if (massKg.signum() == 0) {
      return;
    }
    lots.findByMaterialIdOrderById(materialId);
    List<LotRepository.Remaining> rests = lots.remaining(List.of(materialId));
    BigDecimal stock = sum(rests);
    if (stock.compareTo(massKg) < 0 && !acceptShort) {
      throw ProblemException.conflict(
          "stock.short",
          Map.of(
              "material", byId(materialId).name(),
              "asked", massKg.doubleValue(),
              "stock", stock.doubleValue()));
    }
    BigDecimal left = massKg;
    for (int i = 0; i < rests.size() && left.signum() > 0; i++) {
      boolean last = i == rests.size() - 1;
      BigDecimal taken = last ? left : left.min(rests.get(i).kg());
      if (taken.signum() > 0) {
        movements.save(
            new Movement(rests.get(i).lotId(), MovementKind.USED, taken.negate(), at, pourId));
        left = left.subtract(taken);
      }
    }
  }

  @Transactional(readOnly = true)
  public Map<Long, MaterialView> byIds(Collection<Long> ids) {
    Map<Long, MaterialView> views = new LinkedHashMap<>();
    materials.findAllById(ids).forEach(m -> views.put(m.id(), m.view()));
    return views;
  }

  @Transactional(readOnly = true)
  public MaterialView byId(long id) {
    return materials
        .findById(id)
        .map(Material::view)
        .orElseThrow(() -> ProblemException.unknown("material", id));
  }

  /** What is left of these materials; those without a lot count nothing. */
  @Transactional(readOnly = true)
  public Map<Long, BigDecimal> remainingKg(Collection<Long> materialIds) {
    Map<Long, BigDecimal> remaining = new LinkedHashMap<>();
    lots.remaining(materialIds)
        .forEach(rest -> remaining.merge(rest.materialId(), rest.kg(), BigDecimal::add));
    return remaining;
  }

  /** The whole stock by name. */
  @Transactional(readOnly = true)
  public List<StockView> stock() {
    List<MaterialView> all = materials.findAll().stream().map(Material::view).toList();
    Map<Long, List<LotRepository.Remaining>> rests =
        lots.remaining(all.stream().map(MaterialView::id).toList()).stream()
            .collect(groupingBy(LotRepository.Remaining::materialId));
    return all.stream()
        .map(
            material -> {
              List<LotRepository.Remaining> mine = rests.getOrDefault(material.id(), List.of());
              return new StockView(
                  material,
                  sum(mine),
                  mine.stream()
                      .map(r -> new StockView.LotView(r.lotId(), r.code(), r.kg()))
                      .toList());
            })
        .sorted(java.util.Comparator.comparing(s -> s.material().name()))
        .toList();
  }

  /** What a pour took from the lots. */
  @Transactional(readOnly = true)
  public List<MovementView> movementsOf(long pourId) {
    return movements.findByPourIdOrderById(pourId).stream().map(Movement::view).toList();
  }

  private static BigDecimal sum(List<LotRepository.Remaining> rests) {
    return rests.stream().map(LotRepository.Remaining::kg).reduce(BigDecimal.ZERO, BigDecimal::add);
  }
}
