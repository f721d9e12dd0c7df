package ironshelf.pour.script;

import static java.util.stream.Collectors.toMap;

import ironshelf.core.quantity.Findings;
import ironshelf.core.quantity.WhenMissing;
import ironshelf.pour.sheet.PourSheetRequest;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * A pour that was made.
 *
 * @param layers what really went in, layer by layer in the order of the sheet
 * @param leftKg what was left in the bowls when all copies were full, 0 to 5 000
 * @param fillingMin from mixed to the last copy full, all batches together, 0 to 1 440
 * @param pouredAt when it was wetted, not later than now; null: now
 * @param earlyReason why before what is below was stiff; null where it was not
 * @param acceptShort whether lots may go below zero: what went in went in, and the count was wrong
 */
public record PourRequest(
    List<PouredFill> fills,
    @Nullable Long colourwayId,
    @Nullable Integer firstLayer,
    List<PouredLayer> layers,
    @WhenMissing("the workshop's room") double roomC,
    @WhenMissing("the room's temperature") double waterC,
    @Nullable Boolean acceptShort,
    @WhenMissing("not known") double leftKg,
    @WhenMissing("not known") double fillingMin,
    @Nullable Instant pouredAt,
    @Nullable String earlyReason) {

  /**
   * A product's copies that were filled.
   *
   * @param lineId the order line it was made for; null for stock
   */
  public record PouredFill(
      @Nullable Long productId, @Nullable Long lineId, List<CopyChoice> copies) {
    public PouredFill {
      new Findings().present("productId", productId).list("copies", copies, 500).orRefuse();
    }

    /** The version that was seen of each copy. */
    public Map<Long, Long> versions() {
      return copies.stream().collect(toMap(CopyChoice::id, CopyChoice::version, Math::min));
    }
  }

  /** A copy as it was when it was chosen. */
  public record CopyChoice(@Nullable Long id, @Nullable Long version) {
    public CopyChoice {
      new Findings().present("id", id).present("version", version).orRefuse();
    }
  }

  /** What went into one layer's bowl, every material of its mix. */
  public record PouredLayer(List<Weighing> weighOuts) {
    public PouredLayer {
      new Findings().list("weighOuts", weighOuts, 60).orRefuse();
    }

    /** Whether nobody measured a material. */
    public boolean isAssumed(long materialId) {
      return weighOuts.stream()
          .anyMatch(
              w ->
                  w.materialId() != null
                      && w.materialId() == materialId
                      && Boolean.FALSE.equals(w.measured()));
    }

    public Map<Long, Double> actualKg() {
      return weighOuts.stream()
          .collect(toMap(Weighing::materialId, Weighing::actualKg, Double::sum));
    }
  }

  /**
   * What went in of one material: 0 to 5 000 kg.
   *
   * @param measured whether it was; null: it was. What was not counts as asked and teaches nothing
   */
  public record Weighing(@Nullable Long materialId, double actualKg, @Nullable Boolean measured) {
    public Weighing {
      new Findings()
          .present("materialId", materialId)
          .within("actualKg", actualKg, 0, Findings.MAX_MASS_KG)
          .orRefuse();
    }
  }

  public PourRequest {
    Findings findings =
        new Findings()
            .list("fills", fills, 50)
            .list("layers", layers, 6)
            .present("colourwayId", colourwayId);
    if (earlyReason != null) {
      findings.text("earlyReason", earlyReason, 200);
    }
    if (!Double.isNaN(leftKg)) {
      findings.within("leftKg", leftKg, 0, Findings.MAX_MASS_KG);
    }
    if (!Double.isNaN(fillingMin)) {
      findings.within("fillingMin", fillingMin, 0, 1_440);
    }
    findings.orRefuse();
  }

  public PourSheetRequest sheet() {
    return new PourSheetRequest(
        fills.stream()
            .map(
                f ->
                    new PourSheetRequest.FillChoice(
                        f.productId(), f.copies().stream().map(CopyChoice::id).toList()))
            .toList(),
        colourwayId,
        firstLayer,
        roomC,
        waterC,
        null,
        null,
        null);
  }
}
