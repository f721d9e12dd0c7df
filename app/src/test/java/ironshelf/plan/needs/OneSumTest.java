package ironshelf.plan.needs;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import ironshelf.App;
import ironshelf.Pouring;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** What a product's page and the needs say a piece takes is what its pour sheet asks for. */
@Tag("accuracy")
class OneSumTest {

  private static App app;

  @BeforeAll
  static void start() {
    app = App.fresh();
  }

  @AfterAll
  static void stop() {
    app.close();
  }

  /**
   * Every product of the demo that is poured at once, in its first colour: in one layer, in several
   * beside each other, sold by its mass. The sheet of one copy, shared over its pieces, against the
   * page.
   */
  @Test
  void whatAPieceTakesIsWhatItsSheetAsksFor() {
    int compared = 0;
    int layered = 0;
    for (JsonNode page : app.get("/api/products")) {
      JsonNode product = page.path("product");
      JsonNode copies = app.get("/api/moulds/" + Pouring.mouldId(page)).path("copies");
      if (copies.isEmpty() || page.path("colourways").isEmpty()) {
        continue;
      }
      JsonNode sheet = Pouring.into(page, 0, List.of(copies.get(0))).sheet(app);
      if (sheet.path("layers").size() < product.path("layers").size()) {
        // The rest goes on top of a copy that waits for it.
        continue;
      }
      layered += sheet.path("layers").size() > 1 ? 1 : 0;
      Map<String, Double> asked = new HashMap<>();
      for (JsonNode layer : sheet.path("layers")) {
        for (JsonNode line : layer.path("lines")) {
          asked.merge(line.path("name").asString(), line.path("massKg").asDouble(), Double::sum);
        }
      }
      double pieces = sheet.path("pieces").asDouble();
      JsonNode takes = app.get("/api/products/" + product.path("id").asLong() + "/sheet");
      Map<String, Double> taken = new HashMap<>();
      for (JsonNode take : takes.path("takes")) {
        taken.put(take.path("material").asString(), take.path("massKg").asDouble());
      }
      for (Map.Entry<String, Double> each : asked.entrySet()) {
        assertThat(taken.get(each.getKey()))
            .as("%s: %s", product.path("name"), each.getKey())
            .isCloseTo(each.getValue() / pieces, within(1e-9));
        compared++;
      }
    }
    assertThat(compared).isGreaterThan(20);
    assertThat(layered).isPositive();
  }
}
