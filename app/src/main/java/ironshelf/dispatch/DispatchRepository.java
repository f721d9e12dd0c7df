package ironshelf.dispatch;

import java.time.Instant;
import java.util.Collection;
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

  /** When the last piece of a line went. */
  record LastSent(long lineId, Instant at) {}

  String LAST_SENT =
      """
      select new ironshelf.dispatch.DispatchRepository$LastSent(x.lineId, max(d.sentAt))
      from Dispatch d join d.parcels p join p.pieces x where d.undoneAt is null
      """;

  @Query(LAST_SENT + " and x.lineId in :lineIds group by x.lineId")
  List<LastSent> lastSent(Collection<Long> lineIds);

  @Query(LAST_SENT + " and x.lineId between :from and :to group by x.lineId")
  List<LastSent> lastSentBetween(long from, long to);
}
