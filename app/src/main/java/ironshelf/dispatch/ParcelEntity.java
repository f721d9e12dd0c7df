package ironshelf.dispatch;

import jakarta.persistence.CascadeType;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.OneToMany;
import jakarta.persistence.OrderBy;
import jakarta.persistence.Table;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;

/** A parcel and what is in it. */
@Entity
@Table(name = "parcels")
class ParcelEntity {

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @ManyToOne(fetch = FetchType.LAZY)
  @JoinColumn(name = "dispatch_id", nullable = false)
  private Dispatch dispatch;

  private int number;
  private BigDecimal massKg;
  private BigDecimal rate;
  private String tracking;

  @OneToMany(cascade = CascadeType.ALL, fetch = FetchType.LAZY, mappedBy = "parcel")
  @OrderBy("id")
  private List<ParcelPiece> pieces = new ArrayList<>();

  protected ParcelEntity() {}

  ParcelEntity(Dispatch dispatch, int number, double massKg, BigDecimal rate, String tracking) {
    this.dispatch = dispatch;
    this.number = number;
    this.massKg = BigDecimal.valueOf(massKg).setScale(4, RoundingMode.HALF_UP);
    this.rate = rate;
    this.tracking = tracking;
  }

  void add(long pieceId, long lineId) {
    pieces.add(new ParcelPiece(this, pieceId, lineId));
  }

  List<ParcelPiece> pieces() {
    return pieces;
  }

  DispatchView.ParcelView view() {
    return new DispatchView.ParcelView(
        number, massKg, rate, tracking, pieces.stream().map(ParcelPiece::pieceId).toList());
  }
}
