package ironshelf.shelf;

import static org.assertj.core.api.Assertions.assertThat;

import ironshelf.App;
import ironshelf.Pouring;
import ironshelf.Shelf;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;
import tools.jackson.databind.JsonNode;

/** What is sold by its mass is graded by it, unless a person says otherwise. */
@Execution(ExecutionMode.CONCURRENT)
class GradeByMassTest {

  @Test
  void aPieceOffItsToleranceIsASecondUnlessSomebodySaysOtherwise() {
    try (App app = App.empty()) {
      app.act(
          "/api/set-up/product",
          Map.of("shape", "pot", "mix", "sand-cement", "name", "Pot", "copies", 3));
      JsonNode product = Pouring.product(app, "Pot").path("product");
      long id = product.path("id").asLong();
      Map<String, Object> to =
          Map.of(
              "name", "Pot",
              "mouldId", product.path("mouldId").asLong(),
              "recipeId", product.path("recipeId").asLong(),
              "target", Map.of("massKg", 1.25, "toleranceKg", 0.06));
      assertThat(
              app.put("/api/products/" + id, to, "\"" + product.path("version").asLong() + "\"")
                  .status())
          .isEqualTo(200);
      String path = "/api/products/" + id + "/route";
      long seen = app.get(path).path("route").path("id").asLong();
      app.put(
          path,
          Map.of(
              "steps",
              List.of(
                  Map.of("step", "pour"),
                  Map.of("step", "set"),
                  Map.of("step", "demould"),
                  Map.of("step", "inspect"),
                  Map.of("step", "pack"))),
          "\"" + seen + "\"");
      Shelf shelf = new Shelf(app);
      // Taken out at 1.2 kg: within 60 g of 1.25.
      List<Long> good = shelf.takeOut("Pot", 1);
      shelf.next(good, "inspect");
      assertThat(grade(app, good)).isEqualTo("first");
      List<Long> light = shelf.takeOut("Pot", 1);
      Map<String, Object> weighed = inspect(shelf, light, 1.1);
      assertThat(app.act("/api/shelf/steps", weighed).status()).isEqualTo(200);
      assertThat(grade(app, light)).isEqualTo("second");
      List<Long> said = shelf.takeOut("Pot", 1);
      Map<String, Object> first = inspect(shelf, said, 1.1);
      first.put("grade", "first");
      assertThat(app.act("/api/shelf/steps", first).status()).isEqualTo(200);
      assertThat(grade(app, said)).isEqualTo("first");
    }
  }

  private static Map<String, Object> inspect(Shelf shelf, List<Long> ids, double massKg) {
    JsonNode group = shelf.groupOf(ids.get(0));
    return new HashMap<>(
        Map.of(
            "pieces", List.of(Map.of("id", ids.get(0), "massKg", massKg)),
            "stepNo", group.path("stepNo").asInt(),
            "round", group.path("round").asInt()));
  }

  private static String grade(App app, List<Long> ids) {
    return app.get("/api/use/pieces/" + ids.get(0)).path("piece").path("grade").asString();
  }
}
