package ironshelf.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import ironshelf.e2e.Workshop.Us;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/**
 * Pieces of several pieces of a shop's own: a garden bath of a basin, a column, a foot and six
 * pressed drops from its order to the parcel, and a hand weight with its second head.
 */
@ExtendWith(Workshop.class)
class PartsJourneyTest {

  private static final String BATH = "Garden bath";

  @Test
  void aGardenBathFromItsOrderToItsParcel(@Us RunningApp app, Browser browser) {
    Page page = browser.open(app, "/");
    ShopApi shop = new ShopApi(page);
    make(shop, "Drop", "cup-with-lid", 6);
    make(shop, "Column", "vase", 1);
    make(shop, "Foot", "bowl", 1);
    make(shop, BATH, "bowl", 1);
    // Pressed and turned out at once; cured under cover.
    route(shop, "Drop", "pour|set:0.02|demould|wrap:24|brush");
    route(shop, "Column", "pour|set|demould|brush");
    route(shop, "Foot", "pour|set|demould|brush");
    page.navigate("/products/" + id(shop, BATH) + "/route");
    bathRoute(shop);
    page.reload();
    assertThat(page.getByLabel("takes", new Page.GetByLabelOptions().setExact(true)).first())
        .hasValue("6");
    Browser.isAccessible(page);

    long order = order(page, shop);
    shop.post("/api/plan/run", Map.of("seconds", 0));
    page.navigate("/plan");
    assertThat(page.getByText("Column").first()).isVisible();
    assertThat(page.getByText("Drop").first()).isVisible();
    JsonNode plan = shop.plan();
    assertThat(pieces(plan, "Drop")).isEqualTo(6);
    assertThat(pieces(plan, "Column")).isEqualTo(1);
    assertThat(pieces(plan, "Foot")).isEqualTo(1);
    assertThat(shop.get("/api/needs").path("materials")).isNotEmpty();

    List<Long> drops = partsOf(shop, "Drop", 6, 0.1);
    next(shop, drops, 25);
    next(shop, partsOf(shop, "Column", 1, 80), 0);
    next(shop, partsOf(shop, "Foot", 1, 80), 0);

    // The basin, poured for the order by the plan's own sheet.
    pourForTheOrder(shop, order);
    shop.forward(80);
    page.navigate("/");
    group(page, BATH).click();
    press(page, "^Take out 1$");
    group(page, BATH).click();
    assertThat(page.getByText(Pattern.compile("takes 6 Drops, 6 ready"))).isVisible();
    press(page, "^Done: join, 1$");
    assertThat(page.getByText(Pattern.compile("1 piece joined"))).isVisible();
    // A week before the next join: asked for its reason before.
    group(page, BATH).click();
    Browser.isAccessible(page);
    page.keyboard().press("Escape");
    shop.forward(7 * 24 + 1);
    page.reload();
    group(page, BATH).click();
    assertThat(page.getByText(Pattern.compile("takes 1 Column, 1 ready"))).isVisible();
    press(page, "^Done: join, 1$");
    for (int brushing = 1; brushing <= 2; brushing++) {
      shop.forward(24);
      page.reload();
      group(page, BATH).click();
      press(page, "^Done: brush.*, 1$");
    }
    shop.forward(1);
    page.reload();
    group(page, BATH).click();
    press(page, "^Done: pack, 1$");

    long bath = readyPiece(shop);
    page.navigate("/pieces/" + bath);
    assertThat(page.getByText("Made of")).isVisible();
    assertThat(page.getByText(Pattern.compile("^Drop \\d+$"))).hasCount(6);
    assertThat(page.getByText(Pattern.compile("^Column \\d+$"))).hasCount(1);
    Browser.isAccessible(page);
    page.navigate("/orders/" + order);
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Pack what is ready"))
        .click();
    page.getByLabel("carrier").selectOption("collected");
    Browser.isAccessible(page);
    press(page, "^Mark as sent$");
    assertThat(page.getByText(Pattern.compile("· sent ·"))).isVisible();
    JsonNode sent = shop.get("/api/use/pieces/" + bath);
    assertThat(sent.path("piece").has("sentAt")).isTrue();
    assertThat(sent.path("parts")).hasSize(8);
  }

  @Test
  void aHandWeightGetsItsSecondHead(@Us RunningApp app, Browser browser) {
    Page page = browser.open(app, "/pour/weights");
    ShopApi shop = new ShopApi(page);
    page.navigate("/pour/weights");
    page.getByRole(
            AriaRole.BUTTON,
            new Page.GetByRoleOptions().setName("Make it a product").setExact(true))
        .click();
    assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
        .containsText("Hand weight");
    JsonNode made = null;
    for (JsonNode own : shop.get("/api/products")) {
      String its = own.path("product").path("name").asString();
      made = its.startsWith("Hand weight") ? own : made;
    }
    assertThat(made).isNotNull();
    String name = made.path("product").path("name").asString();
    shop.pour(name, 1);
    shop.forward(90);
    page.navigate("/");
    group(page, name).click();
    press(page, "^Take out 1$");
    group(page, name).click();
    assertThat(page.getByText(Pattern.compile("again: then second head"))).isVisible();
    Browser.isAccessible(page);
    page.getByText("Its pour sheet").click();
    assertThat(page.getByText(Pattern.compile("should wait"))).isVisible();
    Locator bench =
        page.getByRole(
            AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("To the bench")));
    bench.click();
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("Say why");
    page.getByLabel("why it is poured early").fill("the bar stands in a jig");
    Browser.isAccessible(page);
    bench.click();
    assertThat(page).hasURL(Pattern.compile("/pours/\\d+"));
  }

  private static void make(ShopApi shop, String name, String shape, int copies) {
    shop.post(
        "/api/set-up/product",
        Map.of("name", name, "shape", shape, "mix", "sand-cement", "copies", copies));
  }

  private static long id(ShopApi shop, String product) {
    return shop.product(product).path("product").path("id").asLong();
  }

  /** Sets a route in few words through the application's own door. */
  private static void route(ShopApi shop, String product, String words) {
    List<Map<String, Object>> steps = new ArrayList<>();
    for (String word : words.split("\\|", -1)) {
      String[] parts = word.split(":", -1);
      steps.add(
          parts.length > 1
              ? Map.of("step", parts[0], "waitH", Double.valueOf(parts[1]))
              : Map.of("step", parts[0]));
    }
    put(shop, product, steps);
  }

  private static void put(ShopApi shop, String product, List<Map<String, Object>> steps) {
    String path = "/api/products/" + id(shop, product) + "/route";
    long seen = shop.get(path).path("route").path("id").asLong();
    shop.put(path, Map.of("steps", steps), seen);
  }

  private static void bathRoute(ShopApi shop) {
    put(
        shop,
        BATH,
        List.of(
            Map.of("step", "pour"),
            Map.of("step", "set"),
            Map.of("step", "demould"),
            Map.of(
                "step",
                "join",
                "attendedMin",
                20,
                "mixKg",
                0.3,
                "parts",
                List.of(Map.of("productId", id(shop, "Drop"), "quantity", 6))),
            Map.of("step", "wrap", "waitH", 168),
            Map.of(
                "step",
                "join",
                "attendedMin",
                30,
                "mixKg",
                0.5,
                "parts",
                List.of(
                    Map.of("productId", id(shop, "Column"), "quantity", 1),
                    Map.of("productId", id(shop, "Foot"), "quantity", 1))),
            Map.of("step", "wrap", "waitH", 24),
            Map.of("step", "brush", "times", 2, "gapMin", 1440),
            Map.of("step", "pack")));
  }

  private static long order(Page page, ShopApi shop) {
    long customer =
        shop.post("/api/customers", Map.of("name", "Strand Gardens")).path("id").asLong();
    JsonNode own = shop.product(BATH);
    JsonNode placed =
        shop.post(
            "/api/orders",
            Map.of(
                "customerId",
                customer,
                "due",
                LocalDate.now(ZoneOffset.UTC).plusDays(60).toString(),
                "lines",
                List.of(
                    Map.of(
                        "productId",
                        own.path("product").path("id").asLong(),
                        "colourwayId",
                        own.path("colourways").get(0).path("id").asLong(),
                        "quantity",
                        1,
                        "price",
                        480))));
    page.navigate("/orders");
    assertThat(page.getByText("Strand Gardens").first()).isVisible();
    return placed.path("id").asLong();
  }

  private static int pieces(JsonNode plan, String product) {
    int pieces = 0;
    for (JsonNode cast : plan.path("casts")) {
      pieces += cast.path("product").asString().equals(product) ? cast.path("pieces").asInt() : 0;
    }
    return pieces;
  }

  /** Pours parts and takes them out when it is time. */
  private static List<Long> partsOf(ShopApi shop, String product, int count, double hours) {
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
                  "pieces", List.of(Map.of())));
        }
      }
    }
    shop.post("/api/shelf/take-out", Map.of("casts", casts));
    List<Long> ids = new ArrayList<>();
    shop.get("/api/shelf/acts").get(0).path("pieceIds").forEach(p -> ids.add(p.asLong()));
    return ids;
  }

  /** Does the next step of pieces after so many hours. */
  private static void next(ShopApi shop, List<Long> ids, double hours) {
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

  private static void pourForTheOrder(ShopApi shop, long order) {
    shop.pour(BATH, 1);
    shop.post("/api/orders/" + order + "/allotments", Map.of());
  }

  private static long readyPiece(ShopApi shop) {
    for (JsonNode group : shop.get("/api/shelf").path("groups")) {
      if (group.path("product").asString().equals(BATH)) {
        return group.path("pieceIds").get(0).asLong();
      }
    }
    throw new AssertionError("no bath on the shelf");
  }

  private static Locator group(Page page, String product) {
    return page.getByRole(
            AriaRole.BUTTON,
            new Page.GetByRoleOptions().setName(Pattern.compile("^" + product + " ×1, .*")))
        .first();
  }

  private static void press(Page page, String words) {
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile(words)))
        .click();
  }
}
