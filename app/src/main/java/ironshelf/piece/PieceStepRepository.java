package ironshelf.piece;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface PieceStepRepository extends JpaRepository<PieceStep, Long> {
  List<PieceStep> findByActIdInOrderById(Collection<Long> actIds);

  List<PieceStep> findByPieceIdOrderById(long pieceId);

  @Query(
      "select s from PieceStep s where s.pieceId = :pieceId and s.massKg is not null"
          + " and s.id <= :upTo order by s.id desc limit 1")
  List<PieceStep> weighedUpTo(long pieceId, long upTo);
}
