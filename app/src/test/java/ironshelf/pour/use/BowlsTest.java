package ironshelf.pour.use;

import static org.assertj.core.api.Assertions.assertThat;

import ironshelf.App;
import ironshelf.App.Answer;
import ironshelf.OwnPours;
import ironshelf.Pouring;
import ironshelf.pour.PourReader;
import ironshelf.store.TableVersions;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** That bowls which are kept say, after every kind of act, what the books say. */
class BowlsTest {

  private static App app;

  @BeforeAll
  static void start() {
    app = App.empty();
  }

  @AfterAll
  static void stop() {
    app.close();
  }

  @Test
  void areKeptInStepWithTheBooks() {
    JsonNode made = OwnPours.pot(app, "Kept pot", 2);
    agree("a product");
    JsonNode session = app.act("/api/pours", OwnPours.opening(made)).body();
    long pour = session.path("id").asLong();
    String bowl = OwnPours.batch(session).path("key").asString();
    done(
        OwnPours.pour(
            app,
            session,
            List.of(
                Map.of("kind", "tapped", "batch", bowl),
                Map.of("kind", "leftWeighed", "kg", 0.2, "source", "typed"))));
    agree("a pour");
    assertThat(app.bean(Bowls.class).all()).hasSize(1);

    done(app.act("/api/shelf/take-out", takeOut(pour)));
    agree("weighed pieces");
    Bowl.Made weighed = only().made().values().iterator().next();
    assertThat(weighed.massKg()).isEqualTo(2);

    long material = only().taken().taken().get(0).materialId();
    String lots = "/api/materials/" + material + "/lots";
    done(app.act(lots, Map.of("massKg", 20, "price", 40)));
    agree("a delivery with a price");

    long piece = only().filled().get(0).pieceIds().get(0);
    done(app.act("/api/shelf/scrap", Map.of("pieceIds", List.of(piece), "reason", "fell")));
    agree("scrap");

    JsonNode again = app.act("/api/pours", OwnPours.opening(made)).body();
    done(OwnPours.pour(app, again, List.of()));
    agree("a second pour");
    assertThat(app.bean(Bowls.class).all()).hasSize(2);
    done(app.act("/api/pours/" + again.path("id").asLong() + "/undo", Map.of()));
    agree("a pour that was undone");
    assertThat(app.bean(Bowls.class).all()).hasSize(1);
  }

  private static Bowl only() {
    return app.bean(Bowls.class).all().get(0);
  }

  /** Against the same, read anew. */
  private static void agree(String after) {
    Bowls anew =
        new Bowls(app.bean(PourReader.class), app.bean(UseLedger.class), new TableVersions());
    assertThat(app.bean(Bowls.class).all()).as(after).isEqualTo(anew.all());
  }

  private static Map<String, Object> takeOut(long pour) {
    List<Map<String, Object>> out = new ArrayList<>();
    for (JsonNode cast : Pouring.group(app, pour).path("casts")) {
      out.add(
          Map.of(
              "castId", cast.path("id").asLong(),
              "version", cast.path("version").asLong(),
              "pieces", List.of(Map.of("massKg", 2))));
    }
    return Map.of("casts", out, "earlyReason", "for a trial");
  }

  private static void done(Answer answer) {
    assertThat(answer.status()).as(answer.body().toString()).isLessThan(300);
  }
}
