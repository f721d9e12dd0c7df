package ironshelf.device;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface DeviceRepository extends JpaRepository<Device, Long> {

  Optional<Device> findByTokenHashAndEndedAtIsNull(String tokenHash);

  Optional<Device> findByIdAndEndedAtIsNull(long id);

  List<Device> findByEndedAtIsNullOrderByName();
}
