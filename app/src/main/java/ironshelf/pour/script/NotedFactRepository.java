package ironshelf.pour.script;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface NotedFactRepository extends JpaRepository<NotedFact, Long> {

  List<NotedFact> findByPourIdOrderById(long pourId);

  Optional<NotedFact> findFirstByPourIdOrderByIdDesc(long pourId);
}
