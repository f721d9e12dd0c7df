package ironshelf.core.piece.cause;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import ironshelf.core.piece.cause.Evidence.Verdict;
import ironshelf.core.quantity.RefusedException;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Written cases (docs/method/causes.md, common practice): facts in, first cause out. */
class DefectTest {

  @ParameterizedTest
  @CsvFileSource(resources = "cases.csv", numLinesToSkip = 1)
  void theFirstCauseOfAWrittenCase(Defect defect, String facts, Cause first) {
    assertThat(defect.rank(facts(facts)).get(0).cause()).isEqualTo(first);
  }

  @ParameterizedTest
  @EnumSource(Defect.class)
  void withNothingKnownTheUsualOrderStands(Defect defect) {
    assertThat(defect.rank(new PieceFacts(Map.of())))
        .allMatch(r -> r.evidence().verdict() == Verdict.NOT_KNOWN)
        .extracting(Defect.Ranked::cause)
        .containsExactlyElementsOf(defect.causes());
  }

  @Test
  void whatSpeaksAgainstComesLast() {
    PieceFacts facts = facts("tapped_min=2 release_pooled=0");
    assertThat(Defect.PINHOLES.rank(facts))
        .extracting(Defect.Ranked::cause)
        .containsExactly(Cause.STIFF_MIX, Cause.TAPPED_LITTLE, Cause.RELEASE_POOLED);
  }

  /** A bath's column came out early, its body did not: the tear is asked of the column first. */
  @Test
  void aPartsRecordsCountWhereTheySayMore() {
    PieceFacts body = facts("age_at_demould_h=40 demould_age_h=24");
    PieceFacts foot = facts("age_at_demould_h=23 demould_age_h=24");
    PieceFacts column = facts("age_at_demould_h=6 demould_age_h=24");
    Defect.Ranked first = Defect.TORN.rank(body, List.of(foot, column)).get(0);
    assertThat(first.cause()).isEqualTo(Cause.OUT_EARLY);
    assertThat(first.part()).isEqualTo(1);
    assertThat(Defect.TORN.rank(column, List.of(foot, body)).get(0).part())
        .as("its own say more")
        .isEqualTo(-1);
    assertThat(Defect.TORN.rank(body, List.of(facts("tapped_min=2"))))
        .as("what a part does not know changes nothing")
        .isEqualTo(Defect.TORN.rank(body));
  }

  @Test
  void nonsenseIsRefused() {
    assertThatThrownBy(() -> new PieceFacts(Map.of(FactName.TAPPED_MIN, Double.NaN)))
        .isInstanceOf(RefusedException.class);
  }

  private static PieceFacts facts(String text) {
    Map<FactName, Double> known = new EnumMap<>(FactName.class);
    for (String pair : text.split(" ", -1)) {
      String[] parts = pair.split("=", 2);
      known.put(FactName.valueOf(parts[0].toUpperCase(Locale.ROOT)), Double.parseDouble(parts[1]));
    }
    return new PieceFacts(known);
  }
}
