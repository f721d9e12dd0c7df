package ironshelf.pour.record;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

public interface PourFillRepository extends JpaRepository<PourFill, Long> {

  List<PourFill> findByPourIdInOrderById(Collection<Long> pourIds);

  List<PourFill> findByPourIdBetweenOrderById(long from, long to);

  List<PourFill> findByCastIdInOrderByLayerNo(Collection<Long> castIds);

  List<PourFill> findByCastIdBetweenOrderByLayerNo(long from, long to);
}
