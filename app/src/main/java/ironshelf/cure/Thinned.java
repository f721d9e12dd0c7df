package ironshelf.cure;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;

/** Up to when the readings of a place were thinned. */
@Entity
@Table(name = "thinned_readings")
class Thinned {

  @Id private String place;
  private Instant upTo;

  protected Thinned() {}

  Thinned(String place, Instant upTo) {
    this.place = place;
    this.upTo = upTo;
  }

  Instant upTo() {
    return upTo;
  }

  void goOn(Instant to) {
    this.upTo = to;
  }
}
