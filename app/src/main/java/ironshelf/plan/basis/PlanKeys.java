package ironshelf.plan.basis;

import ironshelf.core.plan.CastPlan.PlannedCast;

/** The names that lines, products and moulds have in a plan. */
public final class PlanKeys {

  private PlanKeys() {}

  public static String line(long lineId) {
    return "line-" + lineId;
  }

  /** What is made for a line: the line's pieces, or parts of them. */
  public static long lineId(String order) {
    return Long.parseLong(order.substring("line-".length(), end(order)));
  }

  /** Where a line's own name ends. */
  private static int end(String order) {
    for (int i = 0; i < order.length(); i++) {
      if (order.charAt(i) == '/' || order.charAt(i) == '~') {
        return i;
      }
    }
    return order.length();
  }

  /** An earlier pour of what is made under a name; or a later one of what has begun. */
  public static String pour(String name, Object which) {
    return name + "~" + which;
  }

  /** Whether that is a later pour of what has begun under a name. */
  public static boolean isPourOf(String order, String begun) {
    return order.endsWith("~" + begun);
  }

  /** Pieces that become parts of what is made for a line. */
  static String part(String line, int no) {
    return line + "/" + no;
  }

  /** Whether that is what a line wants, not a part or an earlier pour of it. */
  public static boolean isLine(String order) {
    return order.startsWith("line-") && end(order) == order.length();
  }

  public static boolean isPart(String order) {
    return order.indexOf('/') >= 0;
  }

  /** What belongs to one line's order goes with it when the line gets another name. */
  public static String renamed(String order, String line) {
    return line + order.substring(end(order));
  }

  static String product(long productId, long colourwayId) {
    return productId + "-" + colourwayId;
  }

  /**
   * A product at one of its pours; the last one goes by the product's own name.
   *
   * @param pour from 0
   */
  static String product(String product, int pour, int pours) {
    return pour == pours - 1 ? product : product + "#" + pour;
  }

  /** Which of so many pours that is. */
  public static int pour(PlannedCast cast, int pours) {
    int hash = cast.product().indexOf('#');
    return hash < 0 ? pours - 1 : Integer.parseInt(cast.product().substring(hash + 1));
  }

  public static long productId(PlannedCast cast) {
    return productId(cast.product());
  }

  public static long productId(String product) {
    return Long.parseLong(product.substring(0, product.indexOf('-')));
  }

  public static long colourwayId(PlannedCast cast) {
    int hash = cast.product().indexOf('#');
    return Long.parseLong(
        cast.product()
            .substring(cast.product().indexOf('-') + 1, hash < 0 ? cast.product().length() : hash));
  }

  public static String mould(long mouldId) {
    return "mould-" + mouldId;
  }

  public static long mouldId(String mould) {
    return Long.parseLong(mould.substring("mould-".length()));
  }
}
