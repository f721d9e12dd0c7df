package ironshelf.piece;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.math.BigDecimal;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** One thing that came of a cast. */
@Entity
@Table(name = "pieces")
class Piece {

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private long castId;
  private long pourId;
  private long productId;
  private long colourwayId;
  private @Nullable Instant demouldedAt;
  private @Nullable BigDecimal massKg;
  private @Nullable String scrapReason;
  @Version private long version;

  protected Piece() {}

  Piece(long castId, long pourId, long productId, long colourwayId) {
    this.castId = castId;
    this.pourId = pourId;
    this.productId = productId;
    this.colourwayId = colourwayId;
  }

  void demould(Instant at, @Nullable BigDecimal massKg, @Nullable String scrapReason) {
    this.demouldedAt = at;
    this.massKg = massKg;
    this.scrapReason = scrapReason;
  }

  PieceView view() {
    return new PieceView(
        id, castId, pourId, productId, colourwayId, demouldedAt, massKg, scrapReason);
  }
}
