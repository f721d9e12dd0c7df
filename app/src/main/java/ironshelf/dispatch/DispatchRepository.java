package ironshelf.dispatch;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface DispatchRepository extends JpaRepository<Dispatch, Long> {
  List<Dispatch> findByOrderIdOrderByIdDesc(long orderId);

  List<Dispatch> findTop50ByUndoneAtIsNullOrderByIdDesc();

  @Query(
      "select distinct p.dispatch.orderId from ParcelEntity p"
          + " where lower(p.tracking) = lower(:tracking)")
  List<Long> ordersTracked(String tracking);
}
