package ironshelf.shelf;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import ironshelf.App;
import ironshelf.App.Answer;
import ironshelf.Pouring;
import ironshelf.Shelf;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Pieces that are joined to one: a bowl that takes cups. */
@ExtendWith(App.OfClass.class)
class JoinTest {

  private static final String PART =
      "{\"steps\":[{\"step\":\"pour\"},{\"step\":\"set\"},{\"step\":\"demould\"},{\"step\":\"brush\"}]}";

  private static String whole(long part, int quantity) {
    return "{\"steps\":[{\"step\":\"pour\"},{\"step\":\"set\"},{\"step\":\"demould\"},"
        + "{\"step\":\"join\",\"attendedMin\":10,\"mixKg\":0.2,\"parts\":[{\"productId\":"
        + part
        + ",\"quantity\":"
        + quantity
        + "}]},{\"step\":\"brush\"},{\"step\":\"pack\"}]}";
  }

  private static double stockKg(App app, long material) {
    for (JsonNode one : app.get("/api/materials")) {
      if (one.path("material").path("id").asLong() == material) {
        return one.path("remainingKg").asDouble();
      }
    }
    throw new AssertionError("no material " + material);
  }

  /** Mix for the joint and rod for its middle: 0.2 kg of mix and 50 g of fibre for each bowl. */
  @Test
  void joiningTakesItsMixAndRodFromStock(App app) {
    Shelf shelf = new Shelf(app);
    long cup = id(app, "Lantern base");
    long rod = app.get("/api/materials").get(0).path("material").path("id").asLong();
    assertThat(route(app, "Lantern base", PART).status()).isEqualTo(200);
    String joining =
        whole(cup, 1)
            .replace(
                "\"mixKg\":0.2",
                "\"mixKg\":0.2,\"materials\":[{\"materialId\":" + rod + ",\"massKg\":0.05}]");
    assertThat(
            route(
                    app,
                    "Ripple bowl",
                    joining.replace("\"materialId\":" + rod, "\"materialId\":987"))
                .body()
                .toString())
        .contains("material.unknown");
    assertThat(route(app, "Ripple bowl", joining).status()).isEqualTo(200);
    List<Long> bowl = shelf.takeOut("Ripple bowl", 1);
    List<Long> cups = shelf.takeOut("Lantern base", 1);
    shelf.next(cups, "brush");
    double before = total(app);
    double rodBefore = stockKg(app, rod);
    double costBefore =
        app.get("/api/use/pieces/" + bowl.get(0)).path("cost").path("materials").asDouble();
    Answer joined = shelf.step(bowl, shelf.groupOf(bowl.get(0)));
    assertThat(joined.status()).as(joined.body().toString()).isEqualTo(200);
    assertThat(before - total(app)).isCloseTo(0.25, within(0.001));
    assertThat(rodBefore - stockKg(app, rod)).isGreaterThanOrEqualTo(0.0499);
    JsonNode use = app.get("/api/use/pieces/" + bowl.get(0));
    double kg = 0;
    for (JsonNode row : use.path("stepRows")) {
      kg += row.path("massKg").asDouble();
    }
    assertThat(kg).isCloseTo(0.25, within(0.001));
    assertThat(use.path("cost").path("materials").asDouble()).isGreaterThan(costBefore);
    long act = joined.body().path("actId").asLong();
    assertThat(app.act("/api/shelf/acts/" + act + "/undo", Map.of()).status()).isEqualTo(200);
    assertThat(total(app)).isCloseTo(before, within(1e-6));
    assertThat(app.get("/api/use/pieces/" + bowl.get(0)).path("stepRows")).isEmpty();
  }

  private static double total(App app) {
    double kg = 0;
    for (JsonNode one : app.get("/api/materials")) {
      kg += one.path("remainingKg").asDouble();
    }
    return kg;
  }

  private static long id(App app, String product) {
    return Pouring.product(app, product).path("product").path("id").asLong();
  }

  private static Answer route(App app, String product, String steps) {
    String path = "/api/products/" + id(app, product) + "/route";
    long seen = app.get(path).path("route").path("id").asLong();
    return app.put(path, new JsonMapper().readValue(steps, Map.class), "\"" + seen + "\"");
  }

  @Test
  void aBowlTakesTheOldestReadyCupsAndGivesThemBack(App app) {
    Shelf shelf = new Shelf(app);
    long cup = id(app, "Lantern base");
    assertThat(route(app, "Lantern base", PART).status()).isEqualTo(200);
    assertThat(route(app, "Ripple bowl", whole(cup, 2)).status()).isEqualTo(200);
    List<Long> bowl = shelf.takeOut("Ripple bowl", 1);
    JsonNode group = shelf.groupOf(bowl.get(0));
    assertThat(group.path("step").asString()).isEqualTo("join");
    JsonNode part = group.path("parts").get(0);
    assertThat(part.path("product").asString()).isEqualTo("Lantern base");
    assertThat(part.path("wanted").asInt()).isEqualTo(2);
    int before = part.path("ready").asInt();
    if (before < 2) {
      assertThat(shelf.step(bowl, group).code()).isEqualTo("join.partsMissing");
      assertThat(shelf.groupOf(bowl.get(0)).path("step").asString()).isEqualTo("join");
    }
    List<Long> cups = shelf.takeOut("Lantern base", 2);
    shelf.next(cups, "brush");
    double ownBefore = app.get("/api/use/pieces/" + bowl.get(0)).path("total").asDouble();
    Answer joined = shelf.step(bowl, shelf.groupOf(bowl.get(0)));
    assertThat(joined.status()).as(joined.body().toString()).isEqualTo(200);

    JsonNode use = app.get("/api/use/pieces/" + bowl.get(0));
    assertThat(use.path("parts")).hasSize(2);
    double parts = 0;
    for (JsonNode one : use.path("parts")) {
      parts += one.path("total").asDouble();
      JsonNode made = app.get("/api/use/pieces/" + one.path("pieceId").asLong());
      assertThat(made.path("piece").path("joinedInto").asLong()).isEqualTo(bowl.get(0));
      assertThat(made.path("total").asDouble())
          .isCloseTo(one.path("total").asDouble(), within(1e-9));
      assertThat(shelf.groupOf(one.path("pieceId").asLong())).as("off the shelf").isNull();
    }
    // Its own body, its parts, and 0.2 kg of mix.
    double joint = use.path("total").asDouble() - ownBefore - parts;
    assertThat(joint).isBetween(0.01, 1.0);

    // The bowl itself is told to have stood long enough: what is left are its cups, taken out
    // early.
    JsonNode torn =
        app.act(
                "/api/pieces/" + bowl.get(0) + "/causes",
                Map.of("defect", "torn", "told", Map.of("ageAtDemouldH", 200, "demouldAgeH", 10)))
            .body()
            .get(0);
    assertThat(torn.path("cause").asString()).isEqualTo("outEarly");
    assertThat(torn.path("part").path("product").asString()).isEqualTo("Lantern base");

    // What is a part goes nowhere by itself.
    long first = use.path("parts").get(0).path("pieceId").asLong();
    assertThat(
            app.act("/api/shelf/scrap", Map.of("pieceIds", List.of(first), "reason", "fell"))
                .code())
        .isEqualTo("piece.notSound");
    long act = joined.body().path("actId").asLong();
    assertThat(app.act("/api/shelf/acts/" + act + "/undo", Map.of()).status()).isEqualTo(200);
    assertThat(app.get("/api/use/pieces/" + bowl.get(0)).path("parts")).isEmpty();
    assertThat(shelf.groupOf(bowl.get(0)).path("parts").get(0).path("ready").asInt())
        .isEqualTo(before + 2);
  }

  @Test
  void whatWouldBePartOfItselfIsRefused(App app) {
    long tile = id(app, "Hex tile");
    long vase = id(app, "Reed vase");
    assertThat(route(app, "Hex tile", whole(tile, 1)).body().toString()).contains("parts.circle");
    assertThat(route(app, "Hex tile", whole(vase, 1)).status()).isEqualTo(200);
    Answer circle = route(app, "Reed vase", whole(tile, 1));
    assertThat(circle.status()).isEqualTo(400);
    assertThat(circle.body().toString()).contains("Hex tile").contains("part of itself");
    assertThat(route(app, "Hex tile", whole(987_654, 1)).body().toString())
        .contains("parts.unknown");
    assertThat(
            route(app, "Hex tile", whole(vase, 1).replace("\"join\"", "\"brush\""))
                .body()
                .toString())
        .contains("parts.noJoin");
  }
}
