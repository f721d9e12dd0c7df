package ironshelf.order;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface AllotmentRepository extends JpaRepository<Allotment, Long> {
  List<Allotment> findByLineIdIn(Collection<Long> lineIds);

  List<Allotment> findByPieceIdIn(Collection<Long> pieceIds);

  int countByPieceIdIn(Collection<Long> pieceIds);
}
