package ironshelf.order;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface OrderRepository extends JpaRepository<OrderEntity, Long> {

  @Query(
      """
      select new ironshelf.order.OrderList$Head(
          o.id, o.number, o.due, o.placedOn, o.quote, o.cancelledAt, o.customerId, o.note)
      from OrderEntity o
      """)
  List<OrderList.Head> inShort();

  /** Whether something of an order is still to be sent. */
  String UNSENT =
      """
      exists (select 1 from OrderLine l where l.order = o and l.cancelledAt is null
          and l.quantity - l.refunded
              > (select count(a) from Allotment a where a.lineId = l.id and a.sentAt is not null))
      """;

  @Query(
      "select o from OrderEntity o where not o.quote and o.cancelledAt is null and "
          + UNSENT
          + " order by o.due, o.id")
  List<OrderEntity> open();

  Optional<OrderEntity> findByNumber(String number);

  Optional<OrderEntity> findByFeedOrder(String feedOrder);

  @Query(
      value =
          "select coalesce(max(cast(number as integer)), 100) from orders"
              + " where regexp_like(number, '^[0-9]{1,8}$')",
      nativeQuery = true)
  int highestNumber();
}
