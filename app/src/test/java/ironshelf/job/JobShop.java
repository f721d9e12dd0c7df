package ironshelf.job;

import static org.assertj.core.api.Assertions.assertThat;

import ironshelf.App;
import ironshelf.App.Answer;
import ironshelf.Pouring;
import ironshelf.workshop.ShopClock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import tools.jackson.databind.JsonNode;

/**
 * A shop that was empty when it was opened, asked over HTTP as a browser asks, with a clock that
 * only its journey moves.
 */
final class JobShop {

  /** What is left of the fresh mass in a dry piece (docs/method/target-weights.md). */
  static final double RETENTION = 0.967;

  /** The lock of the shop that journeys share. */
  static final String SHARED = "JobShop";

  private static final class Shared {
    static final JobShop ONLY = new JobShop();
  }

  private final App app = App.empty();
  private final ShopClock clock = app.bean(ShopClock.class);
  private Instant now = clock.instant();

  /** One shop for all journeys: each makes what is its own. */
  static JobShop shared() {
    return Shared.ONLY;
  }

  /** Something done at the moment that it is in this shop. */
  <T> T at(Supplier<T> act) {
    List<T> done = new ArrayList<>();
    clock.during(
        now,
        () -> {
          done.add(act.get());
          // The next act is later than this one, however long it took.
          now = clock.instant().plusMillis(1);
        });
    return done.get(0);
  }

  Instant now() {
    return now;
  }

  void forward(Duration time) {
    now = now.plus(time);
  }

  JsonNode get(String path) {
    return at(() -> app.get(path));
  }

  /** An act that must be taken. */
  JsonNode act(String path, Object body) {
    Answer answer = at(() -> app.act(path, body));
    assertThat(answer.status()).as("%s: %s", path, answer.body()).isBetween(200, 204);
    return answer.body();
  }

  /** An act that must be refused; gives the code. */
  String refused(String path, Object body) {
    Answer answer = at(() -> app.act(path, body));
    assertThat(answer.status()).as("%s: %s", path, answer.body()).isGreaterThanOrEqualTo(400);
    return answer.code();
  }

  /** What a product would be, before it is kept. */
  JsonNode preview(Map<String, ?> product) {
    return act("/api/set-up/preview", product);
  }

  /** A product with mould, recipe, colour, copies and route, as the set-up makes it. */
  Job make(Map<String, ?> product, int ordered) {
    return order(act("/api/set-up/product", product), ordered);
  }

  /** What nobody orders by itself: it goes into something else. */
  Job part(Map<String, ?> product) {
    return new Job(this, act("/api/set-up/product", product), 0);
  }

  /** An order of something that this shop makes. */
  Job order(JsonNode made, int ordered) {
    LocalDate today = LocalDate.ofInstant(now, ZoneOffset.UTC);
    long product = made.path("fills").get(0).path("productId").asLong();
    Map<String, Object> buyer = Map.of("name", "Buyer of product " + product);
    long customer = act("/api/customers", buyer).path("id").asLong();
    JsonNode order =
        act(
            "/api/orders",
            Map.of(
                "customerId",
                customer,
                "placedOn",
                today.toString(),
                "due",
                today.plusDays(60).toString(),
                "lines",
                List.of(
                    Map.of(
                        "productId",
                        product,
                        "colourwayId",
                        made.path("colourwayId").asLong(),
                        "quantity",
                        ordered))));
    return new Job(this, made, order.path("id").asLong());
  }

  /** Gives a product a route of its own, each step as it is kept. */
  void route(JsonNode made, List<Map<String, Object>> steps) {
    String path =
        "/api/products/" + made.path("fills").get(0).path("productId").asLong() + "/route";
    long seen = get(path).path("route").path("id").asLong();
    put(path, Map.of("steps", steps), seen);
  }

  /** Keeps something over what was seen of it. */
  JsonNode put(String path, Object body, long seen) {
    Answer answer = at(() -> app.put(path, body, "\"" + seen + "\""));
    assertThat(answer.status()).as("%s: %s", path, answer.body()).isEqualTo(200);
    return answer.body();
  }

  /** A material of those that are shipped; the same one each time. */
  long material(String code) {
    return act("/api/starting-materials/" + code, Map.of()).path("id").asLong();
  }

  double stockKg(long material) {
    for (JsonNode stock : get("/api/materials")) {
      if (stock.path("material").path("id").asLong() == material) {
        return stock.path("remainingKg").asDouble();
      }
    }
    throw new AssertionError("no material " + material);
  }

  private static Map<String, Object> asked(
      JsonNode made, int fillNo, List<Long> copyIds, int layer) {
    long product = made.path("fills").get(fillNo).path("productId").asLong();
    Map<String, Object> asked = new HashMap<>();
    asked.put("fills", List.of(Map.of("productId", product, "copyIds", copyIds)));
    asked.put("colourwayId", made.path("colourwayId").asLong());
    asked.put("firstLayer", layer);
    return asked;
  }

  /** What would be weighed out for copies of a product. */
  JsonNode sheet(JsonNode made, int fillNo, List<Long> copyIds, int layer) {
    return act("/api/pours/sheet", asked(made, fillNo, copyIds, layer));
  }

  /** A pour into copies of a product, all as asked; gives its sheet. */
  JsonNode pour(JsonNode made, int fillNo, List<Long> copyIds, int layer, Long lineId) {
    JsonNode sheet = sheet(made, fillNo, copyIds, layer);
    Map<String, Object> fill = new HashMap<>();
    fill.put("productId", made.path("fills").get(fillNo).path("productId").asLong());
    fill.put("lineId", lineId);
    List<Map<String, Object>> copies = new ArrayList<>();
    for (JsonNode copy : sheet.path("fills").get(0).path("copies")) {
      JsonNode own = copy.path("copy");
      copies.add(Map.of("id", own.path("id").asLong(), "version", own.path("version").asLong()));
    }
    fill.put("copies", copies);
    Map<String, Object> pour = new HashMap<>(asked(made, fillNo, copyIds, layer));
    pour.put("fills", List.of(fill));
    pour.put("layers", Pouring.layers(sheet, 1));
    pour.put("acceptShort", true);
    act("/api/pours/recorded", pour);
    return sheet;
  }
}
