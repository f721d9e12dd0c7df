package ironshelf.core.mould;

import ironshelf.core.mould.planar.CrossSection;
import ironshelf.core.mould.solid.Drawn;
import ironshelf.core.quantity.Finding;
import ironshelf.core.quantity.FindingCode;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.locationtech.jts.algorithm.MinimumDiameter;

/**
 * The largest grain that a mould takes: a fifth of the narrowest gap between its sides, a third of
 * the depth of what is poured flat (ACI 318-19, 26.4.2.1(a)(5)). Not promised: that the mix gets
 * round every detail.
 */
public final class Grain {

  /** Of the depth of a slab. */
  private static final double DEPTH_SHARE = 1.0 / 3;

  private Grain() {}

  /** In mm; nothing where the shape was only measured. */
  public static OptionalDouble mostMm(MouldShape shape) {
    Drawn cavity = shape.drawnCavity();
    if (cavity == null) {
      return OptionalDouble.empty();
    }
    CrossSection middle = cavity.crossSectionAt(cavity.heightMm() / 2);
    double across = new MinimumDiameter(middle.polygon()).getLength();
    double most = Math.min(across * MouldSum.GRAIN_SHARE, cavity.heightMm() * DEPTH_SHARE);
    MouldResult.Walls walls = MouldSum.walls(shape, cavity, 0);
    return OptionalDouble.of(walls == null ? most : Math.min(most, walls.largestGrainMm()));
  }

  /** Returns what is to be said of a mix with such grains; nothing where they are small enough. */
  public static Optional<Finding> tooLarge(MouldShape shape, OptionalDouble largestGrainMm) {
    OptionalDouble most = mostMm(shape);
    return most.isPresent()
            && largestGrainMm.isPresent()
            && largestGrainMm.getAsDouble() > most.getAsDouble()
        ? Optional.of(
            Finding.of(
                FindingCode.GRAIN_TOO_LARGE,
                Map.of("value", largestGrainMm.getAsDouble(), "most", most.getAsDouble())))
        : Optional.empty();
  }
}
