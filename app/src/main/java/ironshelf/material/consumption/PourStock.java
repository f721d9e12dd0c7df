package ironshelf.material.consumption;

import static java.util.Objects.requireNonNull;

import ironshelf.http.problem.ProblemException;
import ironshelf.material.Lot;
import ironshelf.material.LotRepository;
import ironshelf.material.MaterialService;
import ironshelf.material.Movement;
import ironshelf.material.MovementKind;
import ironshelf.material.MovementRepository;
import ironshelf.material.MovementView;
import ironshelf.material.Stock;
import ironshelf.material.TakenFor;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What pours and steps take from the lots, and what undone ones give back. */
@Service
@Transactional
public class PourStock {

  private final MaterialService materials;
  private final LotRepository lots;
  private final MovementRepository movements;

  PourStock(MaterialService materials, LotRepository lots, MovementRepository movements) {
    this.materials = materials;
    this.lots = lots;
    this.movements = movements;
  }

  /**
   * Takes what a pour used, from the oldest lots first.
   *
   * @param acceptShort whether the last lot may go below zero: what went in went in, and the count
   *     was wrong
   */
  public void use(
      long materialId, BigDecimal massKg, Instant at, long pourId, boolean acceptShort) {
    use(materialId, massKg, at, TakenFor.pour(pourId), acceptShort);
  }

  void use(long materialId, BigDecimal massKg, Instant at, TakenFor what, boolean acceptShort) {
    if (massKg.signum() == 0) {
      return;
    }
    lots.findByMaterialIdInOrderById(List.of(materialId));
    List<LotRepository.Remaining> rests = lots.remaining(List.of(materialId));
    BigDecimal stock = Stock.sum(rests);
    if (stock.compareTo(massKg) < 0 && !acceptShort) {
      throw ProblemException.conflict(
          "stock.short",
          Map.of(
              "material", materials.byId(materialId).name(),
              "asked", massKg.doubleValue(),
              "stock", stock.doubleValue()));
    }
    if (rests.isEmpty()) {
      Lot unbooked = materials.unbooked(materialId, at);
      movements.save(new Movement(unbooked.id(), MovementKind.USED, massKg.negate(), at, what));
      return;
    }
    BigDecimal left = massKg;
    for (int i = 0; i < rests.size() && left.signum() > 0; i++) {
      boolean last = i == rests.size() - 1;
      BigDecimal taken = last ? left : left.min(rests.get(i).kg());
      if (taken.signum() > 0) {
        movements.save(
            new Movement(rests.get(i).lotId(), MovementKind.USED, taken.negate(), at, what));
        left = left.subtract(taken);
      }
    }
  }

  /**
   * Makes what a pour took from the lots what it used: more is taken, what was too much is given
   * back to the lots it came from, the last first.
   *
   * @param usedKg by material; one that is missing used nothing
   */
  public void settle(long pourId, Map<Long, BigDecimal> usedKg, boolean acceptShort, Instant at) {
    Map<Long, Map<Long, BigDecimal>> taken = takenByLot(pourId);
    Set<Long> all = new LinkedHashSet<>(usedKg.keySet());
    all.addAll(taken.keySet());
    lots.findByMaterialIdInOrderById(all);
    for (long materialId : all) {
      Map<Long, BigDecimal> lotsOf = taken.getOrDefault(materialId, Map.of());
      BigDecimal took = lotsOf.values().stream().reduce(BigDecimal.ZERO, BigDecimal::add);
      BigDecimal more = usedKg.getOrDefault(materialId, BigDecimal.ZERO).subtract(took);
      if (more.signum() > 0) {
        use(materialId, more, at, pourId, acceptShort);
      } else {
        giveBack(pourId, lotsOf, more.negate(), at);
      }
    }
  }

  private void giveBack(long pourId, Map<Long, BigDecimal> lotsOf, BigDecimal kg, Instant at) {
    BigDecimal left = kg;
    List<Long> last = new ArrayList<>(lotsOf.keySet());
    Collections.reverse(last);
    for (long lotId : last) {
      BigDecimal back = left.min(requireNonNull(lotsOf.get(lotId)));
      if (back.signum() > 0) {
        movements.save(
            new Movement(lotId, MovementKind.GIVEN_BACK, back, at, TakenFor.pour(pourId)));
        left = left.subtract(back);
      }
    }
  }

  /** What a pour has of each lot, by material. */
  private Map<Long, Map<Long, BigDecimal>> takenByLot(long pourId) {
    List<Movement> own = movements.findByPourIdOrderById(pourId);
    Map<Long, Long> materialOf =
        lots.findAllById(own.stream().map(Movement::lotId).distinct().toList()).stream()
            .collect(Collectors.toMap(Lot::id, Lot::materialId));
    Map<Long, Map<Long, BigDecimal>> taken = new LinkedHashMap<>();
    for (Movement m : own) {
      taken
          .computeIfAbsent(requireNonNull(materialOf.get(m.lotId())), id -> new LinkedHashMap<>())
          .merge(m.lotId(), m.massKg().negate(), BigDecimal::add);
    }
    return taken;
  }

  /** Gives back what a pour took, where it was never made. */
  public void giveBack(long pourId, Instant at) {
    for (Movement took : movements.findByPourIdOrderById(pourId)) {
      movements.save(
          new Movement(
              took.lotId(),
              MovementKind.GIVEN_BACK,
              took.massKg().negate(),
              at,
              TakenFor.pour(pourId)));
    }
  }

  /** Gives back what a step took, where it was never done. */
  void giveBackOfAct(long actId, Instant at) {
    for (Movement took : movements.findByActIdOrderById(actId)) {
      movements.save(
          new Movement(
              took.lotId(),
              MovementKind.GIVEN_BACK,
              took.massKg().negate(),
              at,
              new TakenFor(null, actId)));
    }
  }

  /** What a pour took from the lots. */
  @Transactional(readOnly = true)
  public List<MovementView> movementsOf(long pourId) {
    return movements.findByPourIdOrderById(pourId).stream().map(Movement::view).toList();
  }
}
