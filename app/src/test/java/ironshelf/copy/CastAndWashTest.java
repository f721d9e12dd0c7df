package ironshelf.copy;

import static org.assertj.core.api.Assertions.assertThat;

import ironshelf.App;
import ironshelf.App.Answer;
import ironshelf.Pouring;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** A copy through a cast: filled, emptied early, to be washed, washed, with what came of it. */
@ExtendWith(App.OfClass.class)
class CastAndWashTest {

  @Test
  void emptiedIsToBeWashedAndFillingWashes(App app) {
    JsonNode product = Pouring.product(app, "Hex tile");
    JsonNode mould = app.get("/api/moulds/" + Pouring.mouldId(product));
    JsonNode copy = mould.path("copies").get(0);
    long id = copy.path("id").asLong();
    assertThat(Pouring.into(product, 0, List.of(copy)).poured(app).status()).isEqualTo(200);
    JsonNode held = app.get("/api/copies/" + id);
    assertThat(held.path("copy").path("held").isMissingNode()).isFalse();
    assertThat(held.path("copy").path("washDue").asBoolean()).isFalse();

    JsonNode cast = held.path("copy").path("held");
    Map<String, Object> broken =
        Map.of(
            "castId", cast.path("id").asLong(),
            "version", cast.path("version").asLong(),
            "pieces", List.of(Map.of("scrapReason", "corner gone")));
    Answer early = app.act("/api/shelf/take-out", Map.of("casts", List.of(broken)));
    assertThat(early.code()).isEqualTo("cast.tooEarly");
    Answer out =
        app.act(
            "/api/shelf/take-out", Map.of("casts", List.of(broken), "earlyReason", "mould needed"));
    assertThat(out.status()).isEqualTo(200);

    JsonNode emptied = app.get("/api/copies/" + id);
    assertThat(emptied.path("copy").path("washDue").asBoolean()).isTrue();
    assertThat(emptied.path("copy").path("casts").asLong())
        .isEqualTo(copy.path("casts").asLong() + 1);
    JsonNode history = emptied.path("casts").get(0);
    assertThat(history.path("earlyReason").asString()).isEqualTo("mould needed");
    assertThat(history.path("pieces").get(0).path("scrapReason").asString())
        .isEqualTo("corner gone");
    // One bad cast of one, with no sibling to compare, is not called worse.
    assertThat(emptied.path("copy").path("defects").path("perHundred").asDouble()).isEqualTo(100);
    assertThat(emptied.path("copy").path("defects").path("worse").asBoolean()).isFalse();

    Answer washed = app.post("/api/copies/" + id + "/washed", "{}");
    assertThat(washed.body().path("copy").path("washDue").asBoolean()).isFalse();
  }

  @Test
  void aCopyToBeMendedIsNotFilled(App app) {
    JsonNode product = Pouring.product(app, "Ripple bowl");
    JsonNode mould = app.get("/api/moulds/" + Pouring.mouldId(product));
    for (JsonNode copy : mould.path("copies")) {
      if (copy.path("condition").asString().equals("mend")) {
        Answer refused = Pouring.into(product, 0, List.of(copy)).poured(app);
        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.code()).isEqualTo("copy.retired");
        assertThat(refused.body().path("detail").asString())
            .contains(copy.path("code").asString())
            .contains("mend");
      }
    }
  }

  @Test
  void whatIsLeftIsKeptAndNonsenseIsNot(App app) {
    JsonNode product = Pouring.product(app, "Lantern base");
    JsonNode mould = app.get("/api/moulds/" + Pouring.mouldId(product));
    JsonNode copy = mould.path("copies").get(1);
    Pouring pouring = Pouring.into(product, 0, List.of(copy));
    Map<String, Object> pour = pouring.pour(pouring.sheet(app), 1);
    pour.put("acceptShort", true);
    pour.put("leftKg", -1);
    Answer refused = app.act("/api/pours/recorded", pour);
    assertThat(refused.status()).isEqualTo(400);
    assertThat(refused.body().path("errors").get(0).path("field").asString()).isEqualTo("leftKg");
    pour.put("leftKg", 0.15);
    assertThat(app.act("/api/pours/recorded", pour).status()).isEqualTo(200);
    long recipe = product.path("recipe").path("id").asLong();
    JsonNode yield = app.get("/api/recipes/" + recipe + "/learned").path("yield");
    assertThat(yield.path("count").asInt()).isGreaterThanOrEqualTo(1);
    assertThat(yield.path("value").asDouble()).isBetween(0.9, 1.1);
  }
}
