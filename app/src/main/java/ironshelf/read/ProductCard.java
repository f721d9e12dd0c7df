package ironshelf.read;

import ironshelf.access.Money;
import ironshelf.core.mould.Section;
import ironshelf.mould.Family;
import java.math.BigDecimal;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A product in the list of all.
 *
 * @param cost of a good piece; by its own pieces where there are any
 * @param isEstimate whether the cost is what its recipe and route come to, no piece being made yet
 * @param copies of its mould that are in use
 * @param toPour pieces that orders want poured
 */
public record ProductCard(
    long id,
    String name,
    Family family,
    @Money BigDecimal price,
    @Money @Nullable BigDecimal cost,
    boolean isEstimate,
    long mouldId,
    String mould,
    int copies,
    String recipe,
    Section section,
    List<ColourStand> colours,
    int toPour) {

  /**
   * A colourway that it is offered in, and where its pieces are.
   *
   * @param curing out of the mould and not ready
   */
  public record ColourStand(
      long colourwayId, String name, String swatch, long inMould, long curing, long ready) {}
}
