package ironshelf.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import ironshelf.e2e.Workshop.Us;
import java.time.LocalDate;
import java.time.ZoneOffset;
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
  private static final Double[] NOT_WEIGHED = {null};

  @Test
  void aGardenBathFromItsOrderToItsParcel(@Us RunningApp app, Browser browser) {
    Page page = browser.open(app, "/");
    ShopApi shop = new ShopApi(page);
    Making making = new Making(shop);
    making.make("Drop", "cup-with-lid", 6);
    making.make("Column", "vase", 1);
    making.make("Foot", "bowl", 1);
    making.make(BATH, "bowl", 1);
    // Pressed and turned out at once; cured under cover.
    making.route("Drop", "pour|set:0.02|demould|wrap:24|brush");
    making.route("Column", "pour|set|demould|brush");
    making.route("Foot", "pour|set|demould|brush");
    page.navigate("/products/" + making.id(BATH) + "/route");
    bathRoute(making);
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

    List<Long> drops = making.takenOut("Drop", 0.1, new Double[6]);
    making.next(drops, 25);
    making.next(making.takenOut("Column", 80, NOT_WEIGHED), 0);
    making.next(making.takenOut("Foot", 80, NOT_WEIGHED), 0);

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

  private static void bathRoute(Making making) {
    making.put(
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
                List.of(Map.of("productId", making.id("Drop"), "quantity", 6))),
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
                    Map.of("productId", making.id("Column"), "quantity", 1),
                    Map.of("productId", making.id("Foot"), "quantity", 1))),
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
