package ironshelf.core.mould;

import ironshelf.core.mould.solid.Drawn;
import ironshelf.core.mould.solid.Solid;
import ironshelf.core.quantity.Finding;
import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.Findings;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** What a mould holds and what filling it asks for (docs/method/moulds.md). */
public final class MouldSum {

  /** What is held down is weighted by a fifth more than the sum says (common practice). */
  public static final double HOLD_DOWN_MARGIN = 1.2;

  /** Revised NIOSH lifting equation, load constant (NIOSH 94-110). */
  public static final double LIFT_KG = 23;

  /** Rigid walls that lean less lock their casting (common practice). */
  public static final double LEAST_DRAFT_DEG = 1;

  /** No grain larger than a fifth of the narrowest gap (ACI 318, largest aggregate). */
  public static final double GRAIN_SHARE = 0.2;

  /**
   * Fresh density of an ordinary mix, kg/m³ (common practice), for sums of which the volumes and
   * faces matter and not the mass.
   */
  public static final double ORDINARY_KG_M3 = 2_200;

  private MouldSum() {}

  /**
   * Works out a mould.
   *
   * <p>Volumes by the formula of each solid; hold-down by Archimedes: fresh density times the
   * immersed volume of each core that mix gets under, less its own mass, never below 0. The
   * thinnest wall is {@link Wall}'s less the offset; what touches the cavity's side has no wall
   * there.
   *
   * @param freshDensityKgM3 of the mix, 100 to 10 000
   * @param coreMassKg of the core in the middle, 0 to 5 000; further ones bring their own
   * @param minWallMm the least wall wanted, 0 to 10 000; of what has no core the least thickness
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
    double insertsL = shape.inserts().stream().mapToDouble(Solid::litres).sum();
    double coreL = shape.coreDisplacedL();
    double capacityL = shape.capacityL();
    double freshMassKg = capacityL * freshDensityKgM3 / 1000;
    Drawn cavity = shape.drawnCavity();
    MouldResult.Walls walls = cavity == null ? null : walls(shape, cavity, minWallMm);
    double holdDownKg = holdDownKg(shape, freshDensityKgM3, coreMassKg);
    MouldResult.Surface surface = cavity == null ? null : MouldFaces.of(shape, cavity);
    return new MouldResult(
        capacityL,
        shape.cavity().litres(),
        coreL,
        insertsL,
        walls,
        freshMassKg,
        holdDownKg,
        surface,
        surface == null ? null : surface.rimM2() * freshDensityKgM3 / 1000,
        FillLevel.parts(shape, capacityL, freshDensityKgM3),
        warnings(shape, walls, freshDensityKgM3, minWallMm, freshMassKg, wallKind));
  }

  /**
   * Archimedes, for the cores that mix gets under: the one in the middle where it is lifted, and
   * further ones that are. What stands on the floor is not lifted.
   */
  private static double holdDownKg(MouldShape shape, double densityKgM3, double coreMassKg) {
    Drawn cavity = shape.drawnCavity();
    if (cavity == null) {
      return Math.max(0, densityKgM3 / 1000 * shape.vesselL() - coreMassKg);
    }
    double lifting = shape.coreLiftMm() > 0 ? shape.vesselL() * densityKgM3 / 1000 - coreMassKg : 0;
    double sum = Math.max(0, lifting);
    for (PlacedCore more : shape.moreCores()) {
      sum +=
          more.standsOnFloor()
              ? 0
              : Math.max(
                  0, more.displacedL(cavity.heightMm()) * densityKgM3 / 1000 - more.massKg());
    }
    return sum;
  }

  static MouldResult.@Nullable Walls walls(MouldShape shape, Drawn cavity, double minWallMm) {
    List<PlacedCore> cores = shape.allCores();
    if (cores.isEmpty()) {
      return null;
    }
    Wall narrowest = null;
    double baseMm = Double.MAX_VALUE;
    for (int i = 0; i < cores.size(); i++) {
      Wall wall = Wall.between(cavity, cores.get(i));
      if (wall.touches()) {
        continue;
      }
      if (narrowest == null || wall.gapMm() < narrowest.gapMm()) {
        narrowest = wall;
      }
      // A plug stands on the floor and leaves a hole; it has no base under it.
      baseMm = cores.get(i).liftMm() > 0 ? Math.min(baseMm, cores.get(i).liftMm()) : baseMm;
    }
    if (narrowest == null) {
      return null;
    }
    double base = baseMm == Double.MAX_VALUE ? 0 : baseMm;
    double thinnest = narrowest.gapMm() - shape.coreOffsetMm();
    return new MouldResult.Walls(
        narrowest.gapMm(),
        thinnest,
        narrowest.atMm(),
        thinnest >= minWallMm,
        Math.max(0, narrowest.gapMm() - minWallMm),
        base,
        GRAIN_SHARE * (base > 0 ? Math.min(thinnest, base) : thinnest));
  }

  private static List<Finding> warnings(
      MouldShape shape,
      MouldResult.@Nullable Walls walls,
      double densityKgM3,
      double minWallMm,
      double freshMassKg,
      @Nullable WallKind wallKind) {
    List<Finding> warnings = new ArrayList<>();
    Drawn cavity = shape.drawnCavity();
    if (cavity != null && shape.allCores().isEmpty() && cavity.heightMm() < minWallMm) {
      warnings.add(
          Finding.of(
              FindingCode.THICKNESS_TOO_THIN,
              Map.of("value", cavity.heightMm(), "least", minWallMm)));
    }
    plugsThatFloat(shape, cavity, densityKgM3, warnings);
    if (walls != null && !walls.ok()) {
      warnings.add(
          Finding.of(
              // Centring helps only where the wall is wide enough to begin with.
              walls.allowedMm() > 0 ? FindingCode.WALL_TOO_THIN : FindingCode.WALL_TOO_NARROW,
              Map.of(
                  "value", walls.thinnestMm(), "least", minWallMm, "allowed", walls.allowedMm())));
    }
    if (freshMassKg > LIFT_KG) {
      warnings.add(
          Finding.of(FindingCode.MOULD_HEAVY, Map.of("value", freshMassKg, "most", LIFT_KG)));
    }
    if (wallKind == WallKind.RIGID && cavity != null && cavity.draftDeg() < LEAST_DRAFT_DEG) {
      warnings.add(locks("cavity", cavity.draftDeg()));
    }
    // A core leans the other way round: it must narrow downwards to come out upwards.
    Drawn core = shape.core();
    if (wallKind == WallKind.RIGID && core != null && core.draftDeg() < LEAST_DRAFT_DEG) {
      warnings.add(locks("core", core.draftDeg()));
    }
    return List.copyOf(warnings);
  }

  /**
   * A plug that stands on the floor and is lighter than the mix comes up once mix gets under it.
   */
  private static void plugsThatFloat(
      MouldShape shape, @Nullable Drawn cavity, double densityKgM3, List<Finding> warnings) {
    for (int i = 0; cavity != null && i < shape.moreCores().size(); i++) {
      PlacedCore plug = shape.moreCores().get(i);
      double wetKg = plug.displacedL(cavity.heightMm()) * densityKgM3 / 1000;
      if (plug.standsOnFloor() && !plug.isThrough(cavity.heightMm()) && plug.massKg() < wetKg) {
        warnings.add(
            new Finding(
                FindingCode.PLUG_FLOATS,
                "moreCores." + i,
                Map.of("value", plug.massKg(), "mix", wetKg)));
      }
    }
  }

  private static Finding locks(String field, double draftDeg) {
    return new Finding(
        FindingCode.WALL_LOCKS, field, Map.of("value", draftDeg, "least", LEAST_DRAFT_DEG));
  }
}
