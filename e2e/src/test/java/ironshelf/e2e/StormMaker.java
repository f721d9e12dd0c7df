package ironshelf.e2e;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Works through one day after the other, from a new product to a return, whatever becomes of the
 * server: what is not answered is pressed again with its key until it is.
 */
final class StormMaker implements Runnable {

  /** The kind of what is noted at the bench. */
  static final String FACT = "fact";

  /** What is the same however often it is asked for, or does no harm twice. */
  private static final Set<String> WITHOUT_KEY = Set.of("customer", "material", "allot");

  private static final JsonMapper JSON = new JsonMapper();

  /** No server can be up again sooner. */
  private static final long AGAIN_MS = 400;

  private final HttpClient http = HttpClient.newHttpClient();
  private final int port;
  private final StormBook book;

  StormMaker(int port, StormBook book) {
    this.port = port;
    this.book = book;
  }

  @Override
  public void run() {
    try {
      while (true) {
        day();
      }
    } catch (InterruptedException over) {
      Thread.currentThread().interrupt();
    } catch (RuntimeException e) {
      book.unexpected("a maker gave up: " + e);
    }
  }

  private void day() throws InterruptedException {
    String name = UUID.randomUUID().toString().substring(0, 18);
    JsonNode made =
        act(
            "first-product",
            "/api/set-up/product",
            Map.of("shape", "pot", "mix", "sand-cement", "name", "P " + name, "copies", 2));
    deliver(name);
    long product = made.path("fills").get(0).path("productId").asLong();
    long colour = made.path("colourwayId").asLong();
    JsonNode customer =
        act("customer", "/api/customers", Map.of("name", "C " + name, "address", "Quay 1"));
    JsonNode order =
        act(
            "order",
            "/api/orders",
            Map.of(
                "customerId", customer.path("id").asLong(),
                "due", LocalDate.now(ZoneOffset.UTC).plusDays(60).toString(),
                "lines",
                    List.of(Map.of("productId", product, "colourwayId", colour, "quantity", 1))));
    List<Long> pieces = pour(made, product, colour);
    long kept = pieces.get(0);
    act("scrap", "/api/shelf/scrap", Map.of("pieceIds", pieces.subList(1, 2), "reason", "fell"));
    finish(kept);
    long line = order.path("lines").get(0).path("id").asLong();
    act("allot", "/api/order-lines/" + line + "/allotments", Map.of("pieceIds", List.of(kept)));
    String carrier = get("/api/carriers").path(0).path("code").asString();
    act(
        "dispatch",
        "/api/orders/" + order.path("id").asLong() + "/dispatches",
        Map.of("pieceIds", List.of(kept), "carrier", carrier));
    act(
        "return",
        "/api/returns",
        Map.of("pieceId", kept, "reason", "chipped", "sound", false, "replaced", false));
  }

  /** A lot comes, is counted, and some of it is spilt. */
  private void deliver(String code) throws InterruptedException {
    long material =
        act("material", "/api/starting-materials/rapid-cement", Map.of()).path("id").asLong();
    JsonNode stock =
        act("receive", "/api/materials/" + material + "/lots", Map.of("code", code, "massKg", 20));
    for (JsonNode each : stock) {
      for (JsonNode lot : each.path("lots")) {
        if (lot.path("code").asString().equals(code)) {
          String at = "/api/lots/" + lot.path("id").asLong();
          act("count", at + "/count", Map.of("massKg", 18.5, "reason", "scale"));
          act("waste", at + "/waste", Map.of("massKg", 0.5, "reason", "spilt"));
        }
      }
    }
  }

  /** Both copies, fact by fact, and out again at once; gives the pieces. */
  private List<Long> pour(JsonNode made, long product, long colour) throws InterruptedException {
    List<Long> copies = new ArrayList<>();
    made.path("fills").get(0).path("copyIds").forEach(c -> copies.add(c.asLong()));
    JsonNode session =
        act(
            "pour-open",
            "/api/pours",
            Map.of(
                "fills",
                List.of(Map.of("productId", product, "copyIds", copies)),
                "colourwayId",
                colour));
    long pour = session.path("id").asLong();
    JsonNode batch = session.path("meant").path("sheet").path("batches").get(0);
    String mix = batch.path("mixes").get(0).path("key").asString();
    note(pour, Map.of("kind", "asAsked", "mix", mix));
    note(pour, Map.of("kind", "wetted", "mix", mix));
    String bowl = batch.path("key").asString();
    for (JsonNode portion : batch.path("portions")) {
      String copy = portion.path("copy").asString();
      note(pour, Map.of("kind", "filled", "copy", copy, "batch", bowl, "all", true));
    }
    note(pour, Map.of("kind", "tapped", "batch", bowl));
    note(pour, Map.of("kind", "leftWeighed", "kg", 0.05, "source", "scale"));
    note(pour, Map.of("kind", "recorded"));
    List<Map<String, Object>> out = new ArrayList<>();
    for (JsonNode cast : group("pour-" + pour + "-").path("casts")) {
      out.add(
          Map.of(
              "castId", cast.path("id").asLong(),
              "version", cast.path("version").asLong(),
              "pieces", List.of(Map.of("massKg", 1.2))));
    }
    act("take-out", "/api/shelf/take-out", Map.of("casts", out, "earlyReason", "a storm"));
    List<Long> pieces = new ArrayList<>();
    group("out-" + pour + "-").path("pieceIds").forEach(id -> pieces.add(id.asLong()));
    return pieces;
  }

  /** Whatever comes next, the first of it taken back and done again, until it is ready. */
  private void finish(long piece) throws InterruptedException {
    boolean undone = false;
    while (true) {
      JsonNode group = groupOf(piece);
      if (group.path("step").isMissingNode()) {
        return;
      }
      JsonNode done;
      if (group.path("step").asString().equals("inspect")) {
        act(
            "inspect",
            "/api/pieces/" + piece + "/inspections",
            Map.of("grade", "first", "earlyReason", "a storm"));
        continue;
      }
      done =
          act(
              "step",
              "/api/shelf/steps",
              Map.of(
                  "pieces", List.of(Map.of("id", piece)),
                  "stepNo", group.path("stepNo").asInt(),
                  "round", group.path("round").asInt(),
                  "earlyReason", "a storm",
                  "overfull", true));
      if (!undone) {
        undone = true;
        act("undo-step", "/api/shelf/acts/" + done.path("actId").asLong() + "/undo", Map.of());
      }
    }
  }

  private JsonNode group(String keyStart) throws InterruptedException {
    for (JsonNode group : get("/api/shelf").path("groups")) {
      if (group.path("key").asString().startsWith(keyStart)) {
        return group;
      }
    }
    throw new IllegalStateException("nothing on the shelf begins with " + keyStart);
  }

  private JsonNode groupOf(long piece) throws InterruptedException {
    for (JsonNode group : get("/api/shelf").path("groups")) {
      for (JsonNode id : group.path("pieceIds")) {
        if (id.asLong() == piece) {
          return group;
        }
      }
    }
    throw new IllegalStateException("piece " + piece + " is not on the shelf");
  }

  private void note(long pour, Map<String, Object> what) throws InterruptedException {
    String key = UUID.randomUUID().toString();
    Map<String, Object> fact = Map.of("key", key, "at", Instant.now().toString(), "what", what);
    send("/api/pours/" + pour + "/facts?acceptShort=true", Map.of("facts", List.of(fact)), key);
    book.answered(key, FACT);
  }

  private JsonNode act(String kind, String path, Object body) throws InterruptedException {
    String key = UUID.randomUUID().toString();
    JsonNode answer = send(path, body, key);
    if (!WITHOUT_KEY.contains(kind)) {
      book.answered(key, kind);
    }
    return answer;
  }

  private JsonNode send(String path, Object body, String key) throws InterruptedException {
    return answered(
        request(path)
            .header("Content-Type", "application/json")
            .header("Idempotency-Key", key)
            .POST(HttpRequest.BodyPublishers.ofString(JSON.writeValueAsString(body)))
            .build());
  }

  private JsonNode get(String path) throws InterruptedException {
    return answered(request(path).build());
  }

  private HttpRequest.Builder request(String path) {
    return HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + path))
        .timeout(Duration.ofSeconds(30));
  }

  /** Sends it until there is an answer. */
  private JsonNode answered(HttpRequest request) throws InterruptedException {
    while (true) {
      try {
        HttpResponse<String> answer = http.send(request, HttpResponse.BodyHandlers.ofString());
        if (answer.statusCode() >= 300) {
          throw new IllegalStateException(
              request.uri().getPath() + " " + answer.statusCode() + " " + answer.body());
        }
        return answer.body().isEmpty() ? JSON.createObjectNode() : JSON.readTree(answer.body());
      } catch (IOException gone) {
        // Killed before it answered, or not up again: pressed once more.
        Thread.sleep(AGAIN_MS);
      }
    }
  }
}
