package ironshelf.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Factors checked against NIST Handbook 44, appendix C (2024), not against the library. */
@Tag("accuracy")
class QuantityReaderTest {

  private final QuantityReader reader = new QuantityReader(CupSize.US);

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "2 lb 4 oz | MASS | 1.020583 | 2 lb 4 oz",
        "2lb 4 | MASS | 1.020583 | 2 lb 4 oz",
        "2 lbs, 4 ounces | MASS | 1.020583 | 2 lb 4 oz",
        "340 g | MASS | 0.34 | 340 g",
        "340g | MASS | 0.34 | 340 g",
        "1.5 | MASS | 1.5 | 1.5 kg",
        "1,5 kg | MASS | 1.5 | 1,5 kg",
        ".5 kg | MASS | 0.5 | .5 kg",
        "2kg 50 | MASS | 2.05 | 2 kg 50 g",
        "80 lb | MASS | 36.28739 | 80 lb",
        "1 1/4 gal | VOLUME | 4.731765 | 1 1/4 gal",
        "1¼ gal | VOLUME | 4.731765 | 1 1/4 gal",
        "1-1/4 Gallons | VOLUME | 4.731765 | 1-1/4 gal",
        "3 qt | VOLUME | 2.839059 | 3 qt",
        "1 pint | VOLUME | 0.4731765 | 1 pt",
        "½ cup | VOLUME | 0.1182941 | 1/2 cup",
        "8 fl oz | VOLUME | 0.2365882 | 8 fl oz",
        "8 oz | VOLUME | 0.2365882 | 8 fl oz",
        "2 tbsp | VOLUME | 0.02957353 | 2 tbsp",
        "1 tsp. | VOLUME | 0.004928922 | 1 tsp",
        "750ml | VOLUME | 0.75 | 750 ml",
        "4.2 | VOLUME | 4.2 | 4.2 L",
        "3/4 in | LENGTH | 19.05 | 3/4 in",
        "3/4\" | LENGTH | 19.05 | 3/4 in",
        "5' 3\" | LENGTH | 1600.2 | 5 ft 3 in",
        "5 ft 3 | LENGTH | 1600.2 | 5 ft 3 in",
        "1 m 20 | LENGTH | 1200 | 1 m 20 cm",
        "160 | LENGTH | 160 | 160 mm",
        "16 cm | LENGTH | 160 | 16 cm",
        "68 F | TEMPERATURE | 20 | 68 °F",
        "-4 °F | TEMPERATURE | -20 | -4 °F",
        "12.5 C | TEMPERATURE | 12.5 | 12.5 °C",
        "−3 | TEMPERATURE | -3 | -3 °C",
        "1 h 30 | DURATION | 90 | 1 h 30 min",
        "2 d | DURATION | 2880 | 2 d",
        "90 s | DURATION | 1.5 | 90 s",
      })
  void readsWhatPeopleWrite(String text, Dimension dimension, double value, String echo) {
    Reading reading = reader.read(text, dimension);
    assertThat(reading.value()).isCloseTo(value, within(Math.abs(value) * 1e-6));
    assertThat(reading.echo()).isEqualTo(echo);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "half a bag | MASS | QUANTITY_UNREADABLE",
        "NaN | MASS | QUANTITY_UNREADABLE",
        "Infinity kg | MASS | QUANTITY_UNREADABLE",
        "-3 kg | MASS | QUANTITY_UNREADABLE",
        "1/0 kg | MASS | QUANTITY_UNREADABLE",
        "3 stone | MASS | QUANTITY_UNIT_UNKNOWN",
        "3 kg | VOLUME | QUANTITY_WRONG_KIND",
        "3 gal | MASS | QUANTITY_WRONG_KIND",
        "1,250 g | MASS | QUANTITY_COMMA_AMBIGUOUS",
        "20 C 5 | TEMPERATURE | QUANTITY_UNREADABLE",
        "2 g 4 | MASS | QUANTITY_UNREADABLE",
      })
  void refusesWhatItCannotRead(String text, Dimension dimension, FindingCode code) {
    assertThat(refusal(text, dimension).findings())
        .singleElement()
        .satisfies(f -> assertThat(f.code()).isEqualTo(code))
        .satisfies(f -> assertThat(f.params()).containsEntry("value", text));
  }

  @Test
  void refusesNothingAndNovels() {
    assertThat(refusal("  ", Dimension.MASS).findings())
        .extracting(Finding::code)
        .containsExactly(FindingCode.VALUE_MISSING);
    assertThat(refusal("1 kg ".repeat(100_000), Dimension.MASS).findings())
        .extracting(Finding::code)
        .containsExactly(FindingCode.NUMBER_TOO_LARGE);
    assertThat(refusal("9".repeat(79), Dimension.MASS).findings()).isEmpty();
  }

  @Test
  void aCupIsWhatTheShopSays() {
    assertThat(new QuantityReader(CupSize.METRIC).read("2 cups", Dimension.VOLUME).value())
        .isCloseTo(0.5, within(1e-12));
  }

  private RefusedException refusal(String text, Dimension dimension) {
    RefusedException refused =
        catchThrowableOfType(RefusedException.class, () -> reader.read(text, dimension));
    return refused == null ? new RefusedException(java.util.List.of()) : refused;
  }
}
