package ironshelf.cure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import ironshelf.App;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** The check values of docs/method/temperatures.md, over HTTP. */
@ExtendWith(App.Extension.class)
@Tag("accuracy")
class MaturityCalcTest {

  private static final String NIGHT =
      "[{\"hours\":6,\"concreteC\":18},{\"hours\":12,\"concreteC\":10},"
          + "{\"hours\":6,\"concreteC\":16}]";

  @Test
  void aColdNight(App app) {
    JsonNode body = app.post("/api/calc/maturity", "{\"history\":" + NIGHT + "}").body();
    assertThat(body.path("equivalentAgeH").asDouble()).isCloseTo(16.65, within(0.005));
    assertThat(body.path("maturityCh").asDouble()).isCloseTo(324, within(1e-9));
  }

  /** 10 degrees against 20 with Q 5000: 0.5475; 30: 1.755; Nurse-Saul by hand: 0.5 and 1.5. */
  @ParameterizedTest
  @CsvSource({
    "arrhenius, 10, 0.5475",
    "arrhenius, 30, 1.755",
    "nurseSaul, 10, 0.5",
    "nurseSaul, 30, 1.5"
  })
  void anHourIsWorth(String method, double concreteC, double hours, App app) {
    JsonNode body =
        app.post(
                "/api/calc/maturity",
                "{\"method\":\"%s\",\"history\":[{\"hours\":1,\"concreteC\":%s}]}"
                    .formatted(method, concreteC))
            .body();
    assertThat(body.path("equivalentAgeH").asDouble()).isCloseTo(hours, within(0.0005));
  }

  @Test
  void aTentForTheMorning(App app) {
    JsonNode body = app.post("/api/calc/tent", "{\"hoursLeft\":15,\"demouldAgeH\":24}").body();
    assertThat(body.path("tentC").asDouble()).isCloseTo(28.3, within(0.05));
    assertThat(body.path("reached").asBoolean()).isTrue();
    JsonNode late = app.post("/api/calc/tent", "{\"hoursLeft\":1,\"demouldAgeH\":72}").body();
    assertThat(late.path("reached").asBoolean()).isFalse();
    assertThat(late.path("warnings").get(0).path("code").asString()).isEqualTo("tent.tooLate");
  }

  @Test
  void aMixOfKnownTemperature(App app) {
    // By hand: (4 x 0.88 x 20 + 4.18 x 10) / (4 x 0.88 + 4.18) = 14.57.
    JsonNode body =
        app.post(
                "/api/calc/mix-temperature",
                "{\"solidsKg\":4,\"solidsC\":20,\"waterKg\":1,\"waterC\":10,"
                    + "\"workingMinAt20C\":15,\"minutesWanted\":30}")
            .body();
    assertThat(body.path("mixC").asDouble()).isCloseTo(14.571, within(1e-3));
    assertThat(body.path("workingMin").asDouble()).isGreaterThan(20);
    // Twice the minutes of 20 degrees are those of 10: (10 x 7.7 - 4 x 0.88 x 20) / 4.18 = 1.58.
    assertThat(body.path("cooling").path("waterC").asDouble()).isCloseTo(1.579, within(1e-3));
    assertThat(body.path("cooling").path("iceKg").asDouble()).isZero();
  }
}
