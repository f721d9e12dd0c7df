package ironshelf.material;

import ironshelf.http.ProblemException;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What pours take from the lots, and what an undone pour gives back. */
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
    if (massKg.signum() == 0) {
      return;
    }
    lots.findByMaterialIdOrderById(materialId);
    List<LotRepository.Remaining> rests = lots.remaining(List.of(materialId));
    BigDecimal stock = MaterialService.sum(rests);
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
      movements.save(new Movement(unbooked.id(), MovementKind.USED, massKg.negate(), at, pourId));
      return;
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

  /** What a pour took from the lots. */
  @Transactional(readOnly = true)
  public List<MovementView> movementsOf(long pourId) {
    return movements.findByPourIdOrderById(pourId).stream().map(Movement::view).toList();
  }
}
