package ironshelf.order;

import jakarta.persistence.LockModeType;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface OrderLineRepository extends JpaRepository<OrderLine, Long> {

  /** The line, held until the transaction ends: who else wants to hold it waits. */
  @Lock(LockModeType.PESSIMISTIC_WRITE)
  @Query("select l from OrderLine l where l.id = :id")
  Optional<OrderLine> held(long id);
}
