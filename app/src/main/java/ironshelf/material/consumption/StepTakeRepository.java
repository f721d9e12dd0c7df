package ironshelf.material.consumption;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface StepTakeRepository extends JpaRepository<StepTake, Long> {
  List<StepTake> findByActIdOrderById(long actId);

  List<StepTake> findByPieceIdInOrderById(Collection<Long> pieceIds);

  List<StepTake> findByPieceIdBetweenOrderById(long from, long to);
}
