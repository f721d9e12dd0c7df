package ironshelf.core.mould.mesh;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import ironshelf.core.mould.solid.Box;
import ironshelf.core.mould.solid.Cone;
import ironshelf.core.mould.solid.Cylinder;
import ironshelf.core.mould.solid.Drawn;
import ironshelf.core.mould.solid.MeshSolid;
import ironshelf.core.mould.solid.Sphere;
import java.util.function.IntFunction;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

@Tag("accuracy")
class MeshSlicerTest {

  @Test
  void aMeshOfABoxIsTheBox() {
    MeshSolid mesh = solid(Stl.box(60, 40, 90));
    Box box = new Box(120, 80, 90);
    for (double z : new double[] {0, 1, 33.3, 89, 90}) {
      assertThat(mesh.volumeBelowMm3(z)).isCloseTo(box.volumeBelowMm3(z), within(1e-3));
      assertThat(mesh.sideBelowMm2(z)).isCloseTo(box.sideBelowMm2(z), within(1e-3));
    }
    assertThat(mesh.crossSectionAt(45).areaMm2()).isCloseTo(9_600, within(1e-6));
    assertThat(mesh.draftDeg()).isCloseTo(0, within(1e-6));
  }

  /** Of rising fineness, the mesh of each solid comes to its formula, each time nearer. */
  @ParameterizedTest
  @ValueSource(strings = {"cylinder", "cone", "sphere"})
  void finerMeshesConverge(String kind) {
    Drawn exact =
        switch (kind) {
          case "cylinder" -> new Cylinder(120, 80);
          case "cone" -> new Cone(160, 120, 150);
          default -> new Sphere(356, 150);
        };
    IntFunction<Stl> mesh =
        n ->
            switch (kind) {
              case "cylinder" -> Stl.revolved(n, 0, 0, 60, 0, 60, 80, 0, 80);
              case "cone" -> Stl.revolved(n, 0, 0, 60, 0, 80, 150, 0, 150);
              default -> sphere((Sphere) exact, n);
            };
    double before = Double.MAX_VALUE;
    for (int n : new int[] {16, 64, 256}) {
      MeshSolid solid = solid(mesh.apply(n));
      double off = Math.abs(solid.litres() / exact.litres() - 1);
      assertThat(off).isLessThan(before / 8);
      double half = exact.heightMm() / 2;
      assertThat(solid.volumeBelowMm3(half) / exact.volumeBelowMm3(half))
          .isCloseTo(1, within(20.0 / n / n + 1e-4));
      assertThat(solid.crossSectionAt(half).areaMm2() / exact.crossSectionAt(half).areaMm2())
          .isCloseTo(1, within(20.0 / n / n + 0.02));
      before = off;
    }
    assertThat(before).isLessThan(3e-4);
  }

  private static Stl sphere(Sphere sphere, int n) {
    double r = sphere.diameterMm() / 2;
    double last = Math.acos(1 - sphere.heightMm() / r);
    double[] arc =
        IntStream.rangeClosed(0, n)
            .mapToDouble(i -> last * i / n)
            .flatMap(a -> DoubleStream.of(r * Math.sin(a), r * (1 - Math.cos(a))))
            .toArray();
    return Stl.revolved(
        2 * n,
        DoubleStream.concat(DoubleStream.of(arc), DoubleStream.of(0, sphere.heightMm())).toArray());
  }

  @Test
  void aHoleIsAHole() {
    MeshSolid ring = solid(Stl.revolved(64, 30, 0, 60, 0, 60, 40, 30, 40, 30, 0));
    double share = 64 / (2 * Math.PI) * Math.sin(2 * Math.PI / 64);
    assertThat(ring.litres() * 1e6).isCloseTo(Math.PI * (3_600 - 900) * 40 * share, within(2.0));
    assertThat(ring.crossSectionAt(20).areaMm2()).isCloseTo(Math.PI * 2_700 * share, within(30.0));
  }

  private static MeshSolid solid(Stl stl) {
    return MeshSlicer.solid(StlReader.read(stl.binary(), MeshUnit.MM));
  }
}
