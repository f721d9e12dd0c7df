package ironshelf.e2e;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/** Makes products and pieces of a shop's own through the application's own doors. */
record Making(ShopApi shop) {

  void make(String name, String shape, int copies) {
    shop.post(
        "/api/set-up/product",
        Map.of("name", name, "shape", shape, "mix", "sand-cement", "copies", copies));
  }

  long id(String product) {
    return shop.product(product).path("product").path("id").asLong();
  }

  /** Sets a route in few words through the application's own door. */
  void route(String product, String words) {
    List<Map<String, Object>> steps = new ArrayList<>();
    for (String word : words.split("\\|", -1)) {
      String[] parts = word.split(":", -1);
      steps.add(
          parts.length > 1
              ? Map.of("step", parts[0], "waitH", Double.valueOf(parts[1]))
              : Map.of("step", parts[0]));
    }
    put(product, steps);
  }

  void put(String product, List<Map<String, Object>> steps) {
    String path = "/api/products/" + id(product) + "/route";
    long seen = shop.get(path).path("route").path("id").asLong();
    shop.put(path, Map.of("steps", steps), seen);
  }

  /**
   * Pours as many as there are masses, and takes them out after so many hours; null: not weighed.
   */
  List<Long> takenOut(String product, double hours, Double... massesKg) {
    int count = massesKg.length;
    shop.pour(product, count);
    shop.forward(hours);
    List<Map<String, Object>> casts = new ArrayList<>();
    for (JsonNode group : shop.get("/api/shelf").path("groups")) {
      if (group.path("product").asString().equals(product)) {
        for (JsonNode cast : group.path("casts")) {
          casts.add(
              Map.of(
                  "castId", cast.path("id").asLong(),
                  "version", cast.path("version").asLong(),
                  "pieces", List.of(massKg(massesKg[casts.size()]))));
        }
      }
    }
    shop.post("/api/shelf/take-out", Map.of("casts", casts));
    List<Long> ids = new ArrayList<>();
    shop.get("/api/shelf/acts").get(0).path("pieceIds").forEach(p -> ids.add(p.asLong()));
    return ids;
  }

  /** Does the next step of pieces after so many hours. */
  void next(List<Long> ids, double hours) {
    if (hours > 0) {
      shop.forward(hours);
    }
    for (JsonNode group : shop.get("/api/shelf").path("groups")) {
      for (JsonNode own : group.path("pieceIds")) {
        if (own.asLong() == ids.get(0)) {
          shop.post(
              "/api/shelf/steps",
              Map.of(
                  "pieces",
                  ids.stream().map(id -> Map.of("id", id)).toList(),
                  "stepNo",
                  group.path("stepNo").asInt(),
                  "round",
                  group.path("round").asInt()));
          return;
        }
      }
    }
  }

  private static Map<String, Object> massKg(@Nullable Double kg) {
    return kg == null ? Map.of() : Map.of("massKg", kg);
  }
}
