package ironshelf.material;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface MovementRepository extends JpaRepository<Movement, Long> {
  List<Movement> findByPourIdOrderById(long pourId);
}
