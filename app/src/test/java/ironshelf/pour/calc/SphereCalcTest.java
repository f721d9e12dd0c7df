package ironshelf.pour.calc;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import ironshelf.App;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(App.Extension.class)
class SphereCalcTest {

  /** Volume of a ball: 356 mm across hold 23.624 L; 2 400 kg/m3 is common practice. */
  @Test
  void eitherFigureGivesTheOther(App app) {
    JsonNode heavy = app.post("/api/calc/sphere", "{\"diameterMm\":356}").body();
    assertThat(heavy.path("massKg").asDouble()).isCloseTo(23.624 * 2.4, within(0.01));
    assertThat(heavy.path("densityKgM3").asDouble()).isEqualTo(2400);
    JsonNode wide = app.post("/api/calc/sphere", "{\"massKg\":56.7}").body();
    assertThat(wide.path("diameterMm").asDouble()).isCloseTo(356, within(0.05));
    JsonNode light =
        app.post("/api/calc/sphere", "{\"diameterMm\":356,\"densityKgM3\":1200}").body();
    assertThat(light.path("massKg").asDouble()).isCloseTo(23.624 * 1.2, within(0.01));
  }

  @Test
  void aPieceStandsAsOneOfAnOrdinaryMix(App app) {
    String pot =
        "{\"kind\":\"cone\",\"topDiameterMm\":160,\"baseDiameterMm\":120,\"heightMm\":150}";
    JsonNode usual = app.post("/api/calc/tipping", "{\"cavity\":" + pot + "}").body();
    JsonNode said =
        app.post("/api/calc/tipping", "{\"cavity\":" + pot + ",\"densityKgM3\":2100}").body();
    assertThat(usual).isEqualTo(said);
    // Frustum: pi h / 12 (D2 + D d + d2) is 2.325 L.
    assertThat(usual.path("massKg").asDouble()).isCloseTo(2.325 * 2.1, within(0.01));
  }
}
