package ironshelf.product;

import ironshelf.core.finish.WaxFill;
import ironshelf.core.quantity.Findings;
import org.jspecify.annotations.Nullable;

/**
 * The wax that a product is filled with.
 *
 * @param waxId the material that is melted
 * @param fragranceId null where it is not scented, or its fragrance is not kept in stock
 * @param fill what the vessel holds, and how it is scented
 * @param wicks in each, 0 to 20
 */
public record WaxKept(long waxId, @Nullable Long fragranceId, WaxFill.WaxRequest fill, int wicks) {
  public WaxKept {
    new Findings()
        .within("waxId", (double) waxId, 1, 1e15)
        .present("fill", fill)
        .within("wicks", wicks, 0, 20)
        .orRefuse();
  }
}
