package ironshelf.shelf;

import static org.assertj.core.api.Assertions.assertThat;

import ironshelf.App;
import ironshelf.App.Answer;
import ironshelf.Shelf;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;
import org.junit.jupiter.api.parallel.ResourceLock;
import tools.jackson.databind.JsonNode;

/** A piece's way from its mould to ready, step by step. */
// Beside other classes; its own tests share an application and go one after the other.
@Execution(ExecutionMode.CONCURRENT)
@ResourceLock("StepsTest")
class StepsTest {

  private static App app;
  private static Shelf shelf;

  @BeforeAll
  static void start() {
    app = App.fresh();
    shelf = new Shelf(app);
  }

  @AfterAll
  static void stop() {
    app.close();
  }

  @Test
  void fromTheMouldToReady() {
    List<Long> pieces = shelf.takeOut("Tea-light cup", 2);
    JsonNode trim = shelf.groupOf(pieces.get(0));
    assertThat(trim.path("board").asString()).isEqualTo("wet");
    assertThat(trim.path("step").asString()).isEqualTo("trim");
    assertThat(trim.has("bestUntil")).as("green until").isTrue();
    assertThat(shelf.step(pieces, trim).status()).isEqualTo(200);

    JsonNode bath = shelf.groupOf(pieces.get(0));
    assertThat(bath.path("board").asString()).isEqualTo("bath");
    assertThat(bath.path("step").asString()).isEqualTo("rinse");
    Answer early = shelf.step(pieces, bath);
    assertThat(early.code()).isEqualTo("step.tooEarly");
    shelf.forward(24 * 60 + 1);
    assertThat(shelf.step(pieces, bath).status()).isEqualTo(200);
    assertThat(shelf.step(pieces, bath).code()).as("not twice").isEqualTo("step.notNext");

    JsonNode drying = shelf.groupOf(pieces.get(0));
    assertThat(drying.path("board").asString()).isEqualTo("drying");
    shelf.forward(7 * 24 * 60 + 1);
    assertThat(shelf.step(pieces, drying).status()).isEqualTo(200);
    JsonNode second = shelf.groupOf(pieces.get(0));
    assertThat(second.path("board").asString()).isEqualTo("coating");
    assertThat(second.path("round").asInt()).isEqualTo(2);
    assertThat(shelf.step(pieces, second).code()).as("15 minutes apart").isEqualTo("step.tooEarly");
    shelf.forward(15);
    assertThat(shelf.step(pieces, second).status()).isEqualTo(200);
    shelf.forward(24 * 60);
    assertThat(shelf.step(pieces, shelf.groupOf(pieces.get(0))).status())
        .as("inspected")
        .isEqualTo(200);
    assertThat(shelf.step(pieces, shelf.groupOf(pieces.get(0))).status())
        .as("packed")
        .isEqualTo(200);
    JsonNode ready = shelf.groupOf(pieces.get(0));
    assertThat(ready.path("board").asString()).isEqualTo("ready");
    assertThat(ready.has("step")).isFalse();
    assertThat(app.get("/api/pieces/" + pieces.get(0) + "/steps")).hasSize(7);
  }

  /** Three of a group broke; the rest go on. */
  @Test
  void aGroupIsSplitByDoingAStepToSomeOfIt() {
    List<Long> pieces = shelf.takeOut("Tea-light cup", 3);
    JsonNode group = shelf.groupOf(pieces.get(0));
    assertThat(shelf.step(pieces.subList(0, 2), group).status()).isEqualTo(200);
    assertThat(shelf.groupOf(pieces.get(0)).path("pieceIds")).hasSize(2);
    assertThat(shelf.groupOf(pieces.get(2)).path("pieceIds")).hasSize(1);
    Answer scrapped =
        app.act(
            "/api/shelf/scrap",
            Map.of("pieceIds", pieces.subList(2, 3), "reason", "fell off the board"));
    assertThat(scrapped.status()).isEqualTo(200);
    assertThat(shelf.groupOf(pieces.get(2))).isNull();
    assertThat(
            app.act("/api/shelf/scrap", Map.of("pieceIds", pieces.subList(2, 3), "reason", "again"))
                .code())
        .isEqualTo("piece.notSound");
    undo(scrapped.body().path("actId").asLong(), 200);
    assertThat(shelf.groupOf(pieces.get(2)).path("pieceIds")).hasSize(1);
  }

  @Test
  void whatWasDoneIsTakenBackUnlessSomethingCameAfter() {
    List<Long> pieces = shelf.takeOut("Tea-light cup", 1);
    JsonNode group = shelf.groupOf(pieces.get(0));
    long trimmed = shelf.step(pieces, group).body().path("actId").asLong();
    JsonNode acts = app.get("/api/shelf/acts");
    assertThat(acts.get(0).path("id").asLong()).isEqualTo(trimmed);
    long takenOut = acts.get(1).path("id").asLong();
    undo(takenOut, 409);
    undo(trimmed, 200);
    assertThat(shelf.groupOf(pieces.get(0)).path("step").asString()).isEqualTo("trim");
    undo(takenOut, 200);
    assertThat(shelf.groupOf(pieces.get(0))).isNull();
    undo(takenOut, 409);
  }

  @Test
  void anEarlyStepIsDoneWithItsReasonAndRemembersIt() {
    List<Long> pieces = shelf.takeOut("Tea-light cup", 1);
    shelf.step(pieces, shelf.groupOf(pieces.get(0)));
    JsonNode bath = shelf.groupOf(pieces.get(0));
    Map<String, Object> wanted = shelf.request(pieces, bath);
    wanted.put("earlyReason", "the bath is wanted for the gym");
    assertThat(app.act("/api/shelf/steps", wanted).status()).isEqualTo(200);
    JsonNode history = app.get("/api/pieces/" + pieces.get(0) + "/steps");
    assertThat(history.get(history.size() - 1).path("act").path("earlyReason").asString())
        .isEqualTo("the bath is wanted for the gym");
  }

  @Test
  void aFullBathSaysSo() {
    bathHolds(1);
    List<Long> pieces = shelf.takeOut("Tea-light cup", 2);
    JsonNode group = shelf.groupOf(pieces.get(0));
    assertThat(shelf.step(pieces, group).code()).isEqualTo("station.full");
    assertThat(group.path("warnings").toString())
        .as("told where the pieces stand, before anybody tries")
        .contains("station.noRoom")
        .contains("of 1 pieces");
    Map<String, Object> anyway = shelf.request(pieces, group);
    anyway.put("overfull", true);
    assertThat(app.act("/api/shelf/steps", anyway).status()).isEqualTo(200);
    bathHolds(60);
  }

  @Test
  void twoPeopleDoNotDoItTwice() {
    List<Long> pieces = shelf.takeOut("Tea-light cup", 2);
    JsonNode group = shelf.groupOf(pieces.get(0));
    List<CompletableFuture<Answer>> both =
        List.of(
            CompletableFuture.supplyAsync(() -> shelf.step(pieces, group)),
            CompletableFuture.supplyAsync(() -> shelf.step(pieces, group)));
    assertThat(both.stream().map(CompletableFuture::join).map(Answer::status))
        .containsExactlyInAnyOrder(200, 409);
  }

  @Test
  void timesThatCannotBeAreRefused() {
    List<Long> pieces = shelf.takeOut("Tea-light cup", 1);
    JsonNode group = shelf.groupOf(pieces.get(0));
    Map<String, Object> future = shelf.request(pieces, group);
    future.put("doneAt", Instant.parse(shelf.now()).plusSeconds(3_600).toString());
    assertThat(app.act("/api/shelf/steps", future).code()).isEqualTo("step.future");
    Map<String, Object> before = shelf.request(pieces, group);
    before.put("doneAt", Instant.parse(shelf.now()).minusSeconds(86_400).toString());
    assertThat(app.act("/api/shelf/steps", before).code()).isEqualTo("step.before");
    Map<String, Object> unknown = shelf.request(List.of(999_999L), group);
    assertThat(app.act("/api/shelf/steps", unknown).code()).isEqualTo("piece.notSound");
    assertThat(app.post("/api/shelf/steps", "{\"pieces\":[]}").status()).isEqualTo(400);
  }

  private static void bathHolds(int pieces) {
    for (JsonNode station : app.get("/api/stations")) {
      if (station.path("code").asString().equals("bath")) {
        Map<String, Object> to = Map.of("name", "Bath", "pieces", pieces);
        String version = "\"" + station.path("version").asLong() + "\"";
        assertThat(app.put("/api/stations/" + station.path("id").asLong(), to, version).status())
            .isEqualTo(200);
      }
    }
  }

  private static void undo(long actId, int status) {
    assertThat(app.act("/api/shelf/acts/" + actId + "/undo", Map.of()).status()).isEqualTo(status);
  }
}
