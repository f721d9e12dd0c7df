package ironshelf.recipe;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface ColourwayRepository extends JpaRepository<Colourway, Long> {
  List<Colourway> findByRecipeIdOrderById(long recipeId);
}
