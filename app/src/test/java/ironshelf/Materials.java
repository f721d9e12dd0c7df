package ironshelf;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Materials as a client would find and keep them. */
public final class Materials {

  private static final List<String> KEPT =
      List.of(
          "name",
          "role",
          "relativeDensity",
          "bulkDensityKgM3",
          "solidsPercent",
          "cementPercent",
          "largestGrainMm",
          "pack",
          "packKg",
          "pieceG",
          "pricePerPack",
          "spoonG",
          "moisturePercent",
          "absorptionPercent",
          "leadDays",
          "note");

  private Materials() {}

  /** A material as it was seen, with these changes. */
  public static Map<String, Object> with(JsonNode seen, Map<String, Object> changes) {
    Map<String, Object> body = new LinkedHashMap<>();
    for (String field : KEPT) {
      if (seen.has(field)) {
        body.put(field, new JsonMapper().treeToValue(seen.path(field), Object.class));
      }
    }
    body.putAll(changes);
    return body;
  }

  public static JsonNode find(App app, String name) {
    for (JsonNode stock : app.get("/api/materials")) {
      if (stock.path("material").path("name").asString().equals(name)) {
        return stock;
      }
    }
    throw new AssertionError("no material " + name);
  }
}
