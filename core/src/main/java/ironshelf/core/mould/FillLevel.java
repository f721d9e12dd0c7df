package ironshelf.core.mould;

import ironshelf.core.mould.solid.Drawn;
import ironshelf.core.mould.solid.Solid;
import ironshelf.core.quantity.Root;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** How high so much mix stands in one cavity. Inserts are taken to lie at the bottom. */
public final class FillLevel {

  private static final double BILLIONTH = 1e-9;

  private FillLevel() {}

  /** Litres of mix in one cavity when it is filled to a level. */
  public static double litresBelow(MouldShape shape, Drawn cavity, double zMm) {
    double z = Math.max(0, Math.min(zMm, cavity.heightMm()));
    double mm3 = cavity.volumeBelowMm3(z);
    for (PlacedCore core : shape.allCores()) {
      mm3 -=
          core.solid().volumeBelowMm3(Math.min(core.depthMm(cavity.heightMm()), z - core.liftMm()));
    }
    double inserts = shape.inserts().stream().mapToDouble(Solid::litres).sum();
    return Math.max(0, mm3 / Solid.MM3_PER_LITRE - inserts);
  }

  /** Returns the level that so many litres reach in one cavity, to a billionth of its height. */
  public static double levelMm(MouldShape shape, Drawn cavity, double litres) {
    double height = cavity.heightMm();
    return Root.of(z -> litresBelow(shape, cavity, z) - litres, 0, height, height * BILLIONTH);
  }

  static List<MouldResult.PartResult> parts(
      MouldShape shape, double capacityL, double densityKgM3) {
    @Nullable Drawn cavity = shape.drawnCavity();
    List<MouldResult.PartResult> parts = new ArrayList<>();
    double before = 0;
    for (PourPart part : shape.parts()) {
      double volume = capacityL * part.sharePercent() / 100;
      before += volume;
      parts.add(
          new MouldResult.PartResult(
              part.name(),
              volume,
              volume * densityKgM3 / 1000,
              cavity == null ? null : levelMm(shape, cavity, before / shape.cavities())));
    }
    return List.copyOf(parts);
  }
}
