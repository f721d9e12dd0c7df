package ironshelf.pour.use;

import ironshelf.material.MaterialView;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** What masses of materials cost at today's pack prices, to a hundredth of a cent. */
record Prices(Map<Long, MaterialView> materials) {

  static final int SCALE = 4;

  /** Null where no price is known. */
  @Nullable BigDecimal of(long materialId, BigDecimal massKg) {
    BigDecimal perKg = materials.get(materialId).pricePerKg();
    return perKg == null ? null : perKg.multiply(massKg).setScale(SCALE, RoundingMode.HALF_UP);
  }

  String name(long materialId) {
    return materials.get(materialId).name();
  }
}
