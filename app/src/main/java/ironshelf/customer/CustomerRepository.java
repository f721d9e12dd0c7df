package ironshelf.customer;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface CustomerRepository extends JpaRepository<Customer, Long> {
  Optional<Customer> findByNameIgnoreCase(String name);

  List<Customer> findAllByOrderByName();
}
