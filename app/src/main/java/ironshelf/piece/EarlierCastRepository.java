package ironshelf.piece;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface EarlierCastRepository extends JpaRepository<EarlierCast, Long> {
  List<EarlierCast> findByCastIdInOrderById(Collection<Long> castIds);

  List<EarlierCast> findByCastIdBetweenOrderById(long from, long to);

  List<EarlierCast> findByPieceIdInOrderById(Collection<Long> pieceIds);
}
