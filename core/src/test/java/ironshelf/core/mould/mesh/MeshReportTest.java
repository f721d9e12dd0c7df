package ironshelf.core.mould.mesh;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import ironshelf.core.mould.solid.Box;
import ironshelf.core.quantity.Finding;
import ironshelf.core.quantity.FindingCode;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a mesh file is told to be, by the formulas of the box and the prism that it is of. */
@Tag("accuracy")
class MeshReportTest {

  /** 120 x 80 x 90: 0.864 L, 2 (ab + bc + ca) of faces, twelve triangles. */
  @Test
  void aBoxIsMeasuredWholeWhereverItWasDrawn() {
    for (Stl box : new Stl[] {Stl.box(60, 40, 90), Stl.box(60, 40, 90).moved(1_000, -350, -77.5)}) {
      MeshReport report = MeshReport.of(box.binary(), MeshUnit.MM);
      assertThat(report.triangles()).isEqualTo(12);
      assertThat(report.volumeL()).isCloseTo(0.864, within(1e-6));
      assertThat(report.areaM2())
          .isCloseTo(2 * (0.12 * 0.08 + 0.08 * 0.09 + 0.09 * 0.12), within(1e-7));
      assertThat(report.lengthMm()).isCloseTo(120, within(1e-3));
      assertThat(report.depthMm()).isCloseTo(80, within(1e-3));
      assertThat(report.heightMm()).isCloseTo(90, within(1e-3));
      assertThat(report.warnings()).isEmpty();
      assertThat(report.solid().litres()).isCloseTo(0.864, within(1e-6));
      Box drawn = new Box(120, 80, 90);
      for (double z : new double[] {10, 45, 89}) {
        assertThat(report.solid().volumeBelowMm3(z))
            .isCloseTo(drawn.volumeBelowMm3(z), within(5.0));
        assertThat(report.solid().sideBelowMm2(z)).isCloseTo(drawn.sideBelowMm2(z), within(5.0));
      }
      assertThat(report.solid().draftDeg()).isCloseTo(0, within(1e-6));
    }
  }

  /** A regular prism of n sides round a circle of r: n r2 sin (2 pi / n) / 2 for its floor. */
  @Test
  void aPrismHasItsFacesAndItsFloors() {
    int n = 24;
    MeshReport report =
        MeshReport.of(Stl.revolved(n, 0, 0, 50, 0, 50, 80, 0, 80).binary(), MeshUnit.MM);
    double floor = n * 2_500 * Math.sin(2 * Math.PI / n) / 2;
    double side = n * 2 * 50 * Math.sin(Math.PI / n) * 80;
    assertThat(report.volumeL()).isCloseTo(floor * 80 / 1e6, within(1e-6));
    assertThat(report.areaM2()).isCloseTo((2 * floor + side) / 1e6, within(1e-7));
    assertThat(report.triangles()).isEqualTo(4 * n);
  }

  /** A cone that opens by 15 over 90 leans outwards; turned over it closes over what is in it. */
  @Test
  void theLeastLeanOfItsSides() {
    double lean = Math.toDegrees(Math.atan(15 / 90.0 * Math.cos(Math.PI / 96)));
    MeshReport open =
        MeshReport.of(Stl.revolved(96, 0, 0, 50, 0, 65, 90, 0, 90).binary(), MeshUnit.MM);
    assertThat(open.solid().draftDeg()).isCloseTo(lean, within(0.01));
    MeshReport shut =
        MeshReport.of(Stl.revolved(96, 0, 0, 65, 0, 50, 90, 0, 90).binary(), MeshUnit.MM);
    assertThat(shut.solid().draftDeg()).isCloseTo(-lean, within(0.01));
  }

  /** The file does not say its unit: what is too small for millimetres is asked about. */
  @ParameterizedTest
  @CsvSource({
    "14.9, MM, MESH_MAYBE_INCH",
    "15, MM, ",
    "118, INCH, ",
    "118.2, INCH, MESH_MAYBE_MM",
    "10, INCH, ",
    "3100, MM, "
  })
  void aUnitThatIsUnlikelyIsAskedAbout(double side, MeshUnit unit, FindingCode code) {
    MeshReport report = MeshReport.of(Stl.cube(side).binary(), unit);
    if (code == null) {
      assertThat(report.warnings()).isEmpty();
    } else {
      assertThat(report.warnings()).extracting(Finding::code).containsExactly(code);
      assertThat((double) report.warnings().get(0).params().get("value"))
          .isCloseTo(side * (unit == MeshUnit.INCH ? 25.4 : 1), within(1e-3));
    }
  }

  /** The longest side decides: a flat tray of 200 x 100 x 5 is no jewel in inches. */
  @Test
  void aThinPieceIsNotTakenForASmallOne() {
    assertThat(MeshReport.of(Stl.box(100, 50, 5).binary(), MeshUnit.MM).warnings()).isEmpty();
    assertThat(MeshReport.of(Stl.box(5, 50, 5).binary(), MeshUnit.MM).warnings()).isEmpty();
    assertThat(MeshReport.of(Stl.box(5, 5, 100).binary(), MeshUnit.MM).warnings()).isEmpty();
  }

  /** The same cube as text and as bytes, in inches: both measured alike. */
  @Test
  void textIsMeasuredAsBytesAre() {
    byte[] text = Stl.cube(4).text().getBytes(StandardCharsets.US_ASCII);
    MeshReport fromText = MeshReport.of(text, MeshUnit.INCH);
    MeshReport fromBytes = MeshReport.of(Stl.cube(4).binary(), MeshUnit.INCH);
    assertThat(fromText.volumeL()).isCloseTo(Math.pow(101.6, 3) / 1e6, within(1e-6));
    assertThat(fromText.volumeL()).isCloseTo(fromBytes.volumeL(), within(1e-9));
    assertThat(fromText.areaM2()).isCloseTo(6 * 0.1016 * 0.1016, within(1e-7));
  }
}
