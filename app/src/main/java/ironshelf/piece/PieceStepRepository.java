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

  /** The last act at which a piece stood on the scale. */
  record Weighing(long pieceId, long actId) {}

  @Query(
      """
      select new ironshelf.piece.PieceStepRepository$Weighing(s.pieceId, max(s.actId))
      from PieceStep s, StepAct a
      where a.id = s.actId and a.undoneAt is null and s.massKg is not null
        and s.pieceId in :pieceIds
      group by s.pieceId
      """)
  List<Weighing> lastWeighing(Collection<Long> pieceIds);
}
