package ironshelf.mould;

import ironshelf.core.mould.MouldShape;
import ironshelf.core.mould.WallKind;
import ironshelf.core.mould.wear.Face;
import ironshelf.core.mould.wear.MouldKind;
import ironshelf.core.mould.wear.MouldKinds;
import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.Findings;
import ironshelf.core.quantity.WhenMissing;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * A mould to be kept.
 *
 * @param kind the code of a mould kind
 * @param wallKind how it lets go; its kind's where not given
 * @param preparation before each cast; its kind's where not given
 * @param faces what mix touches, and what release agent goes on each
 * @param price of one more copy; null where it is not known
 */
public record NewMould(
    String name,
    @Nullable Family family,
    String kind,
    @Nullable WallKind wallKind,
    @Nullable MouldShape shape,
    @WhenMissing("0") double coreMassKg,
    @WhenMissing("0") double leastWallMm,
    @Nullable List<String> preparation,
    @Nullable List<Face> faces,
    @Nullable BigDecimal price) {

  private static final BigDecimal MOST = new BigDecimal(1_000_000);

  public NewMould {
    coreMassKg = Double.isNaN(coreMassKg) ? 0 : coreMassKg;
    leastWallMm = Double.isNaN(leastWallMm) ? 0 : leastWallMm;
    faces = faces == null ? List.of() : faces;
    Findings findings =
        new Findings()
            .text("name", name, 80)
            .present("family", family)
            .text("kind", kind, 40)
            .present("shape", shape)
            .within("coreMassKg", coreMassKg, 0, Findings.MAX_MASS_KG)
            .within("leastWallMm", leastWallMm, 0, Findings.MAX_LENGTH_MM)
            .amount("price", price, MOST);
    if (!faces.isEmpty()) {
      findings.list("faces", faces, 20);
    }
    findings.orRefuse();
    MouldKind known = MouldKinds.shipped().find(kind).orElse(null);
    findings
        .addIf(
            known == null,
            FindingCode.VALUE_UNREADABLE,
            "kind",
            Map.of(
                "value",
                kind,
                "wanted",
                "one of " + MouldKinds.shipped().all().stream().map(MouldKind::code).toList()))
        .orRefuse();
    known.judge(faces).forEach(findings::add);
    findings.orRefuse();
    price = price == null ? null : price.setScale(2, RoundingMode.HALF_UP);
    wallKind = wallKind == null ? known.wallKind() : wallKind;
    preparation = preparation == null || preparation.isEmpty() ? known.preparation() : preparation;
    for (int i = 0; i < preparation.size(); i++) {
      findings.text("preparation." + i, preparation.get(i), 200);
    }
    findings.orRefuse();
    faces = List.copyOf(faces);
    preparation = List.copyOf(preparation);
  }
}
