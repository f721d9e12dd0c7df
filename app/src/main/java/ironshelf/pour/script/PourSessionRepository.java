package ironshelf.pour.script;

import ironshelf.core.pour.script.PourState;
import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface PourSessionRepository extends JpaRepository<PourSession, Long> {

  /** One bench's facts at a time: another waits until they are kept. */
  @Lock(LockModeType.PESSIMISTIC_WRITE)
  @Query("select s from PourSession s where s.pourId = :pourId")
  Optional<PourSession> toChange(long pourId);

  List<PourSession> findByStatusOrderByOpenedAt(PourState.Status status);
}
