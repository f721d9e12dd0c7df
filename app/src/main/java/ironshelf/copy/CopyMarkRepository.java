package ironshelf.copy;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface CopyMarkRepository extends JpaRepository<CopyMark, Long> {
  List<CopyMark> findByCopyIdOrderByMarkedAtDesc(long copyId);
}
