package ironshelf.setup;

import java.util.List;

/**
 * A product that was made in the set-up, and what its first pour would fill.
 *
 * @param colourwayId to pour it in first
 */
public record MadeProduct(long productId, long colourwayId, List<MadeFill> fills) {

  /** A product's mould copies. */
  public record MadeFill(long productId, List<Long> copyIds) {}
}
