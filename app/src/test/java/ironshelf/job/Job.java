package ironshelf.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import tools.jackson.databind.JsonNode;

/** An order of one own product, on its way from the mould to the carrier. */
final class Job {

  /** More than any route has steps, rounds among them. */
  private static final int MOST_STEPS = 60;

  private final JobShop shop;
  private final JsonNode made;
  private final long orderId;
  private final List<String> steps = new ArrayList<>();

  Job(JobShop shop, JsonNode made, long orderId) {
    this.shop = shop;
    this.made = made;
    this.orderId = orderId;
  }

  JsonNode made() {
    return made;
  }

  JsonNode order() {
    return shop.get("/api/orders/" + orderId);
  }

  JsonNode line() {
    return order().path("lines").get(0);
  }

  /** What was done to its pieces, in order, each step once for all of its rounds. */
  List<String> steps() {
    return steps;
  }

  List<Long> copies(int fillNo) {
    List<Long> ids = new ArrayList<>();
    made.path("fills").get(fillNo).path("copyIds").forEach(id -> ids.add(id.asLong()));
    return ids;
  }

  /** Pours all copies of its mould for its line. */
  JsonNode pour() {
    return pourLayer(0);
  }

  JsonNode pourLayer(int layer) {
    return shop.pour(made, 0, copies(0), layer, line().path("id").asLong());
  }

  /** What of it stands on the shelf now, moulds or pieces. */
  JsonNode group() {
    long product = made.path("fills").get(0).path("productId").asLong();
    for (JsonNode group : shop.get("/api/shelf").path("groups")) {
      if (group.path("productId").asLong() == product) {
        return group;
      }
    }
    return null;
  }

  /** Waits until what stands may go on. */
  JsonNode due() {
    JsonNode group = group();
    assertThat(group).as("something of it stands on the shelf").isNotNull();
    for (String at : List.of("gateAt", "usuallyAt")) {
      if (group.has(at)) {
        Instant gate = Instant.parse(group.path(at).asString());
        if (gate.isAfter(shop.now())) {
          shop.forward(Duration.between(shop.now(), gate).plusMinutes(1));
        }
        return group();
      }
    }
    return group;
  }

  /** Waits for it, and takes it out; each piece weighs this. */
  List<Long> takeOut(double massKg) {
    JsonNode group = due();
    List<Map<String, Object>> casts = new ArrayList<>();
    for (JsonNode cast : group.path("casts")) {
      casts.add(
          Map.of(
              "castId",
              cast.path("id").asLong(),
              "version",
              cast.path("version").asLong(),
              "pieces",
              List.of(Map.of("massKg", massKg))));
    }
    shop.act("/api/shelf/take-out", Map.of("casts", casts, "touch", "fine"));
    List<Long> pieces = new ArrayList<>();
    group().path("pieceIds").forEach(id -> pieces.add(id.asLong()));
    return pieces;
  }

  /** Does what comes next, when it is time, until nothing is left to do. */
  void finish() {
    finishUntil("");
    assertThat(isReady()).as("all is done that is on its way").isTrue();
  }

  /** The same, but no further than before the first step of that code. */
  void finishUntil(String code) {
    for (int i = 0; i < MOST_STEPS && !isReady(); i++) {
      if (group().path("step").asString().equals(code)) {
        return;
      }
      JsonNode group = due();
      String step = group.path("step").asString();
      if (steps.isEmpty() || !steps.get(steps.size() - 1).equals(step)) {
        steps.add(step);
      }
      Map<String, Object> request = new HashMap<>();
      List<Map<String, Object>> pieces = new ArrayList<>();
      group.path("pieceIds").forEach(id -> pieces.add(Map.of("id", id.asLong())));
      request.put("pieces", pieces);
      request.put("stepNo", group.path("stepNo").asInt());
      request.put("round", group.path("round").asInt());
      request.put("overfull", true);
      if (step.equals("inspect")) {
        request.put("grade", "first");
      }
      shop.act("/api/shelf/steps", request);
    }
  }

  private boolean isReady() {
    return group().path("board").asString().equals("ready");
  }

  /** Packs all that is ready; gives the dispatch. */
  JsonNode sendReady() {
    return shop.act("/api/orders/" + orderId + "/dispatches", Map.of("carrier", "collected"));
  }

  /** The same, after which the whole order has been sent. */
  JsonNode send() {
    JsonNode sent = sendReady();
    assertThat(order().path("stage").asString()).isEqualTo("sent");
    return sent;
  }
}
