package ironshelf.http;

import static org.assertj.core.api.Assertions.assertThat;

import ironshelf.core.quantity.Finding;
import ironshelf.core.quantity.FindingCode;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class CatalogueTest {

  private final Catalogue catalogue = new Catalogue();

  @ParameterizedTest
  @EnumSource(FindingCode.class)
  void everyFindingHasWords(FindingCode code) {
    assertThat(catalogue.knows(code.text())).isTrue();
  }

  @Test
  void saysNameValueRuleAndRemedy() {
    Finding finding =
        new Finding(
            FindingCode.CORE_TOO_WIDE,
            "core.topDiameterMm",
            Map.of("value", 170.0, "cavity", 160.0, "at", 150.0));
    assertThat(catalogue.view(finding).message())
        .isEqualTo(
            "core top diameter 170 mm is wider than the cavity's 160 mm, 150 mm above its floor."
                + " Make the core narrower or the cavity wider.");
  }

  @Test
  void countsListsFromOne() {
    assertThat(FieldWords.of("history.0.concreteC"))
        .isEqualTo(new FieldWords("history 1 concrete", "°C"));
  }
}
