package ironshelf.recipe.colourway;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

public interface ColourwayRepository extends JpaRepository<Colourway, Long> {
  List<Colourway> findByRecipeIdOrderById(long recipeId);
}
