package ironshelf.core.mould;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import ironshelf.core.mould.planar.ReadyOutline;
import ironshelf.core.mould.solid.Box;
import ironshelf.core.mould.solid.Cone;
import ironshelf.core.mould.solid.Cylinder;
import ironshelf.core.mould.solid.Drawn;
import ironshelf.core.mould.solid.Measured;
import ironshelf.core.mould.solid.Outline;
import ironshelf.core.mould.solid.PolygonPrism;
import ironshelf.core.mould.solid.Pyramid;
import ironshelf.core.mould.solid.Sheet;
import ironshelf.core.mould.solid.Sphere;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What is drawn and cut: sections, plans, faces, levels; sizes by hand. */
class DrawingDataTest {

  private static final long SEED = 19;
  private static final Cone POT = new Cone(160, 120, 150);

  @Test
  void theSectionShowsTheCoreWhereItStands() {
    Section section = Section.of(MouldShape.of(POT, new Cone(130, 96, 135), 15));
    assertThat(section.drawn()).isTrue();
    assertThat(section.rimMm()).isEqualTo(150);
    assertThat(section.core().get(0).zMm()).isEqualTo(15);
    assertThat(section.core().get(1).rMm()).isEqualTo(65);
    Section plugged = Section.of(plate());
    assertThat(plugged.more()).hasSize(1);
    assertThat(plugged.more().get(0).xMm()).isEqualTo(40);
  }

  /** A litre is a cube of a decimetre. */
  @Test
  void whatWasMeasuredIsDrawnAsACubeOfItsSize() {
    Section tub = Section.of(MouldShape.of(new Measured(1, null), null, 0));
    assertThat(tub.drawn()).isFalse();
    assertThat(tub.rimMm()).isCloseTo(100, within(1e-9));
    Section cloth = Section.of(MouldShape.of(new Sheet(0.25, 8), null, 0));
    assertThat(cloth.outer().get(0).rMm()).isCloseTo(250, within(1e-9));
    assertThat(cloth.rimMm()).isEqualTo(8);
  }

  @Test
  void thePlanHasTheRimAndTheCoresAtTheRim() {
    Plan plan = Plan.of(plate());
    assertThat(plan.cavity()).hasSize(1);
    double right = plan.cores().get(0).stream().mapToDouble(Plan.Corner::xMm).max().orElse(0);
    assertThat(right).isCloseTo(65.5, within(0.01));
    Plan hexagon = Plan.of(MouldShape.of(new PolygonPrism(6, 180, 32), null, 0));
    assertThat(hexagon.cavity().get(0)).hasSize(6);
    assertThat(Plan.of(MouldShape.of(new Measured(1, null), null, 0)).cavity()).isEmpty();
    double ball =
        Plan.of(MouldShape.of(new Sphere(200, 0), null, 0)).cavity().get(0).stream()
            .mapToDouble(Plan.Corner::xMm)
            .max()
            .orElse(0);
    assertThat(ball).isCloseTo(100, within(0.1));
  }

  /** By hand: a box of 300 x 100 x 50 with a plug of 50 across that stands on its floor. */
  @Test
  void facesByHand() {
    Drawn box = new Box(300, 100, 50);
    MouldShape bored =
        new MouldShape(
            box,
            null,
            0,
            0,
            List.of(),
            1,
            List.of(new PlacedCore(new Cylinder(50, 50), 0, 0, 0)),
            List.of());
    MouldResult.Surface faces = MouldSum.of(bored, 2200, 0, 0, null).surface();
    double hole = Math.PI * 25 * 25;
    assertThat(faces.outsideM2() * 1e6).isCloseTo(30_000 - hole + 800 * 50, within(1e-6));
    assertThat(faces.insideM2() * 1e6).isCloseTo(Math.PI * 50 * 50, within(1e-6));
    assertThat(faces.rimM2() * 1e6).isCloseTo(30_000 - hole, within(1e-6));
  }

  /** A core that ends under the rim is cast over: its top is a face, and the rim is whole. */
  @Test
  void aSunkCoreIsCastOver() {
    MouldShape sunk = MouldShape.of(new Cylinder(200, 100), new Cylinder(100, 40), 20);
    MouldResult.Surface faces = MouldSum.of(sunk, 2200, 0, 0, null).surface();
    double disc = Math.PI * 50 * 50;
    assertThat(faces.insideM2() * 1e6).isCloseTo(2 * disc + Math.PI * 100 * 40, within(1e-6));
    assertThat(faces.rimM2() * 1e6).isCloseTo(Math.PI * 100 * 100, within(1e-6));
    // It still floats while the mix is poured over it.
    assertThat(MouldSum.of(sunk, 2000, 0, 0, null).holdDownKg())
        .isCloseTo(2 * disc * 40 / 1e6, within(1e-9));
  }

  /** For straight sides the ends say it all: against 400 levels in between, seed in the message. */
  @Test
  void theNarrowestGapOfStraightSidesIsAtAnEnd() {
    Random random = new Random(SEED);
    for (int n = 0; n < 60; n++) {
      double top = 150 + 200 * random.nextDouble();
      double base = 150 + 200 * random.nextDouble();
      Drawn cavity = n % 2 == 0 ? new Cone(top, base, 120) : new Pyramid(top, base, base, top, 120);
      Drawn core = n % 3 == 0 ? new PolygonPrism(5, 60, 100) : new Pyramid(50, 70, 80, 40, 100);
      PlacedCore placed = new PlacedCore(core, 20, 5, -8);
      double least = Double.MAX_VALUE;
      for (int i = 0; i <= 400; i++) {
        double z = 20 + 100.0 * i / 400;
        least = Math.min(least, cavity.crossSectionAt(z).gapTo(placed.crossSectionAt(z)));
      }
      assertThat(Wall.between(cavity, placed).gapMm())
          .as("seed %s, %s", SEED, n)
          .isCloseTo(least, within(1e-9));
    }
  }

  @Test
  void severalCoresDisplaceTogetherAndTheNarrowestCounts() {
    MouldResult plate = MouldSum.of(plate(), 2200, 0, 20, null);
    assertThat(plate.coreDisplacedL()).isCloseTo(Math.PI * 25.5 * 25.5 * 62 / 1e6, within(1e-9));
    // 150 - 40 - 25.5, as the plug stands 40 off the middle.
    assertThat(plate.walls().nominalMm()).isCloseTo(84.5, within(1e-9));
    assertThat(plate.walls().baseMm()).isZero();
  }

  @ParameterizedTest
  @ValueSource(doubles = {0.1, 0.25, 0.5, 0.9, 1})
  void theLevelOfAVolumeIsItsInverse(double share) {
    MouldShape pot = MouldShape.of(POT, new Cone(130, 96, 135), 15);
    double litres = share * MouldSum.of(pot, 2200, 0, 0, null).capacityL();
    double level = FillLevel.levelMm(pot, POT, litres);
    assertThat(FillLevel.litresBelow(pot, POT, level)).isCloseTo(litres, within(1e-9));
    assertThat(level).isBetween(0.0, 150.0);
  }

  /** Whatever the outline, the levels of a prism are its volume's share of its height. */
  @Test
  void prismsFillEvenly() {
    Random random = new Random(SEED);
    for (int n = 0; n < 50; n++) {
      double length = 100 + 400 * random.nextDouble();
      double height = 20 + 80 * random.nextDouble();
      Drawn leaf = new Outline(new ReadyOutline.Leaf(length, length * 0.4).points(), height);
      double share = random.nextDouble();
      double level = FillLevel.levelMm(MouldShape.of(leaf, null, 0), leaf, leaf.litres() * share);
      assertThat(level).as("seed %s, %s", SEED, n).isCloseTo(share * height, within(1e-6));
    }
  }

  /** Halving a pour's size and doubling the cavities changes nothing that is poured. */
  @Test
  void cavitiesAndPartsShareTheWhole() {
    List<PourPart> parts = List.of(new PourPart("face", 30), new PourPart("back", 70));
    MouldShape two =
        new MouldShape(new Box(100, 100, 40), null, 0, 0, List.of(), 2, List.of(), parts);
    MouldResult result = MouldSum.of(two, 2500, 0, 0, null);
    assertThat(result.parts().stream().mapToDouble(MouldResult.PartResult::volumeL).sum())
        .isCloseTo(result.capacityL(), within(1e-12));
    assertThat(result.parts().get(0).freshMassKg()).isCloseTo(0.6, within(1e-9));
    assertThat(result.parts().get(0).levelMm()).isCloseTo(12, within(1e-6));
  }

  private static MouldShape plate() {
    return new MouldShape(
        new Cylinder(300, 62),
        null,
        0,
        0,
        List.of(),
        1,
        List.of(new PlacedCore(new Cylinder(51, 62), 0, 40, 0)),
        List.of());
  }
}
