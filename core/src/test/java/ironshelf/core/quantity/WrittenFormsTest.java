package ironshelf.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * 200 written forms, their values worked out apart from this program with the exact factors of NIST
 * Handbook 44, appendix C (pound 0.45359237 kg, US gallon 3.785411784 L, inch 25.4 mm).
 */
class WrittenFormsTest {

  private final QuantityReader reader = new QuantityReader(CupSize.US);

  static Stream<CSVRecord> forms() throws IOException {
    try (Reader in =
        new InputStreamReader(
            WrittenFormsTest.class.getResourceAsStream("written-forms.csv"),
            StandardCharsets.UTF_8)) {
      List<CSVRecord> rows =
          CSVFormat.RFC4180
              .builder()
              .setHeader()
              .setSkipHeaderRecord(true)
              .get()
              .parse(in)
              .getRecords();
      assertThat(rows).hasSize(200);
      return rows.stream();
    }
  }

  @ParameterizedTest
  @MethodSource("forms")
  void isReadAsMeant(CSVRecord form) {
    double value = Double.parseDouble(form.get("value"));
    Dimension dimension = Dimension.valueOf(form.get("dimension"));
    assertThat(reader.read(form.get("text"), dimension).value())
        .as(form.get("text"))
        .isCloseTo(value, within(Math.abs(value) * 1e-6 + 1e-9));
  }
}
