package ironshelf.read;

import static org.assertj.core.api.Assertions.assertThat;

import ironshelf.App;
import ironshelf.App.Answer;
import ironshelf.Materials;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Sand that stood in the rain brings more water than a mix takes: only weighing has to wait. */
class WetSandTest {

  private static App app;
  private static JsonNode recipe;
  private static List<String> pages;

  @BeforeAll
  static void rain() {
    app = App.fresh();
    JsonNode sand = Materials.find(app, "Silica sand, dry, fine").path("material");
    recipe = madeOf(sand.path("id").asLong());
    String own = "/api/recipes/" + recipe.path("recipe").path("id").asLong();
    pages =
        Stream.concat(
                Stream.of(
                    "/api/products", "/api/product-cards", "/api/recipes", own, own + "/learned"),
                promises().stream())
            .toList();
    assertThat(pages).as("promises too").hasSizeGreaterThan(5);
    assertThat(change(sand, Map.of("moisturePercent", 50)).status()).isEqualTo(200);
  }

  @AfterAll
  static void stop() {
    app.close();
  }

  private static JsonNode madeOf(long material) {
    for (JsonNode page : app.get("/api/recipes")) {
      for (JsonNode line : page.path("lines")) {
        if (line.path("materialId").asLong() == material) {
          return page;
        }
      }
    }
    throw new AssertionError("no recipe with " + material);
  }

  private static List<String> promises() {
    return app.get("/api/orders")
        .path("items")
        .valueStream()
        .map(order -> "/api/orders/" + order.path("id").asLong() + "/promise")
        .filter(promise -> app.tryGet(promise).status() == 200)
        .toList();
  }

  private static Answer change(JsonNode material, Map<String, Object> changes) {
    return app.put(
        "/api/materials/" + material.path("id").asLong(),
        Materials.with(material, changes),
        "\"" + material.path("version").asLong() + "\"");
  }

  @Test
  void everyPageStands() {
    for (String page : pages) {
      assertThat(app.tryGet(page).status()).as(page).isEqualTo(200);
    }
    // The paste around the sand is the same: ACI 211.1-91, 5.3.8 moves water, not the mix.
    JsonNode wet = app.get(pages.get(3));
    assertThat(wet.path("freshDensityKgM3")).isEqualTo(recipe.path("freshDensityKgM3"));
    assertThat(wet.path("warnings").get(0).path("code").asString())
        .isEqualTo("recipe.waterExceeded");
    assertThat(recipe.path("warnings")).isEmpty();
  }

  @Test
  void whatCannotBePouredIsSaidWithTheWayToMendIt() {
    String about = "recipe-" + recipe.path("recipe").path("firstId").asLong();
    List<JsonNode> said =
        app.get("/api/missing")
            .valueStream()
            .filter(m -> m.path("code").asString().equals("missing.tooWet"))
            .toList();
    assertThat(said).isNotEmpty();
    assertThat(said.get(0).path("about").valueStream().map(JsonNode::asString)).contains(about);
    assertThat(said.get(0).path("message").asString()).contains("Dry it");
  }

  @Test
  void theNeedsOfTheWeeksAreKnownAllTheSame() {
    assertThat(app.plan().path("days")).isNotEmpty();
    assertThat(app.tryGet("/api/needs").status()).isEqualTo(200);
  }

  /** Cement that is said to be sand would leave its recipes without a binder. */
  @Test
  void whatARecipeIsMadeOfKeepsItsRole() {
    for (JsonNode stock : app.get("/api/materials")) {
      JsonNode material = stock.path("material");
      if (material.path("role").asString().equals("binder")) {
        Answer answer = change(material, Map.of("role", "aggregate", "cementPercent", 0));
        assertThat(answer.code()).as(material.toString()).isEqualTo("material.roleInUse");
        assertThat(answer.body().path("detail").asString())
            .contains(material.path("name").asString());
        return;
      }
    }
    throw new AssertionError("no binder in stock");
  }
}
