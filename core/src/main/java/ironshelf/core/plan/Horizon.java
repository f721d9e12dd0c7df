package ironshelf.core.plan;

import ironshelf.core.quantity.Finding;
import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.RefusedException;
import java.util.List;
import java.util.Map;

/** The longest period that a plan may cover. */
public final class Horizon {

  public static final int DAY_MIN = 24 * 60;
  static final int MOST_YEARS = 20;
  private static final int MOST_MIN = MOST_YEARS * 365 * DAY_MIN;

  private Horizon() {}

  /**
   * @throws RefusedException where a minute lies beyond it
   */
  public static int refuseBeyond(long minute) {
    if (minute > MOST_MIN) {
      throw new RefusedException(
          List.of(
              new Finding(FindingCode.PLAN_TOO_FAR, "demands", Map.of("mostYears", MOST_YEARS))));
    }
    return (int) minute;
  }
}
