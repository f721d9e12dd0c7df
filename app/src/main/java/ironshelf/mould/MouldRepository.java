package ironshelf.mould;

import org.springframework.data.domain.Page;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;

interface MouldRepository extends JpaRepository<MouldEntity, Long> {
  Page<MouldEntity> findByNameContainingIgnoreCase(String search, Pageable page);
}
