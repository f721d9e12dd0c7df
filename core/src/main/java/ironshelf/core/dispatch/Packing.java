package ironshelf.core.dispatch;

import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.Findings;
import ironshelf.core.quantity.WhenMissing;
import java.util.List;
import java.util.Map;

/**
 * What is to be packed.
 *
 * @param pieces up to 500
 * @param mostKg of one parcel with its box, over 0 and up to 1 000
 * @param boxKg of the box and what pads it, 0 to 100 (0)
 * @param aloneFromKg a piece of that mass or more goes alone, so that nothing breaks against it; up
 *     to {@code mostKg} (no piece does)
 */
public record Packing(
    List<ToPack> pieces,
    double mostKg,
    @WhenMissing("0") double boxKg,
    @WhenMissing("1000") double aloneFromKg) {

  private static final double MOST_KG = 1_000;

  /** A piece and its mass. */
  public record ToPack(String piece, double massKg) {
    public ToPack {
      new Findings().text("piece", piece, 80).above("massKg", massKg, 0, MOST_KG).orRefuse();
    }
  }

  public Packing {
    boxKg = Double.isNaN(boxKg) ? 0 : boxKg;
    aloneFromKg = Double.isNaN(aloneFromKg) ? MOST_KG : aloneFromKg;
    new Findings()
        .list("pieces", pieces, 500)
        .above("mostKg", mostKg, 0, MOST_KG)
        .within("boxKg", boxKg, 0, 100)
        .above("aloneFromKg", aloneFromKg, 0, MOST_KG)
        .orRefuse();
    pieces = List.copyOf(pieces);
    Findings findings = new Findings();
    for (int i = 0; i < pieces.size(); i++) {
      ToPack piece = pieces.get(i);
      findings.addIf(
          piece.massKg() + boxKg > mostKg,
          FindingCode.PARCEL_TOO_HEAVY,
          "pieces." + i + ".massKg",
          Map.of("value", piece.massKg(), "piece", piece.piece(), "most", mostKg - boxKg));
    }
    findings.orRefuse();
  }
}
