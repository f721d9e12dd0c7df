package ironshelf.order;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface AllotmentRepository extends JpaRepository<Allotment, Long> {
  List<Allotment> findByLineIdIn(Collection<Long> lineIds);

  List<Allotment> findByPieceIdIn(Collection<Long> pieceIds);

  int countByPieceIdIn(Collection<Long> pieceIds);

  @Query("select a.pieceId from Allotment a where a.sentAt is null")
  List<Long> waitingPieces();
}
