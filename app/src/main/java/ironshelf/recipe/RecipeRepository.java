package ironshelf.recipe;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface RecipeRepository extends JpaRepository<RecipeEntity, Long> {

  List<RecipeEntity> findByNameOrderByVersionNoDesc(String name);

  /** The versions of a recipe, newest first. */
  @Query(
      "select r from RecipeEntity r where r.id = :firstId or r.firstId = :firstId"
          + " order by r.versionNo desc")
  List<RecipeEntity> versions(long firstId);
}
