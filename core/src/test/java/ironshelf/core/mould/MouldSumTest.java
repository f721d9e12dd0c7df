package ironshelf.core.mould;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import ironshelf.core.mould.solid.Box;
import ironshelf.core.mould.solid.Cone;
import ironshelf.core.mould.solid.Cylinder;
import ironshelf.core.mould.solid.Drawn;
import ironshelf.core.mould.solid.Measured;
import ironshelf.core.mould.solid.Solid;
import ironshelf.core.mould.solid.Sphere;
import ironshelf.core.mould.starting.LeastWalls;
import ironshelf.core.quantity.Finding;
import ironshelf.core.quantity.FindingCode;
import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Check values: docs/method/moulds.md, unless another source is named. */
@Tag("accuracy")
class MouldSumTest {

  private static final Drawn POT = new Cone(160, 120, 150);
  private static final Drawn CORE = new Cone(130, 96, 135);

  @Test
  void aTaperedPotWithItsCore() {
    MouldResult pot = MouldSum.of(MouldShape.of(POT, CORE, 15), 2250, 0, 10, null);
    assertThat(pot.cavityL()).isCloseTo(2.3248, within(5e-5));
    assertThat(pot.coreDisplacedL()).isCloseTo(1.3641, within(5e-5));
    assertThat(pot.capacityL()).isCloseTo(0.9607, within(5e-5));
    assertThat(pot.freshMassKg()).isCloseTo(2.162, within(5e-4));
    assertThat(pot.holdDownKg()).isCloseTo(3.07, within(5e-3));
    assertThat(pot.holdDownWithMarginKg()).isCloseTo(3.683, within(1e-3));
  }

  @Test
  void theCoresOwnMassHelpsAndNeverPulls() {
    MouldShape shape = MouldShape.of(POT, CORE, 15);
    double bare = MouldSum.of(shape, 2250, 0, 10, null).holdDownKg();
    assertThat(MouldSum.of(shape, 2250, 0.15, 10, null).holdDownKg())
        .isCloseTo(bare - 0.15, within(1e-12));
    assertThat(MouldSum.of(shape, 2250, 50, 10, null).holdDownKg()).isZero();
  }

  /** By hand: gap 62 - 48 = 14 at the foot, 80 - 65 = 15 at the rim. */
  @Test
  void theThinnestWallIsWhereTheGapIsLeast() {
    MouldShape shape = new MouldShape(POT, CORE, 15, 2, List.of(), 1, List.of(), List.of());
    MouldResult.Walls walls = MouldSum.of(shape, 2250, 0, 10, null).walls();
    assertThat(walls.nominalMm()).isCloseTo(14, within(1e-9));
    assertThat(walls.thinnestMm()).isCloseTo(12, within(1e-9));
    assertThat(walls.thinnestAtMm()).isEqualTo(15);
    assertThat(walls.ok()).isTrue();
    assertThat(walls.allowedMm()).isCloseTo(4, within(1e-9));
    assertThat(walls.baseMm()).isEqualTo(15);
    assertThat(walls.largestGrainMm()).isCloseTo(2.4, within(1e-9));
  }

  @Test
  void aSteeperCoreThinsTheRim() {
    Wall wall = Wall.between(POT, new PlacedCore(new Cone(140, 90, 135), 15, 0, 0));
    assertThat(wall.atMm()).isEqualTo(150);
    assertThat(wall.gapMm()).isCloseTo(10, within(1e-9));
  }

  @Test
  void aThinWallIsSaid() {
    MouldShape shape = new MouldShape(POT, CORE, 15, 5, List.of(), 1, List.of(), List.of());
    MouldResult result = MouldSum.of(shape, 2250, 0, 10, null);
    assertThat(result.walls().ok()).isFalse();
    assertThat(codes(result)).containsExactly(FindingCode.WALL_TOO_THIN);
  }

  @Test
  void aSphereLessItsFlat() {
    assertThat(new Sphere(356, 150).litres()).isCloseTo(23.475, within(5e-4));
    assertThat(new Sphere(356, 0).litres()).isCloseTo(23.624, within(5e-4));
  }

  /** Common practice: a 14 in sphere is a "130 lb" stone, within 8 %, at 2400 kg/m3. */
  @Test
  void aFourteenInchSphereIsTheStoneItIsCalled() {
    MouldShape sphere = MouldShape.of(new Sphere(355.6, 0), null, 0);
    MouldResult result = MouldSum.of(sphere, 2400, 0, 0, WallKind.SPLIT);
    assertThat(result.freshMassKg() / 0.45359237).isCloseTo(130, within(130 * 0.08));
    assertThat(codes(result)).containsExactly(FindingCode.MOULD_HEAVY);
    assertThat(result.walls()).isNull();
    assertThat(result.holdDownKg()).isZero();
  }

  @Test
  void aDiscWithABore() {
    Solid bore = new Cylinder(51, 60);
    MouldShape disc =
        new MouldShape(new Cylinder(450, 60), null, 0, 0, List.of(bore), 1, List.of(), List.of());
    assertThat(MouldSum.of(disc, 2400, 0, 0, null).capacityL()).isCloseTo(9.420, within(5e-4));
  }

  @Test
  void aCoreAboveTheRimDisplacesNothingMore() {
    MouldShape low = MouldShape.of(new Cylinder(200, 100), new Cylinder(100, 90), 10);
    MouldShape tall = MouldShape.of(new Cylinder(200, 100), new Cylinder(100, 400), 10);
    assertThat(tall.coreDisplacedL()).isCloseTo(low.coreDisplacedL(), within(1e-12));
  }

  @Test
  void cavitiesMultiplyWhatIsCastButNotTheHoldDown() {
    MouldResult one = MouldSum.of(MouldShape.of(POT, CORE, 15), 2250, 0, 10, null);
    MouldResult six =
        MouldSum.of(
            new MouldShape(POT, CORE, 15, 0, List.of(), 6, List.of(), List.of()),
            2250,
            0,
            10,
            null);
    assertThat(six.capacityL()).isCloseTo(6 * one.capacityL(), within(1e-9));
    assertThat(six.surface().allM2()).isCloseTo(6 * one.surface().allM2(), within(1e-9));
    assertThat(six.holdDownKg()).isEqualTo(one.holdDownKg());
  }

  /** A box of 1 x 1 x 1 dm without core: six faces of 1 dm2; the last mm takes 10 ml. */
  @Test
  void surfaceAndFillOfACube() {
    MouldResult cube =
        MouldSum.of(MouldShape.of(new Box(100, 100, 100), null, 0), 2000, 0, 0, null);
    assertThat(cube.surface().allM2()).isCloseTo(0.06, within(1e-12));
    assertThat(cube.fillPerMmKg()).isCloseTo(0.02, within(1e-12));
  }

  @Test
  void aStraightStiffWallLocks() {
    MouldShape straight = MouldShape.of(new Cylinder(100, 100), null, 0);
    assertThat(codes(MouldSum.of(straight, 2250, 0, 0, WallKind.RIGID)))
        .containsExactly(FindingCode.WALL_LOCKS);
    assertThat(codes(MouldSum.of(straight, 2250, 0, 0, WallKind.SPLIT))).isEmpty();
    assertThat(codes(MouldSum.of(MouldShape.of(POT, null, 0), 2250, 0, 0, WallKind.RIGID)))
        .isEmpty();
  }

  /**
   * Archimedes: a plug that stands on the floor has no mix under it, so nothing lifts it; a wooden
   * one that does not reach the rim comes up once mix gets under. By hand: 60 mm across and 40 high
   * displaces 0.1131 L, 0.2545 kg at 2250 kg/m3.
   */
  @Test
  void whatStandsOnTheFloorIsNotLifted() {
    MouldResult through = plugged(new PlacedCore(new Cylinder(60, 80), 0, 0, 0));
    assertThat(through.holdDownKg()).isZero();
    assertThat(codes(through)).isEmpty();
    assertThat(codes(plugged(new PlacedCore(new Cylinder(60, 40), 0, 0, 0, 0.1))))
        .containsExactly(FindingCode.PLUG_FLOATS);
    assertThat(codes(plugged(new PlacedCore(new Cylinder(60, 40), 0, 0, 0, 0.3)))).isEmpty();
    MouldResult hung = plugged(new PlacedCore(new Cylinder(60, 40), 20, 0, 0, 0.1));
    assertThat(hung.holdDownKg()).isCloseTo(0.2545 - 0.1, within(1e-4));
  }

  private static MouldResult plugged(PlacedCore plug) {
    return MouldSum.of(
        new MouldShape(new Box(300, 200, 60), null, 0, 0, List.of(), 1, List.of(plug), List.of()),
        2250,
        0,
        0,
        WallKind.SPLIT);
  }

  /**
   * 50 mm for a paver (docs/method/moulds.md). A lift-off frame or a board form has no draft to
   * speak of.
   */
  @Test
  void aPaverIsJudgedByItsThickness() {
    MouldShape thin = MouldShape.of(new Box(400, 400, 40), null, 0);
    assertThat(codes(MouldSum.of(thin, 2250, 0, 50, WallKind.LIFT_OFF)))
        .containsExactly(FindingCode.THICKNESS_TOO_THIN);
    assertThat(codes(MouldSum.of(thin, 2250, 0, 40, WallKind.LIFT_OFF))).isEmpty();
    assertThat(LeastWalls.mm("pavers", "sand-cement-stone")).isEqualTo(50);
    assertThat(LeastWalls.mm("vessels", "hypertufa")).isEqualTo(40);
    assertThat(LeastWalls.mm("vessels", "sand-cement")).isEqualTo(15);
    assertThat(LeastWalls.mm("vessels", null)).isEqualTo(8);
  }

  /**
   * ACI 318-19, 26.4.2.1(a)(5): a fifth of the narrowest form, a third of a slab's depth. By hand:
   * 25 mm deep takes 8.3 mm, 50 mm deep 16.7 mm; a wall of 12 mm takes 2.4 mm.
   */
  @Test
  void thirteenMillimetreStoneIsTooLargeForAThinPour() {
    assertThat(grain(MouldShape.of(new Box(400, 300, 25), null, 0), 13)).isTrue();
    assertThat(grain(MouldShape.of(new Box(400, 300, 50), null, 0), 13)).isFalse();
    assertThat(grain(MouldShape.of(new Box(400, 50, 50), null, 0), 13)).isTrue();
    assertThat(grain(MouldShape.of(POT, CORE, 15), 3)).isTrue();
    assertThat(grain(MouldShape.of(POT, CORE, 15), 2)).isFalse();
    assertThat(Grain.mostMm(MouldShape.of(new Box(400, 300, 25), null, 0)).orElseThrow())
        .isCloseTo(8.333, within(1e-3));
    assertThat(grain(MouldShape.of(new Measured(1, null), null, 0), 13)).isFalse();
  }

  private static boolean grain(MouldShape shape, double mm) {
    return Grain.tooLarge(shape, OptionalDouble.of(mm)).isPresent();
  }

  private static List<FindingCode> codes(MouldResult result) {
    return result.warnings().stream().map(Finding::code).toList();
  }
}
