package ironshelf.route;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface RouteRepository extends JpaRepository<RouteEntity, Long> {
  Optional<RouteEntity> findFirstByProductIdOrderByIdDesc(long productId);

  List<RouteEntity> findAllByOrderById();
}
