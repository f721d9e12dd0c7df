package ironshelf.core.plan.schedule;

import ironshelf.core.plan.PlanRequest.PlanProduct;
import ironshelf.core.plan.resource.Instance;
import ironshelf.core.plan.schedule.Schedule.ScheduledCast;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * How well the order of pouring suits colours and opened bags.
 *
 * @param darkToLight how often a lighter colour follows a darker one on the same day
 * @param idleBinderDays days between two uses of an opened binder on which it is not used
 */
record ColourOrder(long darkToLight, long idleBinderDays) {

  static ColourOrder of(Schedule schedule) {
    Instance instance = schedule.instance;
    long[] byPour = new long[schedule.casts.size()];
    for (int i = 0; i < byPour.length; i++) {
      // The minute above, the cast below: one sort of plain numbers.
      byPour[i] = ((long) schedule.casts.get(i).timing().pour() << 20) | i;
    }
    java.util.Arrays.sort(byPour);
    long changes = 0;
    long idle = 0;
    int lastDay = -1;
    double lastShade = 0;
    Map<String, Integer> usedOn = new HashMap<>();
    for (long packed : byPour) {
      ScheduledCast cast = schedule.casts.get((int) (packed & ((1 << 20) - 1)));
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

  private static PlanProduct product(Instance instance, ScheduledCast cast) {
    List<PlanProduct> products = instance.products;
    return products.get(instance.lines.get(cast.demand()).product());
  }
}
