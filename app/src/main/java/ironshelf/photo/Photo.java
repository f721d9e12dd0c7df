package ironshelf.photo;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import java.time.Instant;
import org.hibernate.annotations.Immutable;
import org.jspecify.annotations.Nullable;

/** A photo: its pixels alone, as a JPEG; older ones as they were sent. Never changed. */
@Entity
@Immutable
@Table(name = "photos")
class Photo {

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private @Nullable Long actId;
  private String type;
  @Lob private byte[] content;
  private Instant takenAt;

  protected Photo() {}

  Photo(long actId, String type, byte[] content, Instant takenAt) {
    this.actId = actId;
    this.type = type;
    this.content = content.clone();
    this.takenAt = takenAt;
  }

  Long id() {
    return id;
  }

  String type() {
    return type;
  }

  byte[] content() {
    return content.clone();
  }
}
