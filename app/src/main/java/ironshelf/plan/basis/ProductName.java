package ironshelf.plan.basis;

import ironshelf.plan.basis.PlanFacts.Wanted;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * A product in a colourway at one of its pours, as it stands in a plan.
 *
 * @param earlierPour from 0; null: the last one
 */
public record ProductName(long productId, long colourwayId, @Nullable Integer earlierPour) {

  private static final Pattern WRITTEN = Pattern.compile("(\\d+)-(\\d+)(?:#(\\d+))?");

  /** At its last pour, as which it is wanted. */
  public static ProductName of(Wanted wanted) {
    return new ProductName(wanted.productId(), wanted.colourwayId(), null);
  }

  /**
   * At one of so many pours.
   *
   * @param pour from 0
   */
  static ProductName of(Wanted wanted, int pour, int pours) {
    return new ProductName(
        wanted.productId(), wanted.colourwayId(), pour == pours - 1 ? null : pour);
  }

  /** Which of so many pours that is, from 0. */
  public int pour(int pours) {
    return earlierPour == null ? pours - 1 : earlierPour;
  }

  /**
   * Reads a name of a plan.
   *
   * @throws IllegalArgumentException where it is none
   */
  public static ProductName of(String written) {
    return find(written)
        .orElseThrow(() -> new IllegalArgumentException("no product of a plan: " + written));
  }

  /** The same; empty where it is the name of something else. */
  public static Optional<ProductName> find(String written) {
    Matcher match = WRITTEN.matcher(written);
    return match.matches()
        ? Optional.of(
            new ProductName(
                Long.parseLong(match.group(1)),
                Long.parseLong(match.group(2)),
                match.group(3) == null ? null : Integer.valueOf(match.group(3))))
        : Optional.empty();
  }

  /** As it stands in the plan. */
  @Override
  public String toString() {
    return productId + "-" + colourwayId + (earlierPour == null ? "" : "#" + earlierPour);
  }
}
