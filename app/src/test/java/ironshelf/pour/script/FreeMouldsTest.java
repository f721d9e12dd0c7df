package ironshelf.pour.script;

import static ironshelf.pour.script.BenchFacts.fact;
import static ironshelf.pour.script.BenchFacts.filled;
import static org.assertj.core.api.Assertions.assertThat;

import ironshelf.App;
import ironshelf.Pouring;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(App.OfClass.class)
class FreeMouldsTest {

  /**
   * The mix runs out with the vase half full. By hand for each mould: as many of its free copies as
   * what stands in the vase fills to the brim, which is none where one takes more.
   */
  @Test
  void whatStandsInACopyThatIsNotFullFillsSmallerOnes(App app) {
    Pouring vase = Pouring.of(app, "Reed vase", 1);
    Map<String, Object> fill = Map.of("productId", vase.productId(), "copyIds", vase.ids());
    JsonNode opened =
        app.act("/api/pours", Map.of("fills", List.of(fill), "colourwayId", vase.colourwayId()))
            .body();
    String pour = "/api/pours/" + opened.path("id").asLong();
    assertThat(app.get(pour + "/room"))
        .isNotEmpty()
        .allSatisfy(m -> assertThat(m.path("fillFromPart").asInt()).isZero());
    String mix = "b1/0";
    note(app, pour, fact("asAsked", Map.of("mix", mix)));
    note(app, pour, fact("wetted", Map.of("mix", mix)));
    JsonNode state = note(app, pour, filled(vase.codes().get(0), false, null)).path("state");
    double partKg = state.path("copies").get(0).path("kg").asDouble();
    assertThat(partKg).as(state.toString()).isPositive();

    Map<Boolean, Integer> seen = new HashMap<>();
    for (JsonNode mould : app.get(pour + "/room")) {
      int fills = mould.path("fillFromPart").asInt();
      double kg = mould.path("kg").asDouble();
      int free = mould.path("copies").size();
      assertThat(fills).as(mould.toString()).isBetween(0, free);
      assertThat(fills * kg).as(mould.toString()).isLessThanOrEqualTo(partKg);
      if (fills < free) {
        assertThat((fills + 1) * kg).as(mould.toString()).isGreaterThan(partKg);
      }
      seen.merge(fills > 0, 1, Integer::sum);
    }
    assertThat(seen).as("moulds that are small enough, and some that are not").hasSize(2);

    // Left out, it is nobody's any more.
    note(app, pour, fact("leftOut", Map.of("copy", vase.codes().get(0), "why", "ran short")));
    assertThat(app.get(pour + "/room"))
        .allSatisfy(m -> assertThat(m.path("fillFromPart").asInt()).isZero());
  }

  private static JsonNode note(App app, String pour, Map<String, Object> fact) {
    App.Answer answer = app.act(pour + "/facts", Map.of("facts", List.of(fact)));
    assertThat(answer.status()).as(answer.body().toString()).isEqualTo(200);
    return answer.body();
  }
}
