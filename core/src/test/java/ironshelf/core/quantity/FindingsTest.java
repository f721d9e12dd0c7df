package ironshelf.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class FindingsTest {

  @ParameterizedTest
  @ValueSource(
      doubles = {
        Double.NaN,
        Double.POSITIVE_INFINITY,
        Double.NEGATIVE_INFINITY,
        -1,
        0,
        -0.0,
        10_000.001
      })
  void aLengthRefusesNonsense(double value) {
    assertThat(new Findings().length("heightMm", value).isEmpty()).isFalse();
  }

  @Test
  void allIsSaidAtOnceAndOncePerField() {
    Findings findings =
        new Findings()
            .length("heightMm", -1)
            .length("heightMm", Double.NaN)
            .length("widthMm", Double.NaN)
            .present("cavity", null);
    assertThat(findings.toList())
        .extracting(Finding::field)
        .containsExactly("heightMm", "widthMm", "cavity");
    assertThatThrownBy(findings::orRefuse)
        .isInstanceOf(RefusedException.class)
        .hasMessageContaining("heightMm")
        .hasMessageContaining("-1.0")
        .hasMessageContaining("cavity");
  }

  @Test
  void aListNamesItsGaps() {
    List<String> gaps = new java.util.ArrayList<>();
    gaps.add("a");
    gaps.add(null);
    assertThat(new Findings().list("names", gaps, 1).toList())
        .extracting(Finding::code)
        .containsExactly(FindingCode.LIST_TOO_LONG, FindingCode.VALUE_MISSING);
  }

  @Test
  void aPathGrowsOutwards() {
    Finding finding =
        new Finding(FindingCode.VALUE_MISSING, "heightMm", java.util.Map.of()).under("cavity");
    assertThat(finding.field()).isEqualTo("cavity.heightMm");
    assertThat(finding.under("").field()).isEqualTo("cavity.heightMm");
  }

  /** Money has the right direction: what is under nought is too small, not too large. */
  @Test
  void anAmountIsTooSmallOrTooLarge() {
    BigDecimal most = new BigDecimal(1_000);
    assertThat(new Findings().amount("price", null, most).toList()).isEmpty();
    assertThat(new Findings().amount("price", most, most).toList()).isEmpty();
    Finding small = new Findings().amount("price", new BigDecimal("-5"), most).toList().get(0);
    assertThat(small.code()).isEqualTo(FindingCode.NUMBER_TOO_SMALL);
    assertThat(small.params()).containsEntry("low", 0);
    Finding large = new Findings().amount("price", new BigDecimal(1_001), most).toList().get(0);
    assertThat(large.code()).isEqualTo(FindingCode.NUMBER_TOO_LARGE);
    assertThat(new Findings().text("name", "Nul\u0000", 80).toList().get(0).code())
        .isEqualTo(FindingCode.TEXT_UNPRINTABLE);
  }
}
