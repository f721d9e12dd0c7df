package ironshelf.core.mould.wear;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import ironshelf.core.quantity.Finding;
import ironshelf.core.quantity.FindingCode;
import java.math.BigDecimal;
import java.util.List;
import org.junit.jupiter.api.Test;

class WearTest {

  /**
   * Fisher's tea tasting: 3 of 4 right against 1 of 4, one-sided 17/70 (The Design of Experiments).
   */
  @Test
  void fishersTeaTasting() {
    assertThat(DefectTest.of(3, 4, 1, 4, 1).chance()).isCloseTo(17.0 / 70, within(1e-12));
    assertThat(DefectTest.of(4, 4, 0, 4, 1).chance()).isCloseTo(1.0 / 70, within(1e-12));
  }

  @Test
  void aFewBadCastsAreNotYetABadCopy() {
    DefectTest little = DefectTest.of(2, 10, 4, 60, 6);
    assertThat(little.perHundred()).isEqualTo(20);
    assertThat(little.worse()).isFalse();
    DefectTest much = DefectTest.of(8, 40, 4, 300, 6);
    assertThat(much.worse()).isTrue();
    assertThat(DefectTest.of(0, 0, 0, 0, 1).worse()).isFalse();
  }

  /** By hand: 620 casts over 4 worn copies are 155; two worn copies say too little. */
  @Test
  void theShopsOwnCountReplacesTheStartingValue() {
    assertThat(CastsExpected.of(200, 620, 4)).isEqualTo(new CastsExpected(155, 4, true));
    assertThat(CastsExpected.of(200, 620, 2)).isEqualTo(new CastsExpected(200, 2, false));
    assertThat(CastsExpected.of(200, 0, 0).wearPerCast(new BigDecimal("85.00")))
        .isEqualByComparingTo("0.4250");
  }

  @Test
  void noReleaseAgentWhereItMustBond() {
    MouldKind silicone = MouldKinds.shipped().find("silicone").orElseThrow();
    List<Finding> findings =
        silicone.judge(
            List.of(
                new Face("wall", false, "soapy water"),
                new Face("insert", true, "soapy water"),
                new Face("core", false, "mineral oil"),
                new Face("lip", false, "honey"),
                new Face("first head", true, null)));
    assertThat(findings)
        .extracting(Finding::code)
        .containsExactly(
            FindingCode.RELEASE_ON_BOND,
            FindingCode.RELEASE_FORBIDDEN,
            FindingCode.RELEASE_UNKNOWN);
  }

  /** Every kind of the starting table (common practice) is there, within the casts it names. */
  @Test
  void theKindsShipped() {
    MouldKinds kinds = MouldKinds.shipped();
    assertThat(kinds.all()).hasSize(11);
    assertThat(kinds.find("steel").orElseThrow().expectedCasts()).isEqualTo(2000);
    assertThat(kinds.find("silicone").orElseThrow().expectedCasts()).isBetween(150, 300);
    assertThat(kinds.find("cloth").orElseThrow().release()).isEmpty();
  }
}
