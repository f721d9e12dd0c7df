package ironshelf.pour;

import static java.util.stream.Collectors.toMap;

import ironshelf.core.quantity.Findings;
import ironshelf.core.quantity.WhenMissing;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * A pour that was made.
 *
 * @param lineId the order line it was made for; null for stock
 * @param weighOuts what really went in, every material of the mix
 * @param leftKg what was left in the bowl when all copies were full, 0 to 5 000
 * @param acceptShort whether lots may go below zero: what went in went in, and the count was wrong
 */
public record PourRequest(
    @Nullable Long productId,
    @Nullable Long colourwayId,
    @Nullable Long lineId,
    List<CopyChoice> copies,
    List<Weighing> weighOuts,
    @WhenMissing("the workshop's room") double roomC,
    @WhenMissing("the room's temperature") double waterC,
    @Nullable Boolean acceptShort,
    @WhenMissing("not known") double leftKg) {

  /** A copy as it was when it was chosen. */
  public record CopyChoice(@Nullable Long id, @Nullable Long version) {
    public CopyChoice {
      new Findings().present("id", id).present("version", version).orRefuse();
    }
  }

  /** What went in of one material: 0 to 5 000 kg. */
  public record Weighing(@Nullable Long materialId, double actualKg) {
    public Weighing {
      new Findings()
          .present("materialId", materialId)
          .within("actualKg", actualKg, 0, Findings.MAX_MASS_KG)
          .orRefuse();
    }
  }

  public PourRequest {
    new Findings()
        .list("copies", copies, 500)
        .list("weighOuts", weighOuts, 60)
        .present("productId", productId)
        .present("colourwayId", colourwayId)
        .orRefuse();
    if (!Double.isNaN(leftKg)) {
      new Findings().within("leftKg", leftKg, 0, Findings.MAX_MASS_KG).orRefuse();
    }
  }

  PourSheetRequest sheet() {
    return new PourSheetRequest(
        productId, colourwayId, copies.stream().map(CopyChoice::id).toList(), roomC, waterC, null);
  }

  /** The version that was seen of each copy. */
  Map<Long, Long> versions() {
    return copies.stream().collect(toMap(CopyChoice::id, CopyChoice::version, Math::min));
  }

  Map<Long, Double> actualKg() {
    return weighOuts.stream().collect(toMap(Weighing::materialId, Weighing::actualKg, Double::sum));
  }
}
