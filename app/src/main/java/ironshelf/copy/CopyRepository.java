package ironshelf.copy;

import jakarta.persistence.LockModeType;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface CopyRepository extends JpaRepository<Copy, Long> {
  long countByConditionNotIn(Collection<CopyCondition> conditions);

  Optional<Copy> findByCode(String code);

  List<Copy> findByMouldIdInOrderByMouldIdAscIdAsc(Collection<Long> mouldIds);

  /** Copies about to be filled: of two who fill the same one, the slower fails. */
  @Lock(LockModeType.OPTIMISTIC_FORCE_INCREMENT)
  @Query("select c from Copy c where c.id in :ids order by c.id")
  List<Copy> toFill(Collection<Long> ids);
}
