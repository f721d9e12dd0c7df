package ironshelf.core.material;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.StringReader;
import org.junit.jupiter.api.Test;

class StartingMaterialsTest {

  private static final String HEAD =
      "code,name,role,relative_density,bulk_kg_m3,solids_percent,cement_percent,"
          + "largest_grain_mm,pack,pack_us,piece_g,lead_days,note,source\n";

  @Test
  void shipsItsTableWithASourceBesideEach() {
    assertThat(StartingMaterials.shipped().all())
        .hasSizeGreaterThan(15)
        .allSatisfy(
            m -> assertThat(m.source()).matches("(published|common practice|from memory).*"));
  }

  /** ACI 211.1-91, example 1: cement 3.15; US bag convention 94 lb/ft3 = 1506 kg/m3. */
  @Test
  void greyCementIsTheTextbooks() {
    assertThat(StartingMaterials.shipped().find("portland-grey"))
        .hasValueSatisfying(m -> assertThat(m.relativeDensity()).isEqualTo(3.15))
        .hasValueSatisfying(
            m -> assertThat(Math.round(94 * 0.45359237 / 0.028316846592)).isEqualTo(1506));
  }

  @Test
  void readsStrictly() {
    assertThatThrownBy(
            () -> read("a,A,BINDER,3,1500,,100,,,,,5,,x\na,B,BINDER,3,1500,,100,,,,,5,,x\n"))
        .hasMessageContaining("row 2")
        .hasMessageContaining("twice");
    assertThatThrownBy(() -> read("a,A,GLUE,3,1500,,100,,,,,5,,x\n")).hasMessageContaining("GLUE");
    assertThatThrownBy(() -> read("a,A,BINDER,NaN,1500,,100,,,,,5,,x\n"))
        .hasMessageContaining("row 1");
    assertThatThrownBy(() -> read("a,A,BINDER,3,1500,,100,,,,,5,,\n"))
        .hasMessageContaining("source");
  }

  private static StartingMaterials read(String rows) throws java.io.IOException {
    return StartingMaterials.read(new StringReader(HEAD + rows));
  }
}
