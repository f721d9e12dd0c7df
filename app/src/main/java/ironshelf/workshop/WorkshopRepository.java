package ironshelf.workshop;

import jakarta.persistence.LockModeType;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface WorkshopRepository extends JpaRepository<Workshop, Long> {

  @Lock(LockModeType.PESSIMISTIC_WRITE)
  @Query("select w.id from Workshop w")
  Optional<Long> locked();
}
