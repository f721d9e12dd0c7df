package ironshelf.core.mould;

import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.Findings;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * What one mould is made of: a cavity, perhaps a core in it, inserts, and how many such cavities.
 *
 * <p>The core stands {@code coreLiftMm} above the cavity's floor (that is the base's thickness) and
 * is pushed off centre by {@code coreOffsetMm}. Refused: a core wider than the cavity or touching
 * it anywhere below the rim, a core lifted out of the cavity, and core and inserts that leave no
 * room for mix.
 *
 * @param core null where there is none
 * @param inserts may be empty; all of each is taken to be inside the cavity
 * @param cavities 1 to 500
 */
public record MouldShape(
    Solid cavity,
    @Nullable Solid core,
    double coreLiftMm,
    double coreOffsetMm,
    List<Solid> inserts,
    int cavities) {

  public MouldShape {
    inserts = inserts == null ? List.of() : List.copyOf(inserts);
    Findings findings =
        new Findings()
            .present("cavity", cavity)
            .within("coreLiftMm", coreLiftMm, 0, Findings.MAX_LENGTH_MM)
            .within("coreOffsetMm", coreOffsetMm, 0, Findings.MAX_LENGTH_MM)
            .within("cavities", cavities, 1, 500);
    findings.orRefuse();
    if (core != null) {
      refuseCoreThatDoesNotFit(cavity, core, coreLiftMm, coreOffsetMm);
    }
    double inside = inserts.stream().mapToDouble(Solid::volumeL).sum();
    double room =
        cavity.volumeL() - (core == null ? 0 : immersed(cavity, core, coreLiftMm)) - inside;
    findings
        .addIf(
            !(room > 0),
            FindingCode.CAVITY_FULL,
            "inserts",
            Map.of("value", inside, "room", Math.max(0, room + inside)))
        .orRefuse();
  }

  /** A shape with one cavity, its core centred, without inserts. */
  public static MouldShape of(Solid cavity, @Nullable Solid core, double coreLiftMm) {
    return new MouldShape(cavity, core, coreLiftMm, 0, List.of(), 1);
  }

  /** The same shape with its core elsewhere. */
  public MouldShape withCoreOffset(double offsetMm) {
    return new MouldShape(cavity, core, coreLiftMm, offsetMm, inserts, cavities);
  }

  /** How deep the core stands in the cavity, from its own floor up to the rim; 0 without core. */
  public double coreDepthMm() {
    return core == null ? 0 : depth(cavity, core, coreLiftMm);
  }

  /** The volume of the part of the core below the rim, in litres; 0 without core. */
  public double coreDisplacedL() {
    return core == null ? 0 : immersed(cavity, core, coreLiftMm);
  }

  private static double depth(Solid cavity, Solid core, double liftMm) {
    return Math.min(core.heightMm(), cavity.heightMm() - liftMm);
  }

  private static double immersed(Solid cavity, Solid core, double liftMm) {
    return core.volumeBelowMm3(depth(cavity, core, liftMm)) / Solid.MM3_PER_LITRE;
  }

  private static void refuseCoreThatDoesNotFit(
      Solid cavity, Solid core, double liftMm, double offsetMm) {
    new Findings()
        .addIf(
            liftMm >= cavity.heightMm(),
            FindingCode.CORE_ABOVE_RIM,
            "coreLiftMm",
            Map.of("value", liftMm, "height", cavity.heightMm()))
        .orRefuse();
    Wall wall = Wall.between(cavity, core, liftMm, depth(cavity, core, liftMm));
    if (!(wall.gapMm() > 0)) {
      Width coreWidth = Width.of(core, wall.atMm() - liftMm);
      Width cavityWidth = Width.of(cavity, wall.atMm());
      new Findings()
          .addIf(
              true,
              FindingCode.CORE_TOO_WIDE,
              "core." + coreWidth.field(),
              Map.of("value", coreWidth.mm(), "cavity", cavityWidth.mm(), "at", wall.atMm()))
          .orRefuse();
    }
    new Findings()
        .addIf(
            !(offsetMm < wall.gapMm()),
            FindingCode.CORE_TOUCHES,
            "coreOffsetMm",
            Map.of("value", offsetMm, "wall", wall.gapMm()))
        .orRefuse();
  }

  /** The width to name when a core does not fit: the field it comes from and its value there. */
  private record Width(String field, double mm) {
    static Width of(Solid solid, double zMm) {
      if (solid.crossSectionAt(zMm) instanceof CrossSection.Circle circle) {
        boolean atTop = zMm > solid.heightMm() / 2;
        String field =
            solid instanceof Cone ? (atTop ? "topDiameterMm" : "baseDiameterMm") : "diameterMm";
        return new Width(field, 2 * circle.radiusMm());
      }
      CrossSection.Rectangle rectangle = (CrossSection.Rectangle) solid.crossSectionAt(zMm);
      return new Width("widthMm", Math.min(rectangle.lengthMm(), rectangle.widthMm()));
    }
  }
}
