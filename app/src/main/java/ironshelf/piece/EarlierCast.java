package ironshelf.piece;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import org.hibernate.annotations.Immutable;
import org.jspecify.annotations.Nullable;

/** A cast that a piece was in before it was put into a mould again. */
@Entity
@Immutable
@Table(name = "piece_casts")
class EarlierCast {

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private long pieceId;
  private long castId;
  private long actId;
  private @Nullable Instant demouldedAt;
  private @Nullable Double ageAtOutH;

  protected EarlierCast() {}

  EarlierCast(
      long pieceId,
      long castId,
      long actId,
      @Nullable Instant demouldedAt,
      @Nullable Double ageAtOutH) {
    this.pieceId = pieceId;
    this.castId = castId;
    this.actId = actId;
    this.demouldedAt = demouldedAt;
    this.ageAtOutH = ageAtOutH;
  }

  long pieceId() {
    return pieceId;
  }

  long castId() {
    return castId;
  }

  long actId() {
    return actId;
  }

  @Nullable Instant demouldedAt() {
    return demouldedAt;
  }

  @Nullable Double ageAtOutH() {
    return ageAtOutH;
  }
}
