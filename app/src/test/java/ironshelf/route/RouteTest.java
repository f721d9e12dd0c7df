package ironshelf.route;

import static org.assertj.core.api.Assertions.assertThat;

import ironshelf.App;
import ironshelf.App.Answer;
import ironshelf.Pouring;
import ironshelf.Shelf;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Products' routes over HTTP. */
@ExtendWith(App.OfClass.class)
class RouteTest {

  private static final String QUICK =
      """
      {"steps":[{"step":"pour"},{"step":"set"},{"step":"demould","attendedMin":3},
      {"step":"bath","waitH":24,"wetting":"misted"},{"step":"dry","waitH":24},
      {"step":"seal","attendedMin":2,"times":3,"gapMin":15},{"step":"rest","waitH":24},
      {"step":"pack","attendedMin":3}]}""";

  @Test
  void aChangedRouteIsForTheNextPieces(App app) {
    String path = "/api/products/" + id(app, "Lantern base") + "/route";
    JsonNode before = app.get(path);
    assertThat(before.path("line").get(0).path("step").asString()).isEqualTo("demould");
    List<Long> old = new Shelf(app).takeOut("Lantern base", 1);
    Answer changed = put(app, path, QUICK, before.path("route").path("id").asLong());
    assertThat(changed.status()).as(changed.body().toString()).isEqualTo(200);
    assertThat(put(app, path, QUICK, before.path("route").path("id").asLong()).status())
        .as("seen before it was changed")
        .isEqualTo(412);
    JsonNode piece = new Shelf(app).groupOf(old.get(0));
    assertThat(piece.path("step").asString()).as("keeps its own").isEqualTo("trim");
    List<Long> next = new Shelf(app).takeOut("Lantern base", 1);
    assertThat(new Shelf(app).groupOf(next.get(0)).path("step").asString()).isEqualTo("seal");
  }

  @Test
  void impossibleRoutesAreRefusedWithTheReason(App app) {
    Answer wet = app.post("/api/calc/route", QUICK.replace("{\"step\":\"dry\",\"waitH\":24},", ""));
    assertThat(wet.status()).isEqualTo(400);
    assertThat(wet.body().toString()).contains("water still leaving lifts the film");
    assertThat(
            app.post(
                    "/api/calc/route",
                    "{\"steps\":[{\"step\":\"pour\"},{\"step\":\"set\"},{\"step\":\"seal\"},"
                        + "{\"step\":\"demould\"}]}")
                .body()
                .toString())
        .contains("still in the mould");
    String path = "/api/products/" + id(app, "Hex tile") + "/route";
    long seen = app.get(path).path("route").path("id").asLong();
    Answer moon =
        put(
            app,
            path,
            QUICK.replace(
                "\"waitH\":24,\"wetting\"", "\"station\":\"moon\",\"waitH\":24,\"wetting\""),
            seen);
    assertThat(moon.status()).isEqualTo(400);
    assertThat(moon.body().toString()).contains("station.unknown");
    for (String nonsense :
        List.of(
            "{}",
            "{\"steps\":[]}",
            "{\"steps\":[null]}",
            "{\"steps\":[{\"step\":\"fly\"}]}",
            "{\"steps\":7}")) {
      assertThat(app.post("/api/calc/route", nonsense).status()).as(nonsense).isEqualTo(400);
    }
  }

  @Test
  void everyStartingRouteHasALine(App app) {
    JsonNode all = app.get("/api/starting-routes");
    assertThat(all.size()).isGreaterThanOrEqualTo(8);
    for (JsonNode starting : all) {
      String steps = "{\"steps\":" + starting.path("steps") + "}";
      assertThat(app.post("/api/calc/route", steps).status())
          .as(starting.path("name").asString())
          .isEqualTo(200);
    }
  }

  private static long id(App app, String product) {
    return Pouring.product(app, product).path("product").path("id").asLong();
  }

  private static Answer put(App app, String path, String body, long seen) {
    return app.put(
        path,
        new tools.jackson.databind.json.JsonMapper().readValue(body, Map.class),
        "\"" + seen + "\"");
  }
}
