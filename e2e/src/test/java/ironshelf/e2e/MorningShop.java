package ironshelf.e2e;

import com.microsoft.playwright.Page;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import tools.jackson.databind.JsonNode;

/** An own shop's products and pours, for tests of whole mornings. */
final class MorningShop {

  private MorningShop() {}

  /** The step at hand of the pour on this page, as the server says. */
  static JsonNode step(Page page, String kind) {
    // Nothing waits on the device any more: page and server say the same.
    Browser.until(page, "(localStorage.getItem('ironshelf-facts') ?? '[]') === '[]'", 30_000);
    String id = page.url().replaceAll(".*/", "");
    JsonNode steps =
        new ShopApi(page).get("/api/pours/" + id + "/session").path("state").path("steps");
    for (JsonNode step : steps) {
      if (step.path("status").asString().equals("now")
          && (kind.isEmpty() || step.path("kind").asString().equals(kind))) {
        return step;
      }
    }
    throw new AssertionError("no step at hand: " + steps);
  }

  /** Every copy of these products, from the sheet to the bench. */
  static Bench begin(Page page, JsonNode... products) {
    page.navigate("/pour/sheet?" + query(products));
    page.getByText("To the bench").click();
    page.waitForURL(Pattern.compile(".*/pours/\\d+"));
    return new Bench(page);
  }

  /** What the sheet's page is asked for: every free copy of these products. */
  static String query(JsonNode... products) {
    List<String> fills = new ArrayList<>();
    for (JsonNode made : products) {
      for (JsonNode fill : made.path("fills")) {
        List<String> copies = new ArrayList<>();
        fill.path("copyIds").forEach(c -> copies.add(c.asString()));
        fills.add(fill.path("productId").asLong() + "-0-" + String.join(".", copies));
      }
    }
    long colourway = products[0].path("colourwayId").asLong();
    return "fills=" + String.join("_", fills) + "&colourway=" + colourway;
  }

  /** A product as the set-up makes it, with this many copies of its mould. */
  static JsonNode make(
      ShopApi shop, String name, String shape, Map<String, Object> mix, int copies, String colour) {
    Map<String, Object> product = new HashMap<>(mix);
    product.put("name", name);
    product.put("shape", shape);
    product.put("copies", copies);
    if (colour != null) {
      product.put("colours", List.of(Map.of("code", colour)));
    }
    return shop.post("/api/set-up/product", product);
  }

  /** The recipe that a product made here is poured of. */
  static long recipe(ShopApi shop, JsonNode made) {
    return shop.get("/api/products/" + made.path("productId").asLong())
        .path("product")
        .path("recipeId")
        .asLong();
  }
}
