package ironshelf.act;

import java.time.Instant;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface ActRepository extends JpaRepository<Act, String> {

  @Query("select a.doneAt from Act a where a.doneAt > :since")
  List<Instant> doneSince(Instant since);
}
