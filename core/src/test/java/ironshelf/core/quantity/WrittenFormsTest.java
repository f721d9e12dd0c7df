package ironshelf.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Written forms as the decimal mark of a place reads them, their values worked out apart from this
 * program with the exact factors of NIST Handbook 44, appendix C (pound 0.45359237 kg, US gallon
 * 3.785411784 L, inch 25.4 mm).
 */
@Tag("accuracy")
class WrittenFormsTest {

  private final QuantityReader reader = new QuantityReader(CupSize.US);

  static Stream<CSVRecord> forms() throws IOException {
    List<CSVRecord> rows = Csv.rows("written-forms.csv");
    assertThat(rows).hasSizeGreaterThan(400);
    return rows.stream();
  }

  static Stream<CSVRecord> roundTrips() throws IOException {
    List<CSVRecord> rows = Csv.rows("round-trips.csv");
    assertThat(rows).hasSize(400);
    return rows.stream();
  }

  /** The interface shows each again as it was typed (entry.test.ts). */
  @ParameterizedTest
  @MethodSource("roundTrips")
  void whatIsShownAgainAsTypedIsReadAsMeant(CSVRecord row) {
    double value = Double.parseDouble(row.get("value"));
    Dimension dimension = Dimension.valueOf(row.get("measure").toUpperCase(Locale.ROOT));
    assertThat(reader.read(row.get("text"), dimension).value())
        .as(row.get("text"))
        .isCloseTo(value, within(value * 1e-12));
  }

  @ParameterizedTest
  @MethodSource("forms")
  void isReadAsMeantOrAskedBack(CSVRecord form) {
    QuantityReader reader = new QuantityReader(CupSize.US, DecimalMark.valueOf(form.get("mark")));
    Dimension dimension = Dimension.valueOf(form.get("dimension"));
    if (form.get("value").isEmpty()) {
      assertThatThrownBy(() -> reader.read(form.get("text"), dimension))
          .as(form.get("text"))
          .isInstanceOf(RefusedException.class);
      return;
    }
    double value = Double.parseDouble(form.get("value"));
    assertThat(reader.read(form.get("text"), dimension).value())
        .as(form.get("text"))
        .isCloseTo(value, within(Math.abs(value) * 1e-6 + 1e-9));
  }
}
