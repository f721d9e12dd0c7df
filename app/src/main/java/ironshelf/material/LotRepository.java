package ironshelf.material;

import jakarta.persistence.LockModeType;
import java.math.BigDecimal;
import java.util.Collection;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

public interface LotRepository extends JpaRepository<Lot, Long> {

  /** What remains of a lot. */
  record Remaining(long materialId, long lotId, String code, BigDecimal kg) {}

  @Query(
      """
      select new ironshelf.material.LotRepository$Remaining(
          l.materialId, l.id, l.code, coalesce(sum(m.massKg), 0))
      from Lot l left join Movement m on m.lotId = l.id
      where l.materialId in :materialIds
      group by l.materialId, l.id, l.code order by l.id
      """)
  List<Remaining> remaining(Collection<Long> materialIds);

  /** What a kilogram of a material cost. */
  record PerKg(long materialId, BigDecimal price, BigDecimal massKg) {}

  /** The newest lot of each material that has a price, and what was received of it. */
  @Query(
      """
      select new ironshelf.material.LotRepository$PerKg(l.materialId, l.price, m.massKg)
      from Lot l join Movement m on m.lotId = l.id and m.kind = ironshelf.material.MovementKind.RECEIVED
      where l.id in (
          select max(k.id) from Lot k
          where k.price is not null and k.materialId in :materialIds group by k.materialId)
      """)
  List<PerKg> lastPrices(Collection<Long> materialIds);

  /**
   * A lot's own price and what was received of it.
   *
   * @param price null where it was not said
   * @param usualPerKg what a kilogram cost at last when it came; null where that was not known
   */
  record Priced(
      long lotId,
      long materialId,
      @Nullable BigDecimal price,
      @Nullable BigDecimal usualPerKg,
      BigDecimal receivedKg) {}

  @Query(
      """
      select new ironshelf.material.LotRepository$Priced(
          l.id, l.materialId, l.price, l.usualPerKg,
          coalesce(sum(case when m.kind = ironshelf.material.MovementKind.RECEIVED
              then m.massKg else 0 end), 0))
      from Lot l left join Movement m on m.lotId = l.id
      group by l.id, l.materialId, l.price, l.usualPerKg order by l.id
      """)
  List<Priced> priced();

  boolean existsByCode(String code);

  /** Locks the lots of these materials, always in the same order: nobody else moves them now. */
  @Lock(LockModeType.PESSIMISTIC_WRITE)
  List<Lot> findByMaterialIdInOrderById(Collection<Long> materialIds);
}
