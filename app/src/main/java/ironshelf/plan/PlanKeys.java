package ironshelf.plan;

import ironshelf.core.plan.CastPlan.PlannedCast;

/** The names that lines, products and moulds have in a plan. */
final class PlanKeys {

  private PlanKeys() {}

  static String line(long lineId) {
    return "line-" + lineId;
  }

  /** What is made for a line: the line's pieces, or parts of them. */
  static long lineId(String order) {
    int slash = order.indexOf('/');
    return Long.parseLong(order.substring("line-".length(), slash < 0 ? order.length() : slash));
  }

  /** Pieces that become parts of what is made for a line. */
  static String part(String line, int no) {
    return line + "/" + no;
  }

  static boolean isPart(String order) {
    return order.indexOf('/') >= 0;
  }

  /** What belongs to one line's order goes with it when the line gets another name. */
  static String renamed(String order, String line) {
    return isPart(order) ? line + order.substring(order.indexOf('/')) : line;
  }

  static String product(long productId, long colourwayId) {
    return productId + "-" + colourwayId;
  }

  static long productId(PlannedCast cast) {
    return productId(cast.product());
  }

  static long productId(String product) {
    return Long.parseLong(product.substring(0, product.indexOf('-')));
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
