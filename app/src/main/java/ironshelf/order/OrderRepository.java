package ironshelf.order;

import org.springframework.data.domain.Page;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface OrderRepository extends JpaRepository<OrderEntity, Long> {

  @Query(
      """
      select o from OrderEntity o
      where lower(o.number) like lower(concat('%', :search, '%')) escape '\\'
         or lower(o.customer) like lower(concat('%', :search, '%')) escape '\\'
      """)
  Page<OrderEntity> search(String search, Pageable page);
}
