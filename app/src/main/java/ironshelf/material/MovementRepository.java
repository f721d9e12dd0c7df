package ironshelf.material;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface MovementRepository extends JpaRepository<Movement, Long> {

  @org.springframework.data.jpa.repository.Query(
      """
      select m from Movement m join Lot l on l.id = m.lotId
      where l.materialId = :materialId order by m.at desc, m.id desc
      """)
  org.springframework.data.domain.Page<Movement> ofMaterial(
      long materialId, org.springframework.data.domain.Pageable page);

  List<Movement> findByPourIdOrderById(long pourId);
}
