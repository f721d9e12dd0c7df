package ironshelf.cure;

import ironshelf.core.cure.temperature.TemperatureLog.ProbeReading;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.SequenceGenerator;
import jakarta.persistence.Table;
import java.time.Instant;
import org.hibernate.annotations.Immutable;

/** What the probe of a place said. Never changed; thinned after a season. */
@Entity
@Immutable
@Table(name = "readings")
class Reading {

  @Id
  @GeneratedValue(strategy = GenerationType.SEQUENCE, generator = "readings_seq")
  @SequenceGenerator(name = "readings_seq", sequenceName = "readings_seq", allocationSize = 50)
  private Long id;

  private String place;
  private Instant readAt;
  private double celsius;

  protected Reading() {}

  Reading(String place, ProbeReading reading) {
    this.place = place;
    this.readAt = reading.at();
    this.celsius = reading.celsius();
  }

  String place() {
    return place;
  }

  ProbeReading reading() {
    return new ProbeReading(readAt, celsius);
  }
}
