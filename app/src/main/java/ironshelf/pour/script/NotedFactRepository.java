package ironshelf.pour.script;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface NotedFactRepository extends JpaRepository<NotedFact, Long> {

  List<NotedFact> findByPourIdOrderById(long pourId);

  /** The last fact of each of these pours. */
  @Query(
      """
      select f from NotedFact f where f.id in (
          select max(g.id) from NotedFact g where g.pourId in :pourIds group by g.pourId)
      """)
  List<NotedFact> lastOf(Collection<Long> pourIds);
}
