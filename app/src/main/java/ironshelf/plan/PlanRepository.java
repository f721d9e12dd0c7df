package ironshelf.plan;

import java.time.Instant;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface PlanRepository extends JpaRepository<PlanEntity, Long> {
  Optional<PlanEntity> findFirstByUndoneAtIsNullOrderByIdDesc();

  long countByUndoneAtIsNull();

  Optional<PlanEntity> findFirstByUndoneAtIsNullAndMadeAtBeforeOrderByIdDesc(Instant before);
}
