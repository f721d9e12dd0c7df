package ironshelf.product;

import ironshelf.core.quantity.Findings;
import ironshelf.core.quantity.WhenMissing;
import org.jspecify.annotations.Nullable;

/**
 * One of the pours that a product is made of: a colour, a face or its back, a head.
 *
 * @param name as the bench calls it, for example {@code tide}
 * @param colourwayId its own; null for the one that was ordered
 * @param sharePercent of what the mould holds, over 0 and up to 100
 * @param waitH after the layer before it, 0 to 1 000; 0: mixed beside it, at the same time
 * @param withoutFibre a face, which fibre would poke through
 * @param again whether the piece was out of its mould before, and is put into one again for it; its
 *     route says when
 * @param mouldId of the mould that it is put into; null for the product's own
 */
public record ProductLayer(
    String name,
    @Nullable Long colourwayId,
    double sharePercent,
    @WhenMissing("0") double waitH,
    @Nullable Boolean withoutFibre,
    @Nullable Boolean again,
    @Nullable Long mouldId) {

  /** What a product is made of where nothing else is said. */
  static final ProductLayer WHOLE = new ProductLayer("whole", null, 100, 0, false, null, null);

  public ProductLayer {
    waitH = Double.isNaN(waitH) ? 0 : waitH;
    withoutFibre = Boolean.TRUE.equals(withoutFibre);
    new Findings()
        .text("name", name, 40)
        .above("sharePercent", sharePercent, 0, 100)
        .within("waitH", waitH, 0, 1_000)
        .orRefuse();
  }
}
