package ironshelf.pour.record;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

public interface PourRepository extends JpaRepository<Pour, Long> {

  List<Pour> findByUndoneAtIsNullOrderById();

  List<Pour> findByBesideIdOrderById(long besideId);

  List<Pour> findByBesideIdIn(Collection<Long> besideIds);

  List<Pour> findByIdBetween(long from, long to);
}
