package ironshelf.dispatch;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface DispatchRepository extends JpaRepository<Dispatch, Long> {
  List<Dispatch> findByOrderIdOrderByIdDesc(long orderId);

  List<Dispatch> findTop50ByUndoneAtIsNullOrderByIdDesc();

  List<Dispatch> findByUndoneAtIsNullOrderById();
}
