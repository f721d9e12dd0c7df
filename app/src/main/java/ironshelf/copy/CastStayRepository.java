package ironshelf.copy;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface CastStayRepository extends JpaRepository<CastStay, Long> {
  List<CastStay> findByCastIdBetweenOrderById(long from, long to);

  void deleteByCastIdIn(Collection<Long> castIds);
}
