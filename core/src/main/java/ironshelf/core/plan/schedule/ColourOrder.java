package ironshelf.core.plan.schedule;

import ironshelf.core.plan.PlanRequest.PlanProduct;
import ironshelf.core.plan.resource.Instance;
import ironshelf.core.plan.schedule.Schedule.Laid;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * The order in which a plan pours.
 *
 * @param darkToLight how often of one day a lighter colour follows a darker one
 * @param idleBinderDays on which an opened binder is not used between two days on which it is
 */
record ColourOrder(long darkToLight, long idleBinderDays) {

  static ColourOrder of(Schedule laying) {
    Instance instance = laying.instance;
    long[] byPour = new long[laying.casts.size()];
    for (int i = 0; i < byPour.length; i++) {
      // The minute above, the cast below: one sort of plain numbers.
      byPour[i] = ((long) laying.casts.get(i).timing().pour() << 20) | i;
    }
    java.util.Arrays.sort(byPour);
    long changes = 0;
    long idle = 0;
    int lastDay = -1;
    double lastShade = 0;
    Map<String, Integer> usedOn = new HashMap<>();
    for (long packed : byPour) {
      Laid cast = laying.casts.get((int) (packed & ((1 << 20) - 1)));
      PlanProduct product = product(instance, cast);
      int day = instance.day(cast.timing().pour());
      changes += day == lastDay && product.shade() < lastShade ? 1 : 0;
      lastDay = day;
      lastShade = product.shade();
      if (product.binder() != null) {
        Integer before = usedOn.put(product.binder(), day);
        idle += before == null ? 0 : Math.max(0, day - before - 1);
      }
    }
    return new ColourOrder(changes, idle);
  }

  private static PlanProduct product(Instance instance, Laid cast) {
    List<PlanProduct> products = instance.products;
    return products.get(instance.lines.get(cast.demand()).product());
  }
}
