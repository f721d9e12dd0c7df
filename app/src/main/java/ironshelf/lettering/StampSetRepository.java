package ironshelf.lettering;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface StampSetRepository extends JpaRepository<StampSetEntity, Long> {
  List<StampSetEntity> findAllByOrderByName();

  Optional<StampSetEntity> findByNameIgnoreCase(String name);
}
