package ironshelf.dispatch;

import static org.assertj.core.api.Assertions.assertThat;

import ironshelf.App;
import ironshelf.App.Answer;
import ironshelf.PdfText;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** What goes out and what comes back, on a demo that others change too. */
class DispatchTest {

  private static App app;

  @BeforeAll
  static void start() {
    app = App.busy();
  }

  /** In part, once for its key, with slip and labels; a return; and taken back. */
  @Test
  void aPartGoesAndComesBack() {
    JsonNode pick = app.get("/api/picks").get(0);
    assertThat(pick).as("the demo has something ready").isNotNull();
    long orderId = pick.path("orderId").asLong();
    JsonNode piece = pick.path("places").get(0).path("pieces").get(0);
    long pieceId = piece.path("pieceId").asLong();
    Map<String, Object> one = Map.of("carrier", "van", "pieceIds", List.of(pieceId));

    app.put("/api/stand-in/carrier", Map.of("failing", true), "\"0\"");
    Answer failed = app.act("/api/orders/" + orderId + "/dispatches", one);
    assertThat(failed.code()).isEqualTo("carrier.failed");
    assertThat(app.get("/api/orders/" + orderId + "/dispatches").size()).isZero();
    app.put("/api/stand-in/carrier", Map.of("failing", false), "\"0\"");

    JsonNode packed =
        app.post("/api/orders/" + orderId + "/packing", "{\"carrier\":\"van\"}").body();
    assertThat(packed.path("parcels").path("fewest").asBoolean()).isTrue();
    assertThat(packed.path("rates").size()).isPositive();

    String key = UUID.randomUUID().toString();
    JsonNode gone = app.act("/api/orders/" + orderId + "/dispatches", one, key).body();
    assertThat(app.act("/api/orders/" + orderId + "/dispatches", one, key).body()).isEqualTo(gone);
    assertThat(app.act("/api/orders/" + orderId + "/dispatches", one).code())
        .isEqualTo("piece.notReady");
    assertThat(gone.path("parcels").get(0).path("tracking").asString()).startsWith("SIM");
    String tracking = gone.path("parcels").get(0).path("tracking").asString();
    JsonNode tracked = app.get("/api/orders?search=" + tracking.toLowerCase(Locale.ROOT));
    assertThat(tracked.path("total").asInt()).isEqualTo(1);
    assertThat(tracked.path("items").get(0).path("id").asLong()).isEqualTo(orderId);
    assertThat(app.get("/api/orders/" + orderId).path("stage").asString()).isEqualTo("partSent");
    String slip = PdfText.of(app.file("/api/dispatches/" + gone.path("id").asLong() + "/slip.pdf"));
    assertThat(slip)
        .contains("Packing slip")
        .contains(pick.path("customer").asString())
        .contains(piece.path("product").asString())
        .contains(tracking);
    assertThat(PdfText.of(app.file("/api/dispatches/" + gone.path("id").asLong() + "/labels.pdf")))
        .contains(pick.path("customer").asString());

    Answer back =
        app.act(
            "/api/returns",
            Map.of("pieceId", pieceId, "reason", "chipped rim", "sound", false, "replaced", true));
    assertThat(back.status()).as("%s", back.body()).isEqualTo(204);
    assertThat(sent(orderId)).isZero();
    assertThat(
            app.act(
                    "/api/returns",
                    Map.of("pieceId", pieceId, "reason", "again", "sound", true, "replaced", true))
                .code())
        .isEqualTo("piece.notSent");
  }

  /** Four hands send the same piece at once: one does, the others are told before it is booked. */
  @Test
  void aPieceGoesOnce() throws InterruptedException, ExecutionException {
    JsonNode pick = app.get("/api/picks").get(0);
    long orderId = pick.path("orderId").asLong();
    long pieceId = pick.path("places").get(0).path("pieces").get(0).path("pieceId").asLong();
    Map<String, Object> one = Map.of("carrier", "van", "pieceIds", List.of(pieceId));
    ExecutorService hands = Executors.newFixedThreadPool(4);
    Callable<Answer> send = () -> app.act("/api/orders/" + orderId + "/dispatches", one);
    List<String> told = new ArrayList<>();
    for (Future<Answer> answer : hands.invokeAll(Collections.nCopies(4, send))) {
      told.add(answer.get().code());
    }
    hands.shutdown();
    assertThat(told)
        .containsExactlyInAnyOrder("", "piece.notReady", "piece.notReady", "piece.notReady");
    JsonNode gone = app.get("/api/orders/" + orderId + "/dispatches").get(0);
    assertThat(
            app.act("/api/dispatches/" + gone.path("id").asLong() + "/undone", Map.of()).status())
        .isEqualTo(200);
  }

  private static int sent(long orderId) {
    int sent = 0;
    for (JsonNode line : app.get("/api/orders/" + orderId).path("lines")) {
      sent += line.path("sent").asInt();
    }
    return sent;
  }

  @Test
  void parcelsByThemselves() {
    String body = "{\"pieces\":[{\"piece\":\"a\",\"massKg\":%s}],\"mostKg\":20}";
    assertThat(app.post("/api/calc/parcels", body.formatted("19")).body().path("parcels").size())
        .isEqualTo(1);
    for (String mass : List.of("21", "0", "-1", "\"x\"", "null", "1e9")) {
      assertThat(app.post("/api/calc/parcels", body.formatted(mass)).status())
          .as(mass)
          .isEqualTo(400);
    }
  }

  @Test
  void whatCameOfItHasATableBehindEachChart() {
    JsonNode results = app.get("/api/results?weeks=8");
    assertThat(results.path("moulds").size()).isPositive();
    assertThat(results.path("margins").size()).isPositive();
    for (JsonNode mould : results.path("moulds")) {
      assertThat(mould.path("idleShare").asDouble()).isBetween(0.0, 1.0);
    }
    for (String table : List.of("months", "moulds", "scrap", "margins")) {
      String csv = new String(app.file("/api/results/" + table + ".csv"), StandardCharsets.UTF_8);
      assertThat(csv.lines().findFirst().orElse("")).as(table).contains(",");
    }
    assertThat(app.tryGet("/api/results?weeks=0").status()).isEqualTo(400);
  }
}
