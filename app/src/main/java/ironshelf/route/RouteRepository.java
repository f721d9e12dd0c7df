package ironshelf.route;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface RouteRepository extends JpaRepository<RouteEntity, Long> {
  Optional<RouteEntity> findFirstByProductIdOrderByIdDesc(long productId);

  @Query("select r.id from RouteEntity r order by r.id")
  List<Long> ids();
}
