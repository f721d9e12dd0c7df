package ironshelf.copy;

import ironshelf.core.cure.Stay;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import org.hibernate.annotations.Immutable;

/** A casting was brought to a place in its mould. Never changed. */
@Entity
@Immutable
@Table(name = "cast_stays")
class CastStay {

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private long castId;
  private String place;
  private Instant sinceAt;

  protected CastStay() {}

  CastStay(long castId, Stay stay) {
    this.castId = castId;
    this.place = stay.place();
    this.sinceAt = stay.since();
  }

  long castId() {
    return castId;
  }

  Stay stay() {
    return new Stay(place, sinceAt);
  }
}
