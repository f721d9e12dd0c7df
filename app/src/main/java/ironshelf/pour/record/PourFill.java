package ironshelf.pour.record;

import ironshelf.store.OfPour;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.math.BigDecimal;
import org.jspecify.annotations.Nullable;

/** What one pour put into one cast. Never changed. */
@Entity
@Table(name = "pour_fills")
public class PourFill implements OfPour {

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private long pourId;
  private long castId;
  private long productId;
  private @Nullable Long lineId;
  private int layerNo;
  private double litres;
  private @Nullable Double kg;
  private @Nullable BigDecimal wearEach;
  private @Nullable BigDecimal goodsEach;

  protected PourFill() {}

  public PourFill(
      long pourId,
      long castId,
      long productId,
      @Nullable Long lineId,
      int layerNo,
      double litres,
      @Nullable Double kg,
      @Nullable BigDecimal wearEach,
      @Nullable BigDecimal goodsEach) {
    this.wearEach = wearEach;
    this.goodsEach = goodsEach;
    this.pourId = pourId;
    this.castId = castId;
    this.productId = productId;
    this.lineId = lineId;
    this.layerNo = layerNo;
    this.litres = litres;
    this.kg = kg;
  }

  public long pourId() {
    return pourId;
  }

  public PourFillView view() {
    return new PourFillView(
        pourId, castId, productId, lineId, layerNo, litres, kg, wearEach, goodsEach);
  }

  @Override
  public Long pourOf() {
    return pourId;
  }

  @Override
  public Long castOf() {
    return castId;
  }
}
