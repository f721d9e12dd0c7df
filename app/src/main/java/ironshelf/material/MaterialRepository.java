package ironshelf.material;

import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface MaterialRepository extends JpaRepository<Material, Long> {

  Optional<Material> findByCode(String code);

  Optional<Material> findByNameIgnoreCase(String name);
}
