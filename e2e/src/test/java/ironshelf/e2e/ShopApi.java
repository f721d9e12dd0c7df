package ironshelf.e2e;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.RequestOptions;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What a journey needs done that others walk through the pages. */
record ShopApi(Page page) {

  private static final JsonMapper JSON = new JsonMapper();

  JsonNode get(String path) {
    return JSON.readTree(page.request().get(path).text());
  }

  JsonNode post(String path, Object body) {
    APIResponse answer =
        page.request()
            .post(
                path,
                RequestOptions.create()
                    .setHeader("Idempotency-Key", UUID.randomUUID().toString())
                    .setHeader("Content-Type", "application/json")
                    .setData(JSON.writeValueAsString(body)));
    if (!answer.ok()) {
      throw new AssertionError(path + ": " + answer.text());
    }
    String text = answer.text();
    return text.isEmpty() ? JSON.createObjectNode() : JSON.readTree(text);
  }

  JsonNode put(String path, Object body, long seen) {
    APIResponse answer =
        page.request()
            .put(
                path,
                RequestOptions.create()
                    .setHeader("If-Match", "\"" + seen + "\"")
                    .setHeader("Content-Type", "application/json")
                    .setData(JSON.writeValueAsString(body)));
    if (!answer.ok()) {
      throw new AssertionError(path + ": " + answer.text());
    }
    return JSON.readTree(answer.text());
  }

  /** The plan as it stays: not the one before, which is shown while another is worked out. */
  JsonNode plan() {
    JsonNode plan = get("/api/plan");
    for (int i = 0; i < 120 && plan.path("renewing").asBoolean(); i++) {
      page.waitForTimeout(500);
      plan = get("/api/plan");
    }
    return plan;
  }

  void forward(double hours) {
    post("/api/stand-ins/clock", Map.of("minutes", hours * 60));
  }

  /** Pours into the first free copies of a product, all as asked. */
  JsonNode pour(String product, int count) {
    JsonNode own = product(product);
    List<JsonNode> free = new ArrayList<>();
    for (JsonNode copy : copies(own)) {
      boolean good = copy.path("condition").asString().equals("good");
      if (good && !copy.has("held") && free.size() < count) {
        free.add(copy);
      }
    }
    return pour(own, 0, free);
  }

  /** Whether one of the copies that a visit pours into is free now. */
  boolean hasFreeCopy(JsonNode plan, JsonNode visit) {
    for (JsonNode no : visit.path("casts")) {
      for (JsonNode cast : plan.path("casts")) {
        if (cast.path("no").asInt() == no.asInt()
            && !get("/api/copies/" + cast.path("copyId").asLong()).path("copy").has("held")) {
          return true;
        }
      }
    }
    return false;
  }

  /** Pours a visit of the plan into its copies, each for its line. */
  void pour(JsonNode plan, JsonNode visit) {
    List<Long> taken = new ArrayList<>();
    List<Map<String, Object>> sheetFills = new ArrayList<>();
    List<Map<String, Object>> fills = new ArrayList<>();
    long colourwayId = 0;
    for (JsonNode no : visit.path("casts")) {
      for (JsonNode cast : plan.path("casts")) {
        long copyId = cast.path("copyId").asLong();
        if (cast.path("no").asInt() == no.asInt()
            && !taken.contains(copyId)
            && !get("/api/copies/" + copyId).path("copy").has("held")) {
          taken.add(copyId);
          colourwayId = cast.path("colourwayId").asLong();
          long version = get("/api/copies/" + copyId).path("copy").path("version").asLong();
          long productId = cast.path("productId").asLong();
          sheetFills.add(Map.of("productId", productId, "copyIds", List.of(copyId)));
          fills.add(
              Map.of(
                  "productId",
                  productId,
                  "lineId",
                  cast.path("lineId").asLong(),
                  "copies",
                  List.of(Map.of("id", copyId, "version", version))));
        }
      }
    }
    Map<String, Object> wanted = new HashMap<>();
    wanted.put("fills", sheetFills);
    wanted.put("colourwayId", colourwayId);
    Map<String, Object> pour = new HashMap<>(wanted);
    pour.put("fills", fills);
    pour.put("layers", weighOuts(post("/api/pours/sheet", wanted)));
    pour.put("acceptShort", true);
    post("/api/pours/recorded", pour);
  }

  /** Pours the next layer onto what waits for it. */
  JsonNode pourOn(String product, int layer) {
    JsonNode own = product(product);
    List<JsonNode> held = new ArrayList<>();
    for (JsonNode group : get("/api/shelf").path("groups")) {
      if (group.path("product").asString().equals(product) && group.has("next")) {
        for (JsonNode copy : copies(own)) {
          for (JsonNode id : group.path("next").path("copyIds")) {
            if (id.asLong() == copy.path("id").asLong()) {
              held.add(copy);
            }
          }
        }
      }
    }
    return pour(own, layer, held);
  }

  private JsonNode copies(JsonNode own) {
    return get("/api/moulds/" + own.path("product").path("mouldId").asLong()).path("copies");
  }

  JsonNode product(String name) {
    for (JsonNode own : get("/api/products")) {
      if (own.path("product").path("name").asString().equals(name)) {
        return own;
      }
    }
    throw new AssertionError("no product " + name);
  }

  private JsonNode pour(JsonNode own, int layer, List<JsonNode> copies) {
    long productId = own.path("product").path("id").asLong();
    long colourwayId = own.path("colourways").get(0).path("id").asLong();
    Map<String, Object> wanted = new HashMap<>();
    wanted.put(
        "fills",
        List.of(
            Map.of(
                "productId",
                productId,
                "copyIds",
                copies.stream().map(c -> c.path("id").asLong()).toList())));
    wanted.put("colourwayId", colourwayId);
    wanted.put("firstLayer", layer);
    JsonNode sheet = post("/api/pours/sheet", wanted);
    Map<String, Object> pour = new HashMap<>(wanted);
    pour.put(
        "fills",
        List.of(
            Map.of(
                "productId",
                productId,
                "copies",
                copies.stream()
                    .map(
                        c ->
                            Map.of(
                                "id", c.path("id").asLong(), "version", c.path("version").asLong()))
                    .toList())));
    pour.put("layers", weighOuts(sheet));
    pour.put("acceptShort", true);
    return post("/api/pours/recorded", pour);
  }

  /** All as asked. */
  private static List<Map<String, Object>> weighOuts(JsonNode sheet) {
    List<Map<String, Object>> layers = new ArrayList<>();
    for (JsonNode mixed : sheet.path("layers")) {
      List<Map<String, Object>> weighOuts = new ArrayList<>();
      for (JsonNode line : mixed.path("lines")) {
        weighOuts.add(
            Map.of(
                "materialId",
                line.path("materialId").asLong(),
                "actualKg",
                line.path("massKg").asDouble()));
      }
      layers.add(Map.of("weighOuts", weighOuts));
    }
    return layers;
  }
}
