package ironshelf.material;

import ironshelf.access.Money;
import ironshelf.core.material.Amount;
import ironshelf.core.material.BinderBag;
import ironshelf.core.material.Role;
import java.math.BigDecimal;
import java.math.RoundingMode;
import org.jspecify.annotations.Nullable;

/**
 * A material as others see it.
 *
 * @param bulkDensityKgM3 as this shop measured it, or as shipped
 * @param measured whether the shop measured it
 * @param solidsPercent what is left when its water is gone
 * @param cementPercent how much of a binder is cement
 * @param cementKgABag what a percent of pigment is of; null where it is no binder, or not in bags
 * @param pack as it is sold, in words; null where it is not sold in packs
 * @param pieceG mass of one, of what is counted
 * @param pricePerPack the usual one
 * @param lastLotPerKg what the newest lot with a price cost; null where none has one
 * @param spoonG mass of one level spoon; null where it was not weighed
 * @param liquid whether it pours, and comes in bottles
 * @param moisturePercent water that it carries as it lies, of its dry mass
 * @param absorptionPercent of that, what it keeps to itself
 * @param leadDays from ordering it to having it
 * @param note of its data sheet
 * @param retired whether it is bought no more
 */
public record MaterialView(
    long id,
    long version,
    String code,
    String name,
    Role role,
    double relativeDensity,
    double bulkDensityKgM3,
    boolean measured,
    double solidsPercent,
    double cementPercent,
    @Nullable Double cementKgABag,
    @Nullable Double largestGrainMm,
    @Nullable String pack,
    @Nullable Double packKg,
    @Nullable Double pieceG,
    @Money @Nullable BigDecimal pricePerPack,
    @Money @Nullable BigDecimal lastLotPerKg,
    @Nullable Double spoonG,
    double moisturePercent,
    double absorptionPercent,
    int leadDays,
    boolean liquid,
    @Nullable String note,
    String source,
    boolean retired) {

  private static final int SCALE = 6;

  /**
   * What a kilogram costs today: at its newest lot's price, else at the usual one. Null where no
   * price is known; water from the tap costs nothing here.
   */
  public @Nullable BigDecimal pricePerKg() {
    if (lastLotPerKg != null) {
      return lastLotPerKg;
    }
    return pricePerPack == null || packKg == null
        ? null
        : pricePerPack.divide(BigDecimal.valueOf(packKg), SCALE, RoundingMode.HALF_UP);
  }

  /** What of it is kept and can be changed. */
  public MaterialRequest kept() {
    return new MaterialRequest(
        name,
        role,
        relativeDensity,
        bulkDensityKgM3,
        solidsPercent,
        cementPercent,
        largestGrainMm,
        pack,
        packKg,
        pieceG,
        pricePerPack,
        null,
        spoonG,
        moisturePercent,
        absorptionPercent,
        leadDays,
        note);
  }

  /** A bag of it; null where it is no binder, or not sold in bags. */
  public @Nullable BinderBag bag() {
    return bag(role, packKg, cementPercent);
  }

  static @Nullable BinderBag bag(Role role, @Nullable Double packKg, double cementPercent) {
    return role != Role.BINDER || packKg == null ? null : new BinderBag(packKg, cementPercent);
  }

  /** What amounts of it are reckoned from. */
  public Amount.Basis amounts() {
    return new Amount.Basis(bulkDensityKgM3, packKg, pieceG);
  }
}
