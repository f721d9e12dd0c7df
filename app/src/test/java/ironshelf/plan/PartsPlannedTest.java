package ironshelf.plan;

import static org.assertj.core.api.Assertions.assertThat;

import ironshelf.App;
import ironshelf.Pouring;
import ironshelf.Shelf;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** An order for what is made of parts goes through them: plan, needs, promise and allotment. */
@ExtendWith(App.OfClass.class)
class PartsPlannedTest {

  private static final String CUP = "Lantern base";
  private static final String BOWL = "Ripple bowl";

  private static void route(App app, String product, String steps) {
    String path =
        "/api/products/"
            + Pouring.product(app, product).path("product").path("id").asLong()
            + "/route";
    long seen = app.get(path).path("route").path("id").asLong();
    assertThat(
            app.put(path, new JsonMapper().readValue(steps, Map.class), "\"" + seen + "\"")
                .status())
        .isEqualTo(200);
  }

  private static String joining(long part, int quantity) {
    return "{\"steps\":[{\"step\":\"pour\"},{\"step\":\"set\"},{\"step\":\"demould\"},"
        + "{\"step\":\"join\",\"attendedMin\":10,\"parts\":[{\"productId\":"
        + part
        + ",\"quantity\":"
        + quantity
        + "}]},{\"step\":\"brush\"},{\"step\":\"pack\"}]}";
  }

  private static long id(App app, String product) {
    return Pouring.product(app, product).path("product").path("id").asLong();
  }

  private static List<JsonNode> casts(App app, String product, String order) {
    List<JsonNode> own = new ArrayList<>();
    for (JsonNode cast : app.plan().path("casts")) {
      if (cast.path("product").asString().equals(product)
          && cast.path("order").asString().equals(order)) {
        own.add(cast);
      }
    }
    return own;
  }

  /** Cups that are to be poured for bowls. */
  private static int parts(App app) {
    int pieces = 0;
    for (JsonNode cast : app.plan().path("casts")) {
      boolean part = cast.path("product").asString().equals(CUP);
      pieces += part && cast.path("lineId").asLong() == 0 ? cast.path("pieces").asInt() : 0;
    }
    return pieces;
  }

  private static long colourway(App app, String product) {
    return Pouring.product(app, product).path("colourways").get(0).path("id").asLong();
  }

  private static JsonNode order(App app, String product, int quantity, LocalDate due) {
    Map<String, Object> line =
        Map.of(
            "productId",
            id(app, product),
            "colourwayId",
            colourway(app, product),
            "quantity",
            quantity,
            "price",
            120);
    long customer =
        app.act("/api/customers", Map.of("name", "House of " + product)).body().path("id").asLong();
    return app.act(
            "/api/orders",
            Map.of("customerId", customer, "due", due.toString(), "lines", List.of(line)))
        .body();
  }

  @Test
  void partsArePouredBeforeTheyAreJoinedAndNobodyElseGetsThem(App app) {
    route(
        app,
        CUP,
        "{\"steps\":[{\"step\":\"pour\"},{\"step\":\"set\"},{\"step\":\"demould\"},"
            + "{\"step\":\"brush\"}]}");
    route(app, BOWL, joining(id(app, CUP), 3));
    LocalDate due =
        LocalDate.parse(app.get("/api/shelf").path("now").asString().substring(0, 10)).plusDays(60);
    JsonNode placed = order(app, BOWL, 2, due);
    String number = placed.path("number").asString();
    assertThat(number).as(placed.toString()).isNotEmpty();
    app.post("/api/plan/run", "{\"seconds\":0}");
    List<JsonNode> bowls = casts(app, BOWL, number);
    List<JsonNode> cups = casts(app, CUP, number);
    assertThat(bowls.stream().mapToInt(c -> c.path("pieces").asInt()).sum()).isEqualTo(2);
    assertThat(cups.stream().mapToInt(c -> c.path("pieces").asInt()).sum()).isEqualTo(6);
    // Poured on its own, a part is tied to nobody's line.
    assertThat(cups).allMatch(c -> c.path("lineId").asLong() == 0);
    LocalDateTime last =
        cups.stream()
            .map(c -> LocalDateTime.parse(c.path("readyAt").asString()))
            .max(LocalDateTime::compareTo)
            .orElseThrow();
    assertThat(bowls)
        .anyMatch(c -> LocalDateTime.parse(c.path("readyAt").asString()).isAfter(last));

    // Two spare ones are used, by whoever is due first.
    int before = parts(app);
    Shelf shelf = new Shelf(app);
    List<Long> spare = shelf.takeOut(CUP, 2);
    shelf.next(spare, "brush");
    app.post("/api/plan/run", "{\"seconds\":0}");
    assertThat(parts(app)).isEqualTo(before - 2);

    // What an order of its own has is no spare part any more.
    JsonNode own = order(app, CUP, 2, due);
    app.act("/api/orders/" + own.path("id").asLong() + "/allotments", Map.of());
    app.post("/api/plan/run", "{\"seconds\":0}");
    assertThat(parts(app)).isEqualTo(before);
    List<Long> bowl = shelf.takeOut(BOWL, 1);
    JsonNode group = shelf.groupOf(bowl.get(0));
    assertThat(group.path("parts").get(0).path("ready").asInt()).isZero();
    assertThat(shelf.step(bowl, group).code()).isEqualTo("join.partsMissing");
  }
}
