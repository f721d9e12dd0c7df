package ironshelf.route;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface StepKindRepository extends JpaRepository<StepKindEntity, Long> {
  List<StepKindEntity> findAllByOrderById();
}
