package ironshelf.core.mould;

import ironshelf.core.mould.solid.Drawn;
import ironshelf.core.mould.solid.ProfilePoint;
import ironshelf.core.mould.solid.Sheet;
import ironshelf.core.mould.solid.Solid;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The upright cut through a mould along its axis, for drawing to scale: right halves in mm over the
 * cavity's floor. The core is centred; whoever draws it off centre moves it by the offset.
 *
 * @param core null where there is none; may stand above the rim
 * @param more further cores and plugs in their places
 * @param rimMm the height to which it is filled
 * @param drawn whether the shape is known; otherwise a stand-in of the same volume is shown
 */
public record Section(
    List<ProfilePoint> outer,
    @Nullable List<ProfilePoint> core,
    List<Placed> more,
    double rimMm,
    boolean drawn) {

  /** A further core's half profile about its own axis. */
  public record Placed(double xMm, List<ProfilePoint> half) {}

  public static Section of(MouldShape shape) {
    Drawn cavity = shape.drawnCavity();
    if (cavity == null) {
      return standIn(shape.cavity());
    }
    return new Section(
        cavity.halfSection(),
        shape.core() == null ? null : lifted(shape.core(), shape.coreLiftMm()),
        shape.moreCores().stream()
            .map(core -> new Placed(core.xMm(), lifted(core.solid(), core.liftMm())))
            .toList(),
        cavity.heightMm(),
        true);
  }

  private static List<ProfilePoint> lifted(Drawn solid, double liftMm) {
    return solid.halfSection().stream()
        .map(p -> new ProfilePoint(p.rMm(), p.zMm() + liftMm))
        .toList();
  }

  /** Returns a cube as large as what was measured, or a cloth laid flat. */
  private static Section standIn(Solid cavity) {
    double side = Math.cbrt(cavity.litres() * Solid.MM3_PER_LITRE);
    double half = cavity instanceof Sheet sheet ? Math.sqrt(sheet.areaM2()) * 500 : side / 2;
    double height = cavity instanceof Sheet sheet ? sheet.thicknessMm() : side;
    return new Section(
        List.of(new ProfilePoint(half, 0), new ProfilePoint(half, height)),
        null,
        List.of(),
        height,
        false);
  }
}
