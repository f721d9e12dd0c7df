package ironshelf.workshop;

import static org.assertj.core.api.Assertions.assertThat;

import ironshelf.App;
import ironshelf.App.Answer;
import ironshelf.Pouring;
import java.util.HashMap;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** The shop's own measures, and what follows from them. */
@ExtendWith(App.Extension.class)
class WorkshopTest {

  @Test
  void aSmallerMixerMakesMoreMixes(App app) {
    Pouring bowls = Pouring.of(app, "Ripple bowl", 2);
    assertThat(bowls.sheet(app).path("batches").size()).isEqualTo(1);
    JsonNode before = app.get("/api/workshop");
    Map<String, Object> small = measures(before);
    small.put("mixerL", 1.2);
    assertThat(put(app, small).status()).isEqualTo(200);
    // A bowl is 0.961 L and 8 % over: one at a time.
    assertThat(bowls.sheet(app).path("batches").size()).isEqualTo(2);
    assertThat(
            app.put("/api/workshop", small, "\"" + before.path("version").asLong() + "\"").status())
        .isEqualTo(412);
    assertThat(put(app, measures(before)).body().path("mixerL").asDouble()).isEqualTo(12);
  }

  @ParameterizedTest
  @CsvSource({
    "mixerL, 0",
    "mixerL, -1",
    "mixerL, 1e9",
    "scoopL, 0",
    "scoopL, some",
    "wastePercent, 101",
    "wastePercent, -1",
    "roomC, 61",
    "ratePerHour, -1",
    "name, ''"
  })
  void nonsenseIsRefused(String field, String value, App app) {
    Map<String, Object> bad = measures(app.get("/api/workshop"));
    bad.put(field, value.matches("-?[0-9.e]+") ? Double.valueOf(value) : value);
    Answer refused = put(app, bad);
    assertThat(refused.status()).isEqualTo(400);
    assertThat(refused.body().path("errors").get(0).path("field").asString()).isEqualTo(field);
  }

  private static Answer put(App app, Map<String, Object> measures) {
    long version = app.get("/api/workshop").path("version").asLong();
    return app.put("/api/workshop", measures, "\"" + version + "\"");
  }

  private static Map<String, Object> measures(JsonNode workshop) {
    Map<String, Object> measures = new HashMap<>();
    measures.put("name", workshop.path("name").asString());
    measures.put("cup", workshop.path("cup").asString());
    for (String field : new String[] {"roomC", "mixerL", "scoopL", "wastePercent", "ratePerHour"}) {
      measures.put(field, workshop.path(field).asDouble());
    }
    return measures;
  }
}
