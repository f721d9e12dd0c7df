package ironshelf.core.finish;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import ironshelf.core.finish.Lettering.LetteringRequest;
import ironshelf.core.quantity.RefusedException;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LetteringTest {

  /** By hand: 5 letters of 25 mm and 4 gaps of 5 are 145 mm. */
  @Test
  void aLineWorkedByHand() {
    Lettering line = Lettering.of(new LetteringRequest("heron", "HERONHERON", 25, 5, 150));
    assertThat(line.lineMm()).isCloseTo(145, within(1e-9));
    assertThat(line.fits()).isTrue();
    assertThat(Lettering.of(new LetteringRequest("heron", "HERON", 25, 5, 144)).fits()).isFalse();
  }

  @Test
  void stampsThatAreMissingAreCounted() {
    Lettering line = Lettering.of(new LetteringRequest("Mudflat tea", "MUDFLAT E", 10, 0, 500));
    assertThat(line.missing()).isEqualTo(Map.of("A", 1, "T", 1));
    assertThat(line.fits()).isFalse();
  }

  @ParameterizedTest
  @CsvSource({"'', ABC, 10, 0, 100", "A, '', 10, 0, 100", "A, A, 0, 0, 100", "A, A, 10, -1, 100"})
  void nonsenseIsRefused(String text, String set, double letter, double gap, double width) {
    assertThatThrownBy(() -> new LetteringRequest(text, set, letter, gap, width))
        .isInstanceOf(RefusedException.class);
  }

  /** A fifth of 2 L is 0.4 L, 0.6 kg of stone at 1 500 kg/m3 loose. */
  @Test
  void drainageStonesWorkedByHand() {
    Drainage drainage = Drainage.of(2, 20);
    assertThat(drainage.stonesL()).isCloseTo(0.4, within(1e-12));
    assertThat(drainage.stonesKg()).isCloseTo(0.6, within(1e-12));
    assertThatThrownBy(() -> Drainage.of(2, 80)).isInstanceOf(RefusedException.class);
  }
}
