package ironshelf.core.piece;

import static java.util.Objects.requireNonNull;

import ironshelf.core.quantity.Findings;
import java.math.BigDecimal;
import java.math.RoundingMode;

/**
 * What a piece cost (docs/method/cost.md): its share of what really went in, mould wear, other
 * goods, minutes, and its part of what came to nothing. Money is decimal, to a hundredth of a cent.
 *
 * @param materials its share of the pour's actual masses at the price of their lots
 * @param mouldWear price of a copy over its expected casts
 * @param goods sealers, inserts, packing
 * @param labour attended minutes at the shop's rate
 * @param scrap what the shop's scrap share puts on top
 */
public record PieceCost(
    BigDecimal materials,
    BigDecimal mouldWear,
    BigDecimal goods,
    BigDecimal labour,
    BigDecimal scrap) {

  private static final int SCALE = 4;

  public PieceCost {
    requireNonNull(materials, "materials");
    requireNonNull(mouldWear, "mouldWear");
    requireNonNull(goods, "goods");
    requireNonNull(labour, "labour");
    requireNonNull(scrap, "scrap");
  }

  /**
   * Returns what minutes of work cost, to a hundredth of a cent.
   *
   * @param minutes attended, 0 to 100 000
   */
  public static BigDecimal labour(double minutes, BigDecimal ratePerHour) {
    new Findings().within("minutes", minutes, 0, 100_000).orRefuse();
    return ratePerHour
        .multiply(BigDecimal.valueOf(minutes))
        .divide(BigDecimal.valueOf(60), SCALE, RoundingMode.HALF_UP);
  }

  /**
   * @param scrapShare of the pieces whose fate is decided, 0 to 0.9: each good one bears {@code 1 /
   *     (1 - share)}
   */
  public static PieceCost of(
      BigDecimal materials,
      BigDecimal mouldWear,
      BigDecimal goods,
      BigDecimal labour,
      double scrapShare) {
    new Findings().within("scrapShare", scrapShare, 0, 0.9).orRefuse();
    BigDecimal before = materials.add(mouldWear).add(goods).add(labour);
    BigDecimal whole =
        before.divide(BigDecimal.valueOf(1 - scrapShare), SCALE, RoundingMode.HALF_UP);
    return new PieceCost(materials, mouldWear, goods, labour, whole.subtract(before));
  }

  public BigDecimal total() {
    return materials.add(mouldWear).add(goods).add(labour).add(scrap);
  }
}
