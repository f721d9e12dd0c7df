package ironshelf.photo;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface PhotoRepository extends JpaRepository<Photo, Long> {
  @Query("select p.id from Photo p where p.actId in :actIds order by p.id")
  List<Long> idsOf(Collection<Long> actIds);
}
