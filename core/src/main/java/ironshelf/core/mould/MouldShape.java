package ironshelf.core.mould;

import ironshelf.core.mould.solid.Drawn;
import ironshelf.core.mould.solid.Solid;
import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.Findings;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * What one mould is made of: a cavity, perhaps cores and plugs in it, inserts, and how many such
 * cavities.
 *
 * <p>The core stands {@code coreLiftMm} above the cavity's floor (that is the base's thickness) and
 * is pushed off centre by {@code coreOffsetMm}. A cavity that was measured was measured with its
 * cores in: they take nothing off it, and only matter to what holds them down and to what the piece
 * will hold. Refused: a core wider than the cavity, or touching it or another core anywhere below
 * the rim, a core lifted out of the cavity, cores and inserts that leave no room for mix, pour
 * parts that are not the whole.
 *
 * @param core null where there is none
 * @param inserts may be empty; all of each is taken to be inside the cavity
 * @param cavities 1 to 500
 * @param moreCores further cores, bore plugs, spacers; may be empty
 * @param parts in the order of pouring; empty where it is poured in one
 * @param coreL what the cores of a measured cavity take up, measured too, over 0 and up to 5 000;
 *     null where they are drawn, or there are none
 */
public record MouldShape(
    Solid cavity,
    @Nullable Drawn core,
    double coreLiftMm,
    double coreOffsetMm,
    List<Solid> inserts,
    int cavities,
    List<PlacedCore> moreCores,
    List<PourPart> parts,
    @Nullable Double coreL) {

  private static final int MOST = 100;
  private static final double MAX_L = 5_000;

  /** How far a sum of shares may be off and still be the whole: what a spreadsheet rounds. */
  private static final double SHARE_TOLERANCE = 0.01;

  public MouldShape {
    inserts = inserts == null ? List.of() : inserts;
    moreCores = moreCores == null ? List.of() : moreCores;
    parts = parts == null ? List.of() : parts;
    Findings findings =
        new Findings()
            .present("cavity", cavity)
            .within("coreLiftMm", coreLiftMm, 0, Findings.MAX_LENGTH_MM)
            .within("coreOffsetMm", coreOffsetMm, 0, Findings.MAX_LENGTH_MM)
            .within("cavities", cavities, 1, 500);
    if (coreL != null) {
      findings.above("coreL", coreL, 0, MAX_L);
    }
    listOf(findings, "inserts", inserts);
    listOf(findings, "moreCores", moreCores);
    listOf(findings, "parts", parts);
    findings.orRefuse();
    inserts = List.copyOf(inserts);
    moreCores = List.copyOf(moreCores);
    parts = List.copyOf(parts);
    double shares = parts.stream().mapToDouble(PourPart::sharePercent).sum();
    findings
        .addIf(
            !parts.isEmpty() && !(Math.abs(shares - 100) <= SHARE_TOLERANCE),
            FindingCode.PARTS_SUM,
            "parts",
            Map.of("value", shares))
        .addIf(
            !(cavity instanceof Drawn) && !moreCores.isEmpty(),
            FindingCode.CORE_IN_MEASURED,
            "moreCores",
            Map.of())
        .addIf(
            coreL != null && (cavity instanceof Drawn || core != null),
            FindingCode.CORE_MEASURED_TWICE,
            "coreL",
            Map.of("value", String.valueOf(coreL)))
        .orRefuse();
    double coresL = 0;
    if (cavity instanceof Drawn drawn) {
      coresL = Cores.checkedLitres(drawn, core, coreLiftMm, coreOffsetMm, moreCores);
    }
    double inside = inserts.stream().mapToDouble(Solid::litres).sum();
    double room = cavity.litres() - coresL;
    findings
        .addIf(
            !(room - inside > 0),
            FindingCode.CAVITY_FULL,
            inserts.isEmpty() ? "moreCores" : "inserts",
            Map.of("value", inserts.isEmpty() ? coresL : inside, "room", Math.max(0, room)))
        .orRefuse();
  }

  private static void listOf(Findings findings, String field, List<?> values) {
    if (!values.isEmpty()) {
      findings.list(field, values, MOST);
    }
  }

  /** A shape whose cores, if it has any, are drawn. */
  public MouldShape(
      Solid cavity,
      @Nullable Drawn core,
      double coreLiftMm,
      double coreOffsetMm,
      List<Solid> inserts,
      int cavities,
      List<PlacedCore> moreCores,
      List<PourPart> parts) {
    this(cavity, core, coreLiftMm, coreOffsetMm, inserts, cavities, moreCores, parts, null);
  }

  /** Returns a shape with one cavity, its core centred, without inserts. */
  public static MouldShape of(Solid cavity, @Nullable Drawn core, double coreLiftMm) {
    return new MouldShape(cavity, core, coreLiftMm, 0, List.of(), 1, List.of(), List.of());
  }

  /** Returns the same shape with its core elsewhere. */
  public MouldShape withCoreOffset(double offsetMm) {
    return new MouldShape(
        cavity, core, coreLiftMm, offsetMm, inserts, cavities, moreCores, parts, coreL);
  }

  /** Returns the cavity's measures; null where it was measured whole. */
  public @Nullable Drawn drawnCavity() {
    return cavity instanceof Drawn drawn ? drawn : null;
  }

  /** Returns the core and all further ones, each in its place; the first is centred. */
  public List<PlacedCore> allCores() {
    List<PlacedCore> all = new ArrayList<>();
    if (core != null && cavity instanceof Drawn) {
      all.add(new PlacedCore(core, coreLiftMm, 0, 0));
    }
    all.addAll(moreCores);
    return all;
  }

  /** Returns what one cast takes: cavity less cores and inserts, times the cavities, in litres. */
  public double capacityL() {
    double inside = inserts.stream().mapToDouble(Solid::litres).sum();
    double cores = cavity instanceof Drawn ? coreDisplacedL() : 0;
    return (cavity.litres() - cores - inside) * cavities;
  }

  /** Returns the volume of the parts of all cores below the rim, in litres. */
  public double coreDisplacedL() {
    return cavity instanceof Drawn drawn ? Cores.litres(drawn, allCores()) : middleL();
  }

  /**
   * Returns what a vessel of this mould holds up to its rim, in litres: the part of its core in the
   * middle that is below the rim, or what was measured of it; 0 where there is none.
   */
  public double vesselL() {
    if (cavity instanceof Drawn drawn) {
      return core == null ? 0 : new PlacedCore(core, coreLiftMm, 0, 0).displacedL(drawn.heightMm());
    }
    return middleL();
  }

  private double middleL() {
    return coreL != null ? coreL : core == null ? 0 : core.litres();
  }
}
