package ironshelf;

import ironshelf.App.Answer;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import tools.jackson.databind.JsonNode;

/** Products of an own shop and their pours, as the set-up makes them and the bench notes them. */
public final class OwnPours {

  private OwnPours() {}

  /** A pot of sand and cement with so many copies, and what it can be poured by. */
  public static JsonNode pot(App app, String name, int copies) {
    Map<String, Object> product =
        Map.of("shape", "pot", "mix", "sand-cement", "name", name, "copies", copies);
    return app.act("/api/set-up/product", product).body();
  }

  /** A pour into every copy of what was made. */
  public static Map<String, Object> opening(JsonNode made) {
    List<Long> copies = new ArrayList<>();
    made.path("fills").get(0).path("copyIds").forEach(c -> copies.add(c.asLong()));
    long product = made.path("fills").get(0).path("productId").asLong();
    return Map.of(
        "fills", List.of(Map.of("productId", product, "copyIds", copies)),
        "colourwayId", made.path("colourwayId").asLong());
  }

  /** The first batch of an open pour. */
  public static JsonNode batch(JsonNode session) {
    return session.path("meant").path("sheet").path("batches").get(0);
  }

  /** All of the first batch as asked, every copy full, and what is to be noted after that. */
  public static Answer pour(App app, JsonNode session, List<Map<String, Object>> then) {
    JsonNode batch = batch(session);
    String mix = batch.path("mixes").get(0).path("key").asString();
    List<Map<String, Object>> facts = new ArrayList<>();
    // All at one moment: a filling that took a millisecond would teach how long one takes.
    Instant at = App.now();
    facts.add(fact(at, Map.of("kind", "asAsked", "mix", mix)));
    facts.add(fact(at, Map.of("kind", "wetted", "mix", mix)));
    for (JsonNode portion : batch.path("portions")) {
      String copy = portion.path("copy").asString();
      String key = batch.path("key").asString();
      facts.add(fact(at, Map.of("kind", "filled", "copy", copy, "batch", key, "all", true)));
    }
    then.forEach(what -> facts.add(fact(at, what)));
    return app.act(
        "/api/pours/" + session.path("id").asLong() + "/facts?acceptShort=true",
        Map.of("facts", facts));
  }

  private static Map<String, Object> fact(Instant at, Map<String, Object> what) {
    String key = UUID.randomUUID().toString();
    return Map.of("key", key, "at", at.toString(), "what", what);
  }
}
