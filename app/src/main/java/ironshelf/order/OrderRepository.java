package ironshelf.order;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface OrderRepository extends JpaRepository<OrderEntity, Long> {

  /** Whether something of an order is still to be sent. */
  String UNSENT =
      """
      exists (select 1 from OrderLine l where l.order = o and l.cancelledAt is null
          and l.quantity - l.refunded
              > (select count(a) from Allotment a where a.lineId = l.id and a.sentAt is not null))
      """;

  @Query(
      """
      select o from OrderEntity o
      where (lower(o.number) like :literal escape '\\'
          or lower(coalesce(o.note, '')) like :literal escape '\\'
          or o.id in :ids or o.customerId in :customers
          or exists (select 1 from OrderLine l where l.order = o and l.cancelledAt is null
              and (l.productId in :products or l.colourwayId in :colourways
                  or lower(coalesce(l.note, '')) like :literal escape '\\')))
        and (:which = 'ALL'
          or (:which = 'QUOTES' and o.quote and o.cancelledAt is null)
          or (:which = 'OPEN' and not o.quote and o.cancelledAt is null and
      """
          + UNSENT
          + ") or (:which = 'CLOSED' and (o.cancelledAt is not null or (not o.quote and not "
          + UNSENT
          + "))))")
  Page<OrderEntity> search(
      String literal,
      Collection<Long> ids,
      Collection<Long> customers,
      Collection<Long> products,
      Collection<Long> colourways,
      String which,
      Pageable page);

  @Query(
      "select o from OrderEntity o where not o.quote and o.cancelledAt is null and "
          + UNSENT
          + " order by o.due, o.id")
  List<OrderEntity> open();

  List<OrderEntity> findByDueBetweenOrderByDue(LocalDate from, LocalDate to);

  Optional<OrderEntity> findByNumber(String number);

  Optional<OrderEntity> findByFeedOrder(String feedOrder);

  @Query(
      value =
          "select coalesce(max(cast(number as integer)), 100) from orders"
              + " where regexp_like(number, '^[0-9]{1,8}$')",
      nativeQuery = true)
  int highestNumber();
}
