package ironshelf.plan;

import org.springframework.data.jpa.repository.JpaRepository;

interface PlanSearchRepository extends JpaRepository<PlanSearchEntity, Long> {}
