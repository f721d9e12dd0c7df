package ironshelf.mould;

import java.util.List;
import java.util.Optional;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface MouldRepository extends JpaRepository<MouldEntity, Long> {

  Page<MouldEntity> findByNameContainingIgnoreCase(String search, Pageable page);

  Optional<MouldEntity> findByNameIgnoreCase(String name);

  /** The kind of each mould. */
  record OfKind(long id, String kind) {}

  @Query("select new ironshelf.mould.MouldRepository$OfKind(m.id, m.kind) from MouldEntity m")
  List<OfKind> kinds();

  /** A mould and its version. */
  record Seen(long id, long version) {}

  @Query("select new ironshelf.mould.MouldRepository$Seen(m.id, m.version) from MouldEntity m")
  List<Seen> seen();
}
