package ironshelf.recipe.colourway;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface ColourwayVersionRepository extends JpaRepository<ColourwayVersion, Long> {

  List<ColourwayVersion> findByColourwayIdOrderByVersionNo(long colourwayId);

  Optional<ColourwayVersion> findByColourwayIdAndVersionNo(long colourwayId, int versionNo);
}
