package ironshelf.material;

import java.math.BigDecimal;
import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

public interface MovementRepository extends JpaRepository<Movement, Long> {

  @org.springframework.data.jpa.repository.Query(
      """
      select m from Movement m join Lot l on l.id = m.lotId
      where l.materialId = :materialId order by m.at desc, m.id desc
      """)
  org.springframework.data.domain.Page<Movement> ofMaterial(
      long materialId, org.springframework.data.domain.Pageable page);

  List<Movement> findByPourIdOrderById(long pourId);

  List<Movement> findByActIdOrderById(long actId);

  /** The same of acts. */
  @org.springframework.data.jpa.repository.Query(
      """
      select new ironshelf.material.MovementRepository$Took(m.actId, m.lotId, -sum(m.massKg))
      from Movement m where m.actId in :actIds group by m.actId, m.lotId
      """)
  List<Took> tookByActs(Collection<Long> actIds);

  /** What a pour has of a lot. */
  record Took(long pourId, long lotId, BigDecimal kg) {}

  @org.springframework.data.jpa.repository.Query(
      """
      select new ironshelf.material.MovementRepository$Took(m.pourId, m.lotId, -sum(m.massKg))
      from Movement m where m.pourId in :pourIds group by m.pourId, m.lotId
      """)
  List<Took> took(Collection<Long> pourIds);

  @org.springframework.data.jpa.repository.Query(
      """
      select new ironshelf.material.MovementRepository$Took(m.pourId, m.lotId, -sum(m.massKg))
      from Movement m where m.pourId between :from and :to group by m.pourId, m.lotId
      """)
  List<Took> tookBetween(long from, long to);
}
