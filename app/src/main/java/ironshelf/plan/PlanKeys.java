package ironshelf.plan;

import ironshelf.core.plan.CastPlan.PlannedCast;

/** The names that lines, products and moulds have in a plan. */
final class PlanKeys {

  private PlanKeys() {}

  static String line(long lineId) {
    return "line-" + lineId;
  }

  static long lineId(String order) {
    return Long.parseLong(order.substring("line-".length()));
  }

  static String product(long productId, long colourwayId) {
    return productId + "-" + colourwayId;
  }

  static long productId(PlannedCast cast) {
    return Long.parseLong(cast.product().substring(0, cast.product().indexOf('-')));
  }

  static long colourwayId(PlannedCast cast) {
    return Long.parseLong(cast.product().substring(cast.product().indexOf('-') + 1));
  }

  static String mould(long mouldId) {
    return "mould-" + mouldId;
  }

  static long mouldId(String mould) {
    return Long.parseLong(mould.substring("mould-".length()));
  }
}
