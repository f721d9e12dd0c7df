package ironshelf.shelf;

import static org.assertj.core.api.Assertions.assertThat;

import ironshelf.App;
import ironshelf.App.Answer;
import ironshelf.Pouring;
import ironshelf.Shelf;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;
import org.junit.jupiter.api.parallel.ResourceLock;
import tools.jackson.databind.JsonNode;

/** Steps that a shop makes its own, in the mould and out of it. */
// Beside other classes; its own tests share an application and go one after the other.
@Execution(ExecutionMode.CONCURRENT)
@ResourceLock("OwnStepsTest")
class OwnStepsTest {

  /** A board: letters pressed in half an hour after the pour, polished on two days. */
  private static final String BOARD =
      """
      {"steps":[{"step":"pour"},{"step":"rest","waitH":0.5},
      {"step":"stamp","attendedMin":10,"bestH":0.5},{"step":"set"},
      {"step":"demould","attendedMin":3},
      {"step":"polish","attendedMin":6,"times":2,"gapMin":1440},
      {"step":"drill","attendedMin":2},{"step":"pack","attendedMin":3}]}""";

  private static App app;
  private static Shelf shelf;

  @BeforeAll
  static void start() {
    app = App.fresh();
    shelf = new Shelf(app);
    Answer own =
        app.post(
            "/api/step-kinds",
            "{\"todo\":\"polish\",\"done\":\"polished\",\"waits\":false,\"effects\":[\"cuts\"]}");
    assertThat(own.status()).as(own.body().toString()).isEqualTo(201);
    assertThat(own.body().path("code").asString()).isEqualTo("polish");
  }

  @AfterAll
  static void stop() {
    app.close();
  }

  private static void give(String product, String route) {
    String path =
        "/api/products/"
            + Pouring.product(app, product).path("product").path("id").asLong()
            + "/route";
    Answer kept =
        app.put(
            path,
            new tools.jackson.databind.json.JsonMapper().readValue(route, Map.class),
            "\"" + app.get(path).path("route").path("id").asLong() + "\"");
    assertThat(kept.status()).as(kept.body().toString()).isEqualTo(200);
  }

  private static JsonNode poured(String product) {
    return Pouring.group(app, Pouring.of(app, product, 1).poured(app).body().path("id").asLong());
  }

  private static Answer takeOut(JsonNode group, String reason) {
    JsonNode cast = group.path("casts").get(0);
    return app.act(
        "/api/shelf/take-out",
        Map.of(
            "casts",
            List.of(
                Map.of(
                    "castId", cast.path("id").asLong(),
                    "version", cast.path("version").asLong(),
                    "pieces", List.of(Map.of()))),
            "earlyReason",
            reason));
  }

  private static List<Long> pieces(JsonNode group) {
    List<Long> ids = new ArrayList<>();
    group.path("pieceIds").forEach(id -> ids.add(id.asLong()));
    return ids;
  }

  @Test
  void aBoardIsStampedInItsMouldAndPolishedTwice() {
    give("Ripple bowl", BOARD);
    JsonNode wet = poured("Ripple bowl");
    assertThat(wet.path("step").asString()).isEqualTo("stamp");
    assertThat(wet.path("kind").path("todo").asString()).isEqualTo("stamp letters");
    List<Long> board = pieces(wet);
    assertThat(board).hasSize(1);
    assertThat(shelf.step(board, wet).code()).as("runny still").isEqualTo("step.tooEarly");
    shelf.forward(31);
    assertThat(shelf.step(board, wet).status()).isEqualTo(200);
    JsonNode stamped = shelfGroup(wet.path("casts").get(0).path("id").asLong());
    assertThat(stamped.path("step").asString()).isEqualTo("demould");
    assertThat(
            app.act(
                    "/api/shelf/steps",
                    Map.of(
                        "pieces",
                        List.of(Map.of("id", board.get(0))),
                        "stepNo",
                        stamped.path("stepNo").asInt(),
                        "round",
                        1))
                .code())
        .as("taking out frees a copy, and has its own door")
        .isEqualTo("step.takeOut");
    shelf.forward(48 * 60);
    assertThat(takeOut(stamped, "for the test").status()).isEqualTo(200);
    shelf.next(board, "polish");
    JsonNode again = shelf.groupOf(board.get(0));
    assertThat(again.path("step").asString() + again.path("round")).isEqualTo("polish2");
    shelf.next(board, "polish");
    shelf.next(board, "drill");
    assertThat(history(board.get(0)))
        .containsExactly("stamp", "demould", "polish", "polish", "drill");
    JsonNode kinds = app.get("/api/step-kinds");
    assertThat(kinds.get(kinds.size() - 1).path("used").asBoolean()).isTrue();
  }

  @Test
  void whatWasNotDoneInTheMouldIsLeftOutWithItsReason() {
    give("Lantern base", BOARD);
    JsonNode wet = poured("Lantern base");
    List<Long> board = pieces(wet);
    shelf.forward(60);
    Map<String, Object> left = shelf.request(board, wet);
    left.put("leftOut", true);
    assertThat(app.act("/api/shelf/steps", left).status()).as("it wants its reason").isEqualTo(400);
    left.put("earlyReason", "it had gone hard");
    assertThat(app.act("/api/shelf/steps", left).status()).isEqualTo(200);
    JsonNode act = app.get("/api/shelf/acts").get(0);
    assertThat(act.path("leftOut").asBoolean()).isTrue();
    shelf.forward(48 * 60);
    JsonNode group = shelfGroup(wet.path("casts").get(0).path("id").asLong());
    assertThat(takeOut(group, "for the test").status()).isEqualTo(200);
    shelf.next(board, "polish");
    shelf.next(board, "polish");
    shelf.next(board, "drill");
    Map<String, Object> unpacked = shelf.request(board, shelf.groupOf(board.get(0)));
    unpacked.put("leftOut", true);
    unpacked.put("earlyReason", "no box");
    assertThat(app.act("/api/shelf/steps", unpacked).code()).isEqualTo("step.needed");
  }

  @Test
  void takingOutBeforeItIsStampedSaysSo() {
    give("Lantern base", BOARD);
    JsonNode wet = poured("Lantern base");
    shelf.forward(48 * 60);
    JsonNode cast = wet.path("casts").get(0);
    Map<String, Object> out =
        Map.of(
            "casts",
            List.of(
                Map.of(
                    "castId", cast.path("id").asLong(),
                    "version", cast.path("version").asLong(),
                    "pieces", List.of(Map.of()))));
    assertThat(app.act("/api/shelf/take-out", out).code()).isEqualTo("cast.stepMissing");
    assertThat(takeOut(wet, "no letters wanted").status()).isEqualTo(200);
  }

  @Test
  void aKindOfStepThatIsKnownOrCannotBeIsRefused() {
    assertThat(own("Polish", "rubbed", "[]").code()).isEqualTo("name.taken");
    assertThat(own("", "rubbed", "[]").status()).isEqualTo(400);
    assertThat(own("varnish wet", "varnished", "[\"coats\",\"wets\"]").status()).isEqualTo(400);
    assertThat(own("fly", "flown", "[\"flies\"]").status()).isEqualTo(400);
    Answer odd = own("\u00d6len \u2013 zweimal", "ge\u00f6lt", "[\"coats\"]");
    assertThat(odd.status()).isEqualTo(201);
    assertThat(odd.body().path("code").asString()).isEqualTo("olen-zweimal");
    Answer other = own("Olen, zweimal", "oiled", "[]");
    assertThat(other.body().path("code").asString()).isEqualTo("olen-zweimal-2");
    Answer said =
        app.put(
            "/api/step-kinds/" + odd.body().path("id").asLong(),
            Map.of("todo", "oil", "done", "oiled"),
            "\"" + odd.body().path("version").asLong() + "\"");
    assertThat(said.body().path("todo").asString()).isEqualTo("oil");
    assertThat(said.body().path("effects").toString()).contains("coats");
  }

  private static Answer own(String todo, String done, String effects) {
    return app.post(
        "/api/step-kinds",
        "{\"todo\":\""
            + todo
            + "\",\"done\":\""
            + done
            + "\",\"waits\":false,\"effects\":"
            + effects
            + "}");
  }

  private static List<String> history(long pieceId) {
    List<String> steps = new ArrayList<>();
    app.get("/api/pieces/" + pieceId + "/steps")
        .forEach(s -> steps.add(s.path("act").path("step").asString()));
    return steps;
  }

  private static JsonNode shelfGroup(long castId) {
    for (JsonNode group : app.get("/api/shelf").path("groups")) {
      for (JsonNode cast : group.path("casts")) {
        if (cast.path("id").asLong() == castId) {
          return group;
        }
      }
    }
    throw new AssertionError("cast " + castId + " is not in its mould");
  }
}
