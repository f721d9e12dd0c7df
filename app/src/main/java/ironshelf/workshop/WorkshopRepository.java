package ironshelf.workshop;

import org.springframework.data.jpa.repository.JpaRepository;

interface WorkshopRepository extends JpaRepository<Workshop, Long> {}
