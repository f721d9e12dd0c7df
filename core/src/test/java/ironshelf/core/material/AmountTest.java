package ironshelf.core.material;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import ironshelf.core.material.Amount.Basis;
import ironshelf.core.quantity.CupSize;
import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.QuantityReader;
import ironshelf.core.quantity.RefusedException;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

@Tag("accuracy")
class AmountTest {

  private static final QuantityReader READER = new QuantityReader(CupSize.US);

  /**
   * Units by NIST Handbook 44, appendix C: 80 lb is 36.287 kg, 5 US gal 18.927 L, 3 ft3 84.951 L,
   * 10 US fl oz 0.29574 L; the rest by hand.
   */
  @ParameterizedTest
  @CsvSource({
    "80 lb bag, 1750, 36.2874",
    "25 kg, 1500, 25",
    "5 gal pail, 1020, 19.3058",
    "2 oz bottle, 1400, 0.0566990",
    "10 fl oz bottle, 1400, 0.414030",
    "3 cu ft bale, 180, 15.2911",
    "100 L bag, 100, 10",
    "1 1/2 kg tub, 800, 1.5",
    "'0,5 kg', 800, 0.5",
  })
  void aPackIsReadAsItIsSold(String text, double bulk, double kg) {
    assertThat(Amount.pack(text, new Basis(bulk, null, null), READER).massKg())
        .isCloseTo(kg, within(kg * 1e-4));
  }

  @ParameterizedTest
  @CsvSource({
    "6 bags, 150, 6",
    "6, 150, 6",
    "1/2 bag, 12.5, 0.5",
    "2½ bags, 62.5, 2.5",
    "1 sack, 25, 1",
    "20 L, 30, ",
    "40 kg, 40, ",
    "2 lb 4 oz, 1.02058, ",
    "200 pieces, 0.4, ",
  })
  void aDeliveryIsReadByPackMassVolumeOrCount(String text, double kg, Double packs) {
    Amount read = Amount.delivered(text, new Basis(1500, 25.0, 2.0), READER);
    assertThat(read.massKg()).isCloseTo(kg, within(1e-5));
    assertThat(read.packs()).isEqualTo(packs);
  }

  @Test
  void aBareNumberIsKilogramsWhereThereAreNoPacks() {
    assertThat(Amount.delivered("12", new Basis(1500, null, null), READER).massKg()).isEqualTo(12);
  }

  @ParameterizedTest
  @CsvSource({
    "6 bags, PACK_UNKNOWN",
    "6 pieces, PIECE_MASS_UNKNOWN",
    "some, AMOUNT_UNREADABLE",
    "3 mm, AMOUNT_UNREADABLE",
    "-4 kg, AMOUNT_UNREADABLE",
    "0 kg, NUMBER_NOT_ABOVE",
    "9000 kg, NUMBER_TOO_LARGE",
  })
  void refusesWhatItCannotRead(String text, FindingCode code) {
    assertThatThrownBy(() -> Amount.delivered(text, new Basis(1500, null, null), READER))
        .isInstanceOfSatisfying(
            RefusedException.class,
            e -> {
              assertThat(e.findings()).hasSize(1);
              assertThat(e.findings().get(0).code()).isEqualTo(code);
              assertThat(e.findings().get(0).field()).isEqualTo("amount");
            });
  }
}
