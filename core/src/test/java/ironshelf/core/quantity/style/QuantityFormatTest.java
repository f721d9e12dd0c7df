package ironshelf.core.quantity.style;

import static org.assertj.core.api.Assertions.assertThat;

import ironshelf.core.quantity.Csv;
import java.io.IOException;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * What is said of a value. The values were worked out apart from this program with the exact
 * factors of NIST Handbook 44, appendix C; the interface is held to the same table.
 */
@Tag("accuracy")
class QuantityFormatTest {

  static Stream<CSVRecord> said() throws IOException {
    return Csv.rows("said-quantities.csv").stream();
  }

  @ParameterizedTest
  @MethodSource("said")
  void saysItAsTheShopDoes(CSVRecord row) {
    QuantityFormat format = new QuantityFormat(UnitSystem.valueOf(row.get("system")));
    String said =
        format.say(Measure.valueOf(row.get("measure")), Double.parseDouble(row.get("value")));
    assertThat(said.replace('\u2009', ' ')).isEqualTo(row.get("said"));
  }

  @ParameterizedTest
  @CsvSource({"0, 0 oz", "-1, -35.3 oz", "0.0141747615625, 0.5 oz"})
  void smallNoughtAndNegative(double kg, String said) {
    assertThat(new QuantityFormat(UnitSystem.US).say(Measure.MASS, kg)).isEqualTo(said);
  }
}
