package ironshelf.dispatch;

import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.Table;

/** A piece in a parcel, and for which line. */
@Entity
@Table(name = "parcel_pieces")
class ParcelPiece {

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @ManyToOne(fetch = FetchType.LAZY)
  @JoinColumn(name = "parcel_id", nullable = false)
  private ParcelEntity parcel;

  private long pieceId;
  private long lineId;

  protected ParcelPiece() {}

  ParcelPiece(ParcelEntity parcel, long pieceId, long lineId) {
    this.parcel = parcel;
    this.pieceId = pieceId;
    this.lineId = lineId;
  }

  long pieceId() {
    return pieceId;
  }

  long lineId() {
    return lineId;
  }
}
