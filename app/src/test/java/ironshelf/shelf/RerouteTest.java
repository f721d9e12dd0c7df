package ironshelf.shelf;

import static org.assertj.core.api.Assertions.assertThat;

import ironshelf.App;
import ironshelf.App.Answer;
import ironshelf.Pouring;
import ironshelf.Shelf;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;
import tools.jackson.databind.JsonNode;

/** A changed route counts from the next pour on, and pieces on their way are offered it. */
@Execution(ExecutionMode.CONCURRENT)
class RerouteTest {

  private static Answer route(App app, long product, List<Map<String, Object>> steps) {
    String path = "/api/products/" + product + "/route";
    long seen = app.get(path).path("route").path("id").asLong();
    return app.put(path, Map.of("steps", steps), "\"" + seen + "\"");
  }

  private static List<Map<String, Object>> steps(String words) {
    List<Map<String, Object>> steps = new ArrayList<>();
    for (String word : words.split(" ", -1)) {
      steps.add(
          word.startsWith("rest") ? Map.of("step", "rest", "waitH", 1) : Map.of("step", word));
    }
    return steps;
  }

  @Test
  void piecesOnTheirWayAreTakenAlongWhereTheyCanBe() {
    try (App app = App.empty()) {
      app.act(
          "/api/set-up/product",
          Map.of("shape", "pot", "mix", "sand-cement", "name", "Pot", "copies", 3));
      long product = Pouring.product(app, "Pot").path("product").path("id").asLong();
      assertThat(route(app, product, steps("pour set demould trim brush pack")).status())
          .isEqualTo(200);
      Shelf shelf = new Shelf(app);
      List<Long> trimmed = shelf.takeOut("Pot", 1);
      shelf.next(trimmed, "trim");
      List<Long> out = shelf.takeOut("Pot", 1);
      Pouring.of(app, "Pot", 1).poured(app);
      // The new one has no trimming, and is brushed after a rest.
      assertThat(route(app, product, steps("pour set demould rest brush inspect pack")).status())
          .isEqualTo(200);
      String path = "/api/products/" + product + "/route/pieces";
      JsonNode offer = app.get(path);
      assertThat(offer.path("can")).hasSize(2);
      assertThat(offer.path("cannot").get(0).asLong()).isEqualTo(trimmed.get(0));
      assertThat(app.act(path, Map.of()).body().path("pieces").asInt()).isEqualTo(2);
      assertThat(app.get(path).path("can")).isEmpty();
      JsonNode group = shelf.groupOf(out.get(0));
      assertThat(group.path("step").asString()).isEqualTo("brush");
      assertThat(group.path("stepNo").asInt()).isEqualTo(4);
      assertThat(shelf.groupOf(trimmed.get(0)).path("step").asString()).isEqualTo("brush");
      assertThat(shelf.groupOf(trimmed.get(0)).path("stepNo").asInt()).isEqualTo(4);
      // What was done can still be undone: the taking-out, not the route.
      shelf.next(out, "brush");
      shelf.next(out, "inspect");
    }
  }
}
