package ironshelf.material;

import ironshelf.core.material.Role;
import java.math.BigDecimal;
import java.math.RoundingMode;
import org.jspecify.annotations.Nullable;

/**
 * A material as others see it.
 *
 * @param bulkDensityKgM3 as this shop measured it, or as shipped
 * @param measured whether the shop measured it
 * @param spoonG mass of one level spoon; null where it was not weighed
 * @param liquid whether it pours, and comes in bottles
 * @param moisturePercent water that it carries as it lies, of its dry mass
 * @param absorptionPercent of that, what it keeps to itself
 * @param leadDays from ordering it to having it
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
    @Nullable Double packKg,
    @Nullable BigDecimal pricePerPack,
    @Nullable Double spoonG,
    double moisturePercent,
    double absorptionPercent,
    int leadDays,
    boolean liquid,
    String source) {

  private static final int SCALE = 6;

  /** Null where no price is known; water from the tap costs nothing here. */
  public @Nullable BigDecimal pricePerKg() {
    return pricePerPack == null || packKg == null
        ? null
        : pricePerPack.divide(BigDecimal.valueOf(packKg), SCALE, RoundingMode.HALF_UP);
  }
}
