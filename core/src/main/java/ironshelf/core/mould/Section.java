package ironshelf.core.mould;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The upright cut through a mould along its axis, for drawing to scale: right halves in mm over the
 * cavity's floor. The core is centred; whoever draws it off centre moves it by the offset.
 *
 * @param core null where there is none; may stand above the rim
 * @param rimMm the height to which it is filled
 */
public record Section(
    List<Solid.ProfilePoint> outer, @Nullable List<Solid.ProfilePoint> core, double rimMm) {

  public static Section of(MouldShape shape) {
    List<Solid.ProfilePoint> core =
        shape.core() == null
            ? null
            : shape.core().profile().stream()
                .map(p -> new Solid.ProfilePoint(p.rMm(), p.zMm() + shape.coreLiftMm()))
                .toList();
    return new Section(shape.cavity().profile(), core, shape.cavity().heightMm());
  }
}
