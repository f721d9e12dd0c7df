package ironshelf.core.mould;

import ironshelf.core.quantity.Finding;
import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.Findings;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** What a mould holds and what filling it asks for (handbook 2-1). */
public final class MouldSum {

  /** What is held down is weighted by a fifth more than the sum says (common practice). */
  public static final double HOLD_DOWN_MARGIN = 1.2;

  /** Revised NIOSH lifting equation, load constant (NIOSH 94-110). */
  public static final double LIFT_KG = 23;

  /** Rigid walls that lean less lock their casting (common practice). */
  public static final double LEAST_DRAFT_DEG = 1;

  /** No grain larger than a fifth of the narrowest gap (ACI 318, largest aggregate). */
  public static final double GRAIN_SHARE = 0.2;

  private MouldSum() {}

  /**
   * Works out a mould.
   *
   * <p>Volumes by exact formulas; hold-down by Archimedes: fresh density times the core's immersed
   * volume, less the core's own mass, never below 0. The thinnest wall is {@link Wall}'s less the
   * offset.
   *
   * @param freshDensityKgM3 of the mix, 100 to 10 000
   * @param coreMassKg of each core, 0 to 5 000
   * @param minWallMm the least wall wanted, 0 to 10 000
   * @param wallKind null where it is not known: then nothing is said about draft
   */
  public static MouldResult of(
      MouldShape shape,
      double freshDensityKgM3,
      double coreMassKg,
      double minWallMm,
      @Nullable WallKind wallKind) {
    new Findings()
        .within("freshDensityKgM3", freshDensityKgM3, 100, 10_000)
        .within("coreMassKg", coreMassKg, 0, Findings.MAX_MASS_KG)
        .within("minWallMm", minWallMm, 0, Findings.MAX_LENGTH_MM)
        .orRefuse();
    Solid cavity = shape.cavity();
    double insertsL = shape.inserts().stream().mapToDouble(Solid::volumeL).sum();
    double coreL = shape.coreDisplacedL();
    double capacityL = (cavity.volumeL() - coreL - insertsL) * shape.cavities();
    double freshMassKg = capacityL * freshDensityKgM3 / 1000;
    MouldResult.Walls walls = walls(shape, minWallMm);
    double holdDownKg =
        shape.core() == null ? 0 : Math.max(0, freshDensityKgM3 / 1000 * coreL - coreMassKg);
    return new MouldResult(
        capacityL,
        cavity.volumeL(),
        coreL,
        insertsL,
        walls,
        freshMassKg,
        holdDownKg,
        castSurfaceM2(shape),
        rimAreaMm2(shape) * shape.cavities() * freshDensityKgM3 / 1e9,
        warnings(shape, walls, minWallMm, freshMassKg, wallKind));
  }

  private static MouldResult.@Nullable Walls walls(MouldShape shape, double minWallMm) {
    if (shape.core() == null) {
      return null;
    }
    Wall wall = Wall.between(shape.cavity(), shape.core(), shape.coreLiftMm(), shape.coreDepthMm());
    double thinnest = wall.gapMm() - shape.coreOffsetMm();
    return new MouldResult.Walls(
        wall.gapMm(),
        thinnest,
        wall.atMm(),
        thinnest >= minWallMm,
        Math.max(0, wall.gapMm() - minWallMm),
        shape.coreLiftMm(),
        GRAIN_SHARE * (shape.coreLiftMm() > 0 ? Math.min(thinnest, shape.coreLiftMm()) : thinnest));
  }

  /** All that is cast against or struck off: floor, outside, core's side and floor, and the rim. */
  private static double castSurfaceM2(MouldShape shape) {
    Solid cavity = shape.cavity();
    double mm2 =
        cavity.crossSectionAt(0).areaMm2()
            + cavity.sideBelowMm2(cavity.heightMm())
            + rimAreaMm2(shape);
    if (shape.core() != null) {
      mm2 += shape.core().sideBelowMm2(shape.coreDepthMm());
      // A lifted core's floor is cast against; one that stands on the floor leaves a hole in it.
      double coreFloor = shape.core().crossSectionAt(0).areaMm2();
      mm2 += shape.coreLiftMm() > 0 ? coreFloor : -coreFloor;
    }
    return mm2 / 1e6 * shape.cavities();
  }

  private static double rimAreaMm2(MouldShape shape) {
    Solid cavity = shape.cavity();
    double open = cavity.crossSectionAt(cavity.heightMm()).areaMm2();
    boolean coreReachesRim =
        shape.core() != null
            && shape.coreLiftMm() + shape.core().heightMm() >= cavity.heightMm() - 1e-9;
    return coreReachesRim
        ? open - shape.core().crossSectionAt(shape.coreDepthMm()).areaMm2()
        : open;
  }

  private static List<Finding> warnings(
      MouldShape shape,
      MouldResult.@Nullable Walls walls,
      double minWallMm,
      double freshMassKg,
      @Nullable WallKind wallKind) {
    List<Finding> warnings = new ArrayList<>();
    if (walls != null && !walls.ok()) {
      warnings.add(
          Finding.of(
              FindingCode.WALL_TOO_THIN,
              Map.of(
                  "value", walls.thinnestMm(), "least", minWallMm, "allowed", walls.allowedMm())));
    }
    if (freshMassKg > LIFT_KG) {
      warnings.add(
          Finding.of(FindingCode.MOULD_HEAVY, Map.of("value", freshMassKg, "most", LIFT_KG)));
    }
    if (wallKind == WallKind.RIGID && shape.cavity().draftDeg() < LEAST_DRAFT_DEG) {
      warnings.add(
          new Finding(
              FindingCode.WALL_LOCKS,
              "cavity",
              Map.of("value", shape.cavity().draftDeg(), "least", LEAST_DRAFT_DEG)));
    }
    return List.copyOf(warnings);
  }
}
