package ironshelf.pour.use;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import ironshelf.App;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/**
 * What the demo's pours teach: its pieces were weighed as 0.967 of their wet mix, within a percent.
 */
@ExtendWith(App.Extension.class)
class LearnedTest {

  @Test
  void retentionAndWaterComeFromThePours(App app) {
    JsonNode learned = app.get("/api/recipes/1/learned");
    assertThat(learned.path("retention").path("count").asInt()).isGreaterThanOrEqualTo(4);
    assertThat(learned.path("retention").path("value").asDouble()).isCloseTo(0.967, within(0.015));
    for (JsonNode water : learned.path("water")) {
      assertThat(water.path("offset").path("value").asDouble())
          .isCloseTo(water.path("offsetUsed").asDouble(), within(2.0));
    }
    assertThat(app.tryGet("/api/recipes/99999/learned").status()).isEqualTo(404);
  }
}
