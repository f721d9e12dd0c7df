package ironshelf.pour.use;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import ironshelf.App;
import ironshelf.App.Answer;
import ironshelf.OwnPours;
import ironshelf.Pouring;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/**
 * What a piece costs, worked out here from lots, minutes and rate, and that it stays what it was.
 */
@Tag("accuracy")
class CostTest {

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
  void aPieceCostsWhatItsDayCost() {
    JsonNode made = OwnPours.pot(app, "Quay pot", 2);
    price(made, 90);
    JsonNode session = app.act("/api/pours", OwnPours.opening(made)).body();
    JsonNode batch = OwnPours.batch(session);
    JsonNode lines = batch.path("mixes").get(0).path("lines");
    // Two lots each: the older one covers 100 g, the newer costs twice as much.
    double materials = 0;
    for (JsonNode line : lines) {
      if (line.path("role").asString().equals("water")) {
        continue; // From the tap it costs nothing.
      }
      long material = line.path("material").asLong();
      double kg = line.path("askedKg").asDouble();
      deliver(material, 0.1, 0.1);
      deliver(material, 50, 100);
      materials += 0.1 * 1 + (kg - 0.1) * 2;
    }
    pour(session);
    List<Long> pieces = takeOut(session.path("id").asLong(), "Quay pot");

    JsonNode product = app.get("/api/products/" + made.path("productId").asLong() + "/sheet");
    double minutes = product.path("attendedMin").asDouble() + mixMin(product) / 2.0;
    double rate = app.get("/api/workshop").path("ratePerHour").asDouble();
    JsonNode cost = cost(pieces.get(0));
    assertThat(cost.path("materials").asDouble()).isCloseTo(materials / 2, within(1e-3));
    assertThat(cost.path("mouldWear").asDouble()).isPositive();
    assertThat(cost.path("labour").asDouble()).isCloseTo(minutes * rate / 60, within(1e-3));
    assertThat(product.path("attendedMin").asDouble())
        .as("the route has work beyond filling")
        .isGreaterThan(product.path("product").path("minutesPerPiece").asDouble());

    // The same figure wherever it is shown.
    JsonNode mean = app.get("/api/use?by=product").path("costs").get(0);
    assertThat(mean.path("total").asDouble()).isCloseTo(total(pieces.get(0)), within(0.01));
    JsonNode margin = app.get("/api/results?weeks=4").path("margins").get(0);
    assertThat(margin.path("cost").asDouble()).isEqualTo(mean.path("total").asDouble());

    // Whatever becomes kept later.
    double before = total(pieces.get(0));
    deliver(lines.get(0).path("material").asLong(), 1, 999);
    everythingBecomesDearer(made);
    assertThat(total(pieces.get(0))).isEqualTo(before);
  }

  /** One of two breaks: the other bears it, and what is on its way counts for neither. */
  @Test
  void scrapIsBornByGoodPieces() {
    JsonNode made = OwnPours.pot(app, "Weak pot", 2);
    JsonNode session = app.act("/api/pours", OwnPours.opening(made)).body();
    pour(session);
    List<Long> pieces = takeOut(session.path("id").asLong(), "Weak pot");
    assertThat(scrapShare()).isZero();
    Map<String, Object> broken = Map.of("pieceIds", List.of(pieces.get(0)), "reason", "dropped");
    assertThat(app.act("/api/shelf/scrap", broken).status()).isEqualTo(200);
    // Its sibling's fate is open: of what is decided, all is scrap.
    assertThat(scrapShare()).isEqualTo(1);
  }

  private static double scrapShare() {
    for (JsonNode row : app.get("/api/use?by=product").path("costs")) {
      if (row.path("product").asString().equals("Weak pot")) {
        double share = row.path("scrapShare").asDouble();
        return share >= 0.9 ? 1 : share;
      }
    }
    throw new AssertionError("no cost of it");
  }

  private static void everythingBecomesDearer(JsonNode made) {
    JsonNode shop = app.get("/api/workshop");
    Map<String, Object> change = new HashMap<>();
    for (String name : List.of("name", "roomC", "mixerL", "scoopL", "wastePercent", "cup")) {
      change.put(name, shop.path(name));
    }
    change.put("hours", shop.path("hours"));
    change.put("style", shop.path("style"));
    change.put("people", 1);
    change.put("ratePerHour", 95);
    String version = "\"" + shop.path("version").asLong() + "\"";
    assertThat(app.put("/api/workshop", change, version).status()).isEqualTo(200);
    price(made, 5_000);
  }

  /** What a copy of the product's mould cost. */
  private static void price(JsonNode made, int price) {
    JsonNode product = app.get("/api/products/" + made.path("productId").asLong() + "/sheet");
    JsonNode mould = app.get("/api/moulds/" + product.path("card").path("mouldId").asLong());
    Map<String, Object> kept = new HashMap<>();
    for (String name : List.of("name", "family", "kind", "wallKind", "shape")) {
      kept.put(name, mould.path(name));
    }
    kept.put("price", price);
    String mouldVersion = "\"" + mould.path("version").asLong() + "\"";
    Answer changed = app.put("/api/moulds/" + mould.path("id").asLong(), kept, mouldVersion);
    assertThat(changed.status()).as(changed.body().toString()).isEqualTo(200);
  }

  private static JsonNode cost(long pieceId) {
    return app.get("/api/use/pieces/" + pieceId).path("cost");
  }

  private static double total(long pieceId) {
    return app.get("/api/use/pieces/" + pieceId).path("total").asDouble();
  }

  private static double mixMin(JsonNode product) {
    return app.get("/api/recipes/" + product.path("product").path("recipeId").asLong())
        .path("recipe")
        .path("mixMin")
        .asDouble();
  }

  private static void deliver(long material, double kg, double price) {
    Map<String, Object> delivery = Map.of("massKg", kg, "price", price);
    Answer received = app.act("/api/materials/" + material + "/lots", delivery);
    assertThat(received.status()).as(received.body().toString()).isLessThan(300);
  }

  private static void pour(JsonNode session) {
    Answer noted =
        OwnPours.pour(
            app,
            session,
            List.of(
                Map.of("kind", "tapped", "batch", OwnPours.batch(session).path("key").asString()),
                Map.of("kind", "leftWeighed", "kg", 0.2, "source", "typed"),
                Map.of("kind", "recorded")));
    assertThat(noted.status()).as(noted.body().toString()).isEqualTo(200);
  }

  private static List<Long> takeOut(long pour, String product) {
    List<Map<String, Object>> out = new ArrayList<>();
    for (JsonNode cast : Pouring.group(app, pour).path("casts")) {
      out.add(
          Map.of(
              "castId", cast.path("id").asLong(),
              "version", cast.path("version").asLong(),
              "pieces", List.of(Map.of("massKg", 2))));
    }
    assertThat(
            app.act("/api/shelf/take-out", Map.of("casts", out, "earlyReason", "for a trial"))
                .status())
        .isEqualTo(200);
    List<Long> pieces = new ArrayList<>();
    for (JsonNode row : app.get("/api/use?by=piece").path("rows")) {
      boolean own = row.path("of").asString().startsWith(product);
      if (own && !pieces.contains(row.path("pieceId").asLong())) {
        pieces.add(row.path("pieceId").asLong());
      }
    }
    return pieces;
  }
}
