package ironshelf.station;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface StationRepository extends JpaRepository<Station, Long> {
  List<Station> findAllByOrderById();
}
