package ironshelf.plan;

import static org.assertj.core.api.Assertions.assertThat;

import ironshelf.App;
import ironshelf.Pouring;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** What is being poured now is in the plan, its copies that are still empty too. */
class OpenPourPlannedTest {

  private static App app;

  @BeforeAll
  static void start() {
    app = App.fresh();
  }

  @AfterAll
  static void stop() {
    app.close();
  }

  @Test
  void copiesThatAreFilledNextTakeTheirPersonAndTheirMouldFirst() {
    Pouring cups = Pouring.of(app, "Tea-light cup", 2);
    JsonNode opened =
        app.act(
                "/api/pours",
                Map.of(
                    "fills",
                    List.of(Map.of("productId", cups.productId(), "copyIds", cups.ids())),
                    "colourwayId",
                    cups.colourwayId()))
            .body();
    JsonNode plan = app.plan();
    JsonNode poured =
        stream(plan.path("days").get(0).path("visits"))
            .filter(v -> v.path("step").asString().equals("pour"))
            .filter(v -> v.path("casts").isEmpty())
            .findFirst()
            .orElseThrow(() -> new AssertionError(plan.path("days").get(0).toString()));
    assertThat(poured.path("product").asString()).isEqualTo("Tea-light cup");
    assertThat(poured.path("pieces").asInt()).isEqualTo(2);
    // Mixed, filled and washed: more than the filling of two cups.
    assertThat(poured.path("minutes").asInt()).isGreaterThan(10);
    LocalDateTime at = LocalDateTime.parse(poured.path("at").asString());
    for (JsonNode cast : plan.path("casts")) {
      if (cups.ids().contains(cast.path("copyId").asLong())) {
        assertThat(LocalDateTime.parse(cast.path("pourAt").asString())).isAfter(at.plusHours(6));
      }
    }
    // Given up, its copies are free again.
    long id = opened.path("id").asLong();
    app.act(
        "/api/pours/" + id + "/facts",
        Map.of(
            "facts",
            List.of(
                Map.of(
                    "key",
                    "given-up",
                    "at",
                    opened.path("openedAt").asString(),
                    "what",
                    Map.of("kind", "abandoned", "why", "no water")))));
    assertThat(stream(app.plan().path("days").get(0).path("visits")))
        .noneMatch(v -> v.path("step").asString().equals("pour") && v.path("casts").isEmpty());
  }

  private static java.util.stream.Stream<JsonNode> stream(JsonNode list) {
    return StreamSupport.stream(list.spliterator(), false);
  }
}
