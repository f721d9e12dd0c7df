package ironshelf.order;

import ironshelf.order.line.DueLine;
import ironshelf.order.line.PastLine;
import jakarta.persistence.LockModeType;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface OrderLineRepository extends JpaRepository<OrderLine, Long> {

  /** The line, held until the transaction ends: who else wants to hold it waits. */
  @Lock(LockModeType.PESSIMISTIC_WRITE)
  @Query("select l from OrderLine l where l.id = :id")
  Optional<OrderLine> held(long id);

  @Query(
      """
      select new ironshelf.order.OrderList$Line(l.order.id, l.productId, l.colourwayId, l.note)
      from OrderLine l where l.cancelledAt is null order by l.order.id, l.position
      """)
  List<OrderList.Line> inShort();

  @Query(
      """
      select new ironshelf.order.line.DueLine(
          l.due, l.quantity - l.refunded, count(a.id), max(a.sentAt))
      from OrderLine l join l.order o left join Allotment a on a.lineId = l.id and a.sentAt is not null
      where o.due between :from and :to and not o.quote and o.cancelledAt is null
        and l.cancelledAt is null
      group by l.id, l.due, l.quantity, l.refunded
      """)
  List<DueLine> dueBetween(LocalDate from, LocalDate to);

  @Query(
      """
      select new ironshelf.order.line.PastLine(
          l.productId, l.colourwayId, l.quantity - l.refunded, o.placedOn, l.due)
      from OrderLine l join l.order o
      where o.placedOn between :from and :to and not o.quote and o.cancelledAt is null
        and l.cancelledAt is null and l.quantity > l.refunded
      order by o.placedOn, l.id
      """)
  List<PastLine> placedBetween(LocalDate from, LocalDate to);

  @Query(
      """
      select new ironshelf.order.OrderService$LineName(l.id, o.id, o.number, l.position)
      from OrderLine l join l.order o where l.id in :ids
      """)
  List<OrderService.LineName> named(Collection<Long> ids);

  /** The lines of a product of which something is still to be sent, those of quotes among them. */
  @Query(
      """
      select l from OrderLine l
      where l.productId = :productId and l.cancelledAt is null and l.order.cancelledAt is null
        and l.quantity - l.refunded
            > (select count(a) from Allotment a where a.lineId = l.id and a.sentAt is not null)
      order by l.id
      """)
  List<OrderLine> openOf(long productId);
}
