package ironshelf.cure;

import ironshelf.core.cure.temperature.TemperatureLog.ProbeReading;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface ReadingRepository extends JpaRepository<Reading, Long> {

  List<Reading> findByReadAtAfterOrderById(Instant since);

  List<Reading> findByPlaceAndReadAtBetweenOrderById(String place, Instant from, Instant to);

  @Query(
      """
      select new ironshelf.core.cure.temperature.TemperatureLog$ProbeReading(r.readAt, r.celsius)
      from Reading r where r.place = :place and r.readAt between :from and :to order by r.id
      """)
  List<ProbeReading> said(String place, Instant from, Instant to);

  @Query("select distinct r.place from Reading r")
  List<String> placesRead();

  @Query("select min(r.readAt) from Reading r where r.place = :place")
  Optional<Instant> firstAt(String place);

  @Query("select max(r.readAt) from Reading r where r.place = :place")
  Optional<Instant> lastAt(String place);
}
