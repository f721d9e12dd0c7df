package ironshelf;

import static org.assertj.core.api.Assertions.assertThat;

import ironshelf.App.Answer;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import tools.jackson.databind.JsonNode;

/**
 * A pour into copies of one product, as a client would ask for it.
 *
 * @param copies as they were seen
 */
public record Pouring(long productId, long colourwayId, int firstLayer, List<JsonNode> copies) {

  /** Of the first free copies of a product's mould, in its recipe's first colourway. */
  public static Pouring of(App app, String product, int count) {
    JsonNode page = product(app, product);
    List<JsonNode> free = new ArrayList<>();
    for (JsonNode copy : app.get("/api/moulds/" + mouldId(page)).path("copies")) {
      boolean good = copy.path("condition").asString().equals("good");
      if (good && copy.path("held").isMissingNode() && free.size() < count) {
        free.add(copy);
      }
    }
    assertThat(free).as("free copies of " + product).hasSize(count);
    return into(page, 0, free);
  }

  /** Into these copies, whatever they hold. */
  public static Pouring into(JsonNode page, int firstLayer, List<JsonNode> copies) {
    return new Pouring(
        page.path("product").path("id").asLong(),
        page.path("colourways").get(0).path("id").asLong(),
        firstLayer,
        copies);
  }

  public static JsonNode product(App app, String name) {
    for (JsonNode page : app.get("/api/products")) {
      if (page.path("product").path("name").asString().equals(name)) {
        return page;
      }
    }
    throw new AssertionError("no product " + name);
  }

  public static long mouldId(JsonNode page) {
    return page.path("product").path("mouldId").asLong();
  }

  public List<Long> ids() {
    return copies.stream().map(c -> c.path("id").asLong()).toList();
  }

  public List<String> codes() {
    return copies.stream().map(c -> c.path("code").asString()).toList();
  }

  public Map<String, Object> sheet() {
    return Map.of(
        "fills", List.of(Map.of("productId", productId, "copyIds", ids())),
        "colourwayId", colourwayId,
        "firstLayer", firstLayer);
  }

  public JsonNode sheet(App app) {
    return app.act("/api/pours/sheet", sheet()).body();
  }

  /** A pour in which so much of what was asked went in. */
  public Map<String, Object> pour(JsonNode sheet, double share) {
    Map<String, Object> fill = new HashMap<>();
    fill.put("productId", productId);
    fill.put(
        "copies",
        copies.stream()
            .map(c -> Map.of("id", c.path("id").asLong(), "version", c.path("version").asLong()))
            .toList());
    Map<String, Object> pour = new HashMap<>();
    pour.put("fills", List.of(fill));
    pour.put("colourwayId", colourwayId);
    pour.put("firstLayer", firstLayer);
    pour.put("layers", layers(sheet, share));
    return pour;
  }

  /** What went into each layer, in the order of the sheet. */
  public static List<Map<String, Object>> layers(JsonNode sheet, double share) {
    List<Map<String, Object>> layers = new ArrayList<>();
    for (JsonNode layer : sheet.path("layers")) {
      List<Map<String, Object>> weighOuts = new ArrayList<>();
      for (JsonNode line : layer.path("lines")) {
        weighOuts.add(
            Map.of(
                "materialId",
                line.path("materialId").asLong(),
                "actualKg",
                line.path("massKg").asDouble() * share));
      }
      layers.add(Map.of("weighOuts", weighOuts));
    }
    return layers;
  }

  /** Pours as asked. */
  public Answer poured(App app) {
    Map<String, Object> pour = pour(sheet(app), 1);
    pour.put("acceptShort", true);
    return app.act("/api/pours/recorded", pour);
  }

  /** What of a product stands on the shelf in its mould after a pour; null where nothing does. */
  public static JsonNode group(App app, long pourId) {
    for (JsonNode group : app.get("/api/shelf").path("groups")) {
      if (group.path("key").asString().startsWith("pour-" + pourId + "-")) {
        return group;
      }
    }
    return null;
  }
}
