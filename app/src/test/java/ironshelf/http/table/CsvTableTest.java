package ironshelf.http.table;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class CsvTableTest {

  /** As OWASP's page on CSV injection lists them. */
  @ParameterizedTest
  @ValueSource(strings = {"=1+1", "+1+1", "-1+1", "@SUM(A1)", "\t=1", "=cmd|' /C calc'!A0", "'=1"})
  void nothingThatWasTypedIsAFormulaInASpreadsheet(String cell) {
    String text = CsvTable.write(List.of(Map.of("name", cell)));
    assertThat(text.lines().skip(1).findFirst().orElseThrow()).matches("\"?'.*");
    assertThat(CsvTable.read(text).get(0).get("name")).isEqualTo(cell);
  }

  @ParameterizedTest
  @ValueSource(strings = {"-3.5", "+4", "12", "Slate - dark", "3'6\"", "'quoted'"})
  void whatIsNoFormulaStaysAsItIs(String cell) {
    String text = CsvTable.write(List.of(Map.of("name", cell)));
    assertThat(text.lines().skip(1).findFirst().orElseThrow().replace("\"", ""))
        .isEqualTo(cell.replace("\"", ""));
    assertThat(CsvTable.read(text).get(0).get("name")).isEqualTo(cell);
  }
}
