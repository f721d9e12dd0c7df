package ironshelf.core.plan;

import ironshelf.core.plan.Laying.Laid;
import ironshelf.core.plan.PlanRequest.PlanProduct;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * The order in which a plan pours.
 *
 * @param darkToLight how often of one day a lighter colour follows a darker one
 * @param idleBinderDays on which an opened binder is not used between two days on which it is
 */
record PourOrder(long darkToLight, long idleBinderDays) {

  static PourOrder of(Laying laying) {
    Setting setting = laying.setting;
    long[] byPour = new long[laying.casts.size()];
    for (int i = 0; i < byPour.length; i++) {
      // The minute above, the cast below: one sort of plain numbers.
      byPour[i] = ((long) laying.casts.get(i).way().pour() << 20) | i;
    }
    java.util.Arrays.sort(byPour);
    long changes = 0;
    long idle = 0;
    int lastDay = -1;
    double lastShade = 0;
    Map<String, Integer> usedOn = new HashMap<>();
    for (long packed : byPour) {
      Laid cast = laying.casts.get((int) (packed & ((1 << 20) - 1)));
      PlanProduct product = product(setting, cast);
      int day = setting.day(cast.way().pour());
      changes += day == lastDay && product.shade() < lastShade ? 1 : 0;
      lastDay = day;
      lastShade = product.shade();
      if (product.binder() != null) {
        Integer before = usedOn.put(product.binder(), day);
        idle += before == null ? 0 : Math.max(0, day - before - 1);
      }
    }
    return new PourOrder(changes, idle);
  }

  private static PlanProduct product(Setting setting, Laid cast) {
    List<PlanProduct> products = setting.products;
    return products.get(setting.tasks.get(cast.demand()).product());
  }
}
