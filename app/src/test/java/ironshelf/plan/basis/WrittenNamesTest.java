package ironshelf.plan.basis;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import ironshelf.plan.basis.PlanFacts.Wanted;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Plans that were kept are read by these names for years: how they are written stays. */
class WrittenNamesTest {

  @ParameterizedTest
  @CsvSource({
    "line-7,           7, 0,,",
    "line-7~0,         7, 0,, 0",
    "line-7/2,         7, 2,,",
    "line-7/2~1,       7, 2,, 1",
    "line--1001,   -1001, 0,,",
    "line--3/1,       -3, 1,,",
    "line-0/4,         0, 4,,",
    "line-7~cast-12,   7, 0, cast-12,",
    "line-7~cast-12.1, 7, 0, cast-12, 1",
    // A group of the shelf by its route, its step and where it begins.
    "line-7~3-2-0,     7, 0, 3-2-0,",
    "line-7~3.5-2.10,  7, 0, 3.5-2, 10",
  })
  void aDemandIsReadAsItIsWritten(
      String written, long lineId, int part, String begun, Integer pour) {
    DemandName name = new DemandName(lineId, part, begun, pour);
    assertThat(name).hasToString(written);
    assertThat(DemandName.of(written)).isEqualTo(name);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {"", "line-", "line-x", "line-7/", "line-7~", "Line-7", "line-7 ", "mould-7"})
  void whatIsNoDemandIsRefused(String written) {
    assertThatIllegalArgumentException()
        .isThrownBy(() -> DemandName.of(written))
        .withMessageContaining(written);
  }

  @Test
  void aBegunThingHasANameThatIsNoPour() {
    assertThatIllegalArgumentException().isThrownBy(() -> new DemandName(7, 0, "12", null));
    assertThatIllegalArgumentException().isThrownBy(() -> new DemandName(7, -1, null, null));
    assertThatIllegalArgumentException().isThrownBy(() -> new DemandName(7, 0, null, -1));
  }

  @Test
  void onlyALinesOwnLastPourIsTheWholeOfIt() {
    assertThat(DemandName.line(7).isWhole()).isTrue();
    assertThat(DemandName.line(7).at(0).isWhole()).isFalse();
    assertThat(DemandName.part(7, 1).isWhole()).isFalse();
    assertThat(DemandName.line(7).after("cast-12", null).isWhole()).isFalse();
    assertThat(DemandName.part(7, 1).at(0).isPart()).isTrue();
    assertThat(DemandName.line(7).at(0).isPart()).isFalse();
  }

  @Test
  void theLastPourOfWhatHasBegunIsKnownByIt() {
    DemandName last = DemandName.line(7).after("cast-12", null);
    assertThat(last.isLastPourOf("cast-12")).isTrue();
    assertThat(last.isLastPourOf("cast-2")).as("whose name it ends with").isFalse();
    assertThat(last.at(1).isLastPourOf("cast-12")).isFalse();
    assertThat(DemandName.line(7).isLastPourOf("cast-12")).isFalse();
  }

  @Test
  void whatWasAskedForGoesOnAsALine() {
    assertThat(DemandName.of("line--2/3~1").forLine(44)).hasToString("line-44/3~1");
  }

  @ParameterizedTest
  @CsvSource({"7-3,,2,1", "7-3#0,0,2,0", "12-40#1,1,3,1"})
  void aProductIsReadAsItIsWritten(String written, Integer earlier, int pours, int pour) {
    ProductName name = ProductName.of(written);
    assertThat(name).hasToString(written);
    assertThat(name.earlierPour()).isEqualTo(earlier);
    assertThat(name.pour(pours)).isEqualTo(pour);
    Wanted wanted = new Wanted(name.productId(), name.colourwayId());
    assertThat(ProductName.of(wanted, pour, pours)).isEqualTo(name);
  }

  @ParameterizedTest
  @ValueSource(strings = {"", "7", "7-", "cast-12", "3-2-0", "7-3#", "pour-4-a"})
  void whatHasBegunIsNoProduct(String written) {
    assertThat(ProductName.find(written)).isEmpty();
    assertThatIllegalArgumentException().isThrownBy(() -> ProductName.of(written));
  }

  @Test
  void aMouldIsReadAsItIsWritten() {
    assertThat(MouldName.of("mould-9")).isEqualTo(new MouldName(9)).hasToString("mould-9");
    assertThatIllegalArgumentException().isThrownBy(() -> MouldName.of("9"));
    assertThatIllegalArgumentException().isThrownBy(() -> MouldName.of("mould-x"));
  }
}
