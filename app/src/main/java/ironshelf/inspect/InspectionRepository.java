package ironshelf.inspect;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface InspectionRepository extends JpaRepository<Inspection, Long> {
  List<Inspection> findByPieceIdOrderById(long pieceId);

  List<Inspection> findByPieceIdInAndMendedAtIsNullOrderById(Collection<Long> pieceIds);
}
