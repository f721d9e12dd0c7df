package ironshelf.material;

import static java.util.stream.Collectors.groupingBy;

import ironshelf.core.material.Role;
import ironshelf.core.material.StartingMaterials;
import ironshelf.http.PageOf;
import ironshelf.http.ProblemException;
import java.math.BigDecimal;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Pageable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Materials and their stock. */
@Service
@Transactional
public class MaterialService {

  private static final int OPENED_BINDER_KEEPS_MONTHS = 3;

  private final MaterialRepository materials;
  private final LotRepository lots;
  private final MovementRepository movements;
  private final Clock clock;

  MaterialService(
      MaterialRepository materials, LotRepository lots, MovementRepository movements, Clock clock) {
    this.clock = clock;
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

  /** One of the materials shipped, taken into the shop if it is not there yet. */
  public MaterialView adoptOnce(String code) {
    return materials.findByCode(code).map(Material::view).orElseGet(() -> adopt(code, null));
  }

  /** Books a delivery. */
  public void receive(long materialId, String lotCode, BigDecimal massKg, Instant at) {
    receive(materialId, lotCode, massKg, at, null);
  }

  /** Books a delivery that keeps until a day; null where it keeps. */
  public void receive(
      long materialId, String lotCode, BigDecimal massKg, Instant at, @Nullable LocalDate staleOn) {
    byId(materialId);
    if (lots.existsByCode(lotCode)) {
      throw ProblemException.conflict("name.taken", Map.of("what", "lot", "value", lotCode));
    }
    Lot lot = lots.save(new Lot(materialId, lotCode, dayOf(at), staleOn));
    movements.save(new Movement(lot.id(), MovementKind.RECEIVED, massKg, at, null));
  }

  private LocalDate dayOf(Instant at) {
    return at.atZone(clock.getZone()).toLocalDate();
  }

  /** Keeps what the shop knows better; one level scoop says the loose density. */
  public MaterialView change(long id, long seenVersion, MaterialChange to, double scoopL) {
    Material material =
        materials.findById(id).orElseThrow(() -> ProblemException.unknown("material", id));
    if (material.version() != seenVersion) {
      throw ProblemException.stale();
    }
    material.change(to, scoopL);
    return materials.saveAndFlush(material).view();
  }

  /** Opens a lot: binder goes stale three months after (common practice). */
  public void open(long lotId, Instant at) {
    Lot lot = lot(lotId);
    boolean binder = byId(lot.materialId()).role() == Role.BINDER;
    LocalDate today = dayOf(at);
    lot.open(today, binder ? today.plusMonths(OPENED_BINDER_KEEPS_MONTHS) : null);
  }

  /** Books what a count found: the difference to the books, with its reason. */
  public void count(long lotId, BigDecimal foundKg, String reason, Instant at) {
    adjust(lotId, MovementKind.COUNTED, foundKg.subtract(remainingOf(lotId)), reason, at);
  }

  /** Books what was spilt, set or thrown away. */
  public void waste(long lotId, BigDecimal massKg, String reason, Instant at) {
    adjust(lotId, MovementKind.WASTED, massKg.negate(), reason, at);
  }

  private void adjust(
      long lotId, MovementKind kind, BigDecimal changeKg, String reason, Instant at) {
    if (changeKg.signum() != 0) {
      movements.save(Movement.because(lotId, kind, changeKg, at, reason));
    }
  }

  private BigDecimal remainingOf(long lotId) {
    return lots.remaining(List.of(lot(lotId).materialId())).stream()
        .filter(r -> r.lotId() == lotId)
        .map(LotRepository.Remaining::kg)
        .findFirst()
        .orElse(BigDecimal.ZERO);
  }

  private Lot lot(long id) {
    return lots.findById(id).orElseThrow(() -> ProblemException.unknown("lot", id));
  }

  /** What was done to a material's lots, newest first. */
  @Transactional(readOnly = true)
  public PageOf<MovementView> movements(long materialId, Pageable page) {
    byId(materialId);
    return PageOf.of(movements.ofMaterial(materialId, page), Movement::view);
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

  /** Gives back what a pour took, where it was never made. */
  public void giveBack(long pourId, Instant at) {
    for (Movement took : movements.findByPourIdOrderById(pourId)) {
      movements.save(
          new Movement(took.lotId(), MovementKind.GIVEN_BACK, took.massKg().negate(), at, pourId));
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
    Map<Long, Lot> lotsById = new LinkedHashMap<>();
    lots.findAll().forEach(lot -> lotsById.put(lot.id(), lot));
    return all.stream()
        .map(
            material -> {
              List<LotRepository.Remaining> mine = rests.getOrDefault(material.id(), List.of());
              return new StockView(
                  material,
                  sum(mine),
                  mine.stream().map(r -> lotsById.get(r.lotId()).view(r.kg())).toList());
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
