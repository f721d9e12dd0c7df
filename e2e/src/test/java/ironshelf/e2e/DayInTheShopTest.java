package ironshelf.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.StringReader;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.model.Calendar;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/**
 * Days in the shop by the demo's clock: four families poured, a second colour, a second head, a
 * cold night, out in the green window, bath, coats, one scrapped with its cause.
 */
@ExtendWith(Workshop.class)
class DayInTheShopTest {

  @Test
  void fromPourToReady(Browser browser) throws Exception {
    try (RunningApp app = RunningApp.demo("metric")) {
      Page page = browser.open(app, "/");
      Bench shelf = new Bench(page);
      ShopApi shop = new ShopApi(page);
      addHandWeight(shop);

      // Four families, and a hand weight's first head.
      shop.pour("Lantern base", 1);
      shop.pour("Boat stepping stone", 1);
      shop.pour("Hand weight", 1);
      page.reload();
      assertThat(shelf.key(Pattern.compile("Lantern base ×1, .*out .*"))).isVisible();
      assertThat(shelf.key(Pattern.compile("Hand weight ×1, .*then second head .*"))).isVisible();
      Browser.isAccessible(page);

      // The second colour, when the first has stiffened.
      shop.forward(0.5);
      page.reload();
      assertThat(shelf.key(Pattern.compile("Ebb tray ×1, Clay, then ebb now"))).isVisible();
      shop.pourOn("Ebb tray", 1);
      page.reload();
      assertThat(shelf.key(Pattern.compile("Ebb tray ×1, Clay, out .*"))).isVisible();

      outInTheGreenWindow(page, shelf);
      aColdNight(page, shelf, shop);
      secondHead(page, shelf, shop);
      coatsAndAnUndo(page, shelf, shop);
      oneScrappedWithItsCause(page, shelf, shop);
      theCalendarReadsBack(page, shop);
    }
  }

  /** A weight of two heads on one handle, the second poured two days after the first. */
  private static void addHandWeight(ShopApi shop) {
    JsonNode tile = shop.product("Hex tile").path("product");
    shop.post(
        "/api/products",
        Map.of(
            "name", "Hand weight",
            "mouldId", tile.path("mouldId").asLong(),
            "recipeId", tile.path("recipeId").asLong(),
            "price", 30,
            "layers",
                List.of(
                    Map.of("name", "first head", "sharePercent", 100),
                    Map.of("name", "second head", "sharePercent", 100, "waitH", 48))));
  }

  private static void outInTheGreenWindow(Page page, Bench shelf) {
    // The demo's bowls are in their green window now.
    Locator bowls = shelf.key(Pattern.compile("Ripple bowl ×3, Chalk, out since .*"));
    assertThat(bowls).containsText("green until");
    bowls.click();
    for (String copy : List.of("R1", "R2", "R3")) {
      page.getByLabel("Mass of " + copy).fill("2.08 kg");
    }
    shelf.key("fine").click();
    Browser.isAccessible(page);
    shelf.key("Take out 3").click();
    Locator trim = shelf.key(Pattern.compile("Ripple bowl ×3, Chalk, trim since .*"));
    trim.click();
    assertThat(page.getByText("cut like soap now")).isVisible();
    shelf.key("Done: trim, 3").click();
    Locator bath =
        shelf.key(Pattern.compile("Ripple bowl ×3, Chalk, wash off [A-Z][a-z]{2} [0-9:]{5}"));
    assertThat(bath).isVisible();
    assertThat(page.getByLabel("Bath", new Page.GetByLabelOptions().setExact(true)))
        .containsText("of 20 pieces");
    page.navigate("/next?until=23:59&by=place");
    assertThat(page.getByText("minutes for one person")).isVisible();
    Browser.isAccessible(page);
  }

  private static void aColdNight(Page page, Bench shelf, ShopApi shop) {
    page.navigate("/temperatures");
    assertThat(page.getByLabel("Temperatures, Room")).isVisible();
    Browser.isAccessible(page);
    page.waitForResponse("**/api/stand-ins/probes", () -> shelf.key("Demo: a cold night").click());
    shop.forward(12);
    page.navigate("/");
    shelf.key(Pattern.compile("Boat stepping stone ×1, .*out .*")).click();
    assertThat(page.getByText("Colder than usual: out at")).isVisible();
    String[] wanted = inHours(shop, 10).split("T", 2);
    Locator warmth = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Warmth"));
    warmth.getByLabel("needed out on").fill(wanted[0]);
    warmth.getByLabel("at", new Locator.GetByLabelOptions().setExact(true)).fill(wanted[1]);
    assertThat(page.getByText("Keep it at")).isVisible();
    page.waitForResponse(
        "**/api/shelf/places", () -> shelf.key(Pattern.compile("^To the heated tent, .*")).click());
    page.keyboard().press("Escape");
    shop.forward(12.1);
    page.reload();
    shelf.key(Pattern.compile("Ripple bowl ×3, Chalk, wash off since .*")).click();
    shelf.key("Done: wash off, 3").click();
    assertThat(shelf.key(Pattern.compile("Ripple bowl ×3, Chalk, coat 1 of 2 .*"))).isVisible();
  }

  /** A moment of the shop's, as a date field has it. */
  private static String inHours(ShopApi shop, int hours) {
    return Instant.parse(shop.get("/api/shelf").path("now").asString())
        .plus(Duration.ofHours(hours))
        .atZone(ZoneId.systemDefault())
        .format(DateTimeFormatter.ofPattern("yyyy-MM-dd'T'HH:mm"));
  }

  private static void secondHead(Page page, Bench shelf, ShopApi shop) {
    shop.forward(24);
    page.reload();
    assertThat(shelf.key(Pattern.compile("Hand weight ×1, .*then second head now"))).isVisible();
    shop.pourOn("Hand weight", 1);
    page.reload();
    assertThat(shelf.key(Pattern.compile("Hand weight ×1, .*out .*"))).isVisible();
  }

  private static void coatsAndAnUndo(Page page, Bench shelf, ShopApi shop) {
    shop.forward(7 * 24);
    page.reload();
    Locator first = shelf.key(Pattern.compile("Ripple bowl ×3, Chalk, coat 1 of 2 since .*"));
    first.click();
    assertThat(page.getByText("all over at 90")).isVisible();
    shelf.key("Done: coat 1 of 2, 3").click();
    assertThat(shelf.key(Pattern.compile("Ripple bowl ×3, Chalk, coat 2 of 2 .*"))).isVisible();
    shelf.key("Undo").click();
    first.click();
    shelf.key("Done: coat 1 of 2, 3").click();
    assertThat(shelf.key(Pattern.compile("Ripple bowl ×3, Chalk, coat 2 of 2 .*"))).isVisible();
    shop.forward(0.3);
    page.reload();
    shelf.key(Pattern.compile("Ripple bowl ×3, Chalk, coat 2 of 2 since .*")).click();
    shelf.key("Done: coat 2 of 2, 3").click();
    assertThat(shelf.key(Pattern.compile("Ripple bowl ×3, Chalk, inspect .*"))).isVisible();
    shop.forward(24);
    page.reload();
    assertThat(shelf.key(Pattern.compile("Ripple bowl ×3, Chalk, inspect since .*"))).isVisible();
  }

  private static void oneScrappedWithItsCause(Page page, Bench shelf, ShopApi shop) {
    long pieceId = 0;
    for (JsonNode group : shop.get("/api/shelf").path("groups")) {
      if (group.path("step").asString().equals("inspect")
          && group.path("product").asString().equals("Ripple bowl")) {
        pieceId = group.path("pieceIds").get(0).asLong();
      }
    }
    page.navigate("/pieces/" + pieceId + "/strength");
    assertThat(page.getByText("Three methods")).isVisible();
    assertThat(page.getByLabel("Share of 28-day strength by age")).isVisible();
    Browser.isAccessible(page);
    page.navigate("/pieces/" + pieceId + "/inspect");
    shelf.key("Base thick, wall short").click();
    page.getByLabel("Where it is on the piece").click();
    page.getByLabel("held down with, kg").fill("0.2");
    Locator cause = page.getByRole(AriaRole.LISTITEM).first();
    assertThat(cause).containsText("The core floated");
    assertThat(cause).containsText("200 g held it down");
    assertThat(cause).containsText("speaks for it");
    assertThat(page.getByText("looks like a second")).isVisible();
    page.getByText("Scrap", new Page.GetByTextOptions().setExact(true)).click();
    Browser.isAccessible(page);
    shelf.key("Scrap it").click();
    assertThat(page.getByText("scrap: Base thick, wall short")).isVisible();
    assertThat(page.getByLabel("History")).containsText("sealed");
    page.navigate("/");
    shelf.key(Pattern.compile("Ripple bowl ×2, Chalk, inspect since .*")).click();
    shelf.key("2 firsts").click();
    shelf.key(Pattern.compile("Ripple bowl ×2, Chalk, pack since .*")).click();
    shelf.key("Done: pack, 2").click();
    assertThat(shelf.key(Pattern.compile("Ripple bowl ×\\d+, Chalk, ready"))).isVisible();
  }

  private static void theCalendarReadsBack(Page page, ShopApi shop) throws Exception {
    page.navigate("/next");
    assertThat(page.getByText("all gates (iCalendar)")).isVisible();
    String ics = page.request().get("/api/shelf/gates.ics").text();
    Calendar calendar = new CalendarBuilder().build(new StringReader(ics));
    assertThat(calendar.validate().hasErrors()).isFalse();
    long gates = 0;
    for (JsonNode group : shop.get("/api/shelf").path("groups")) {
      gates += group.has("gateAt") ? 1 : 0;
    }
    assertThat((long) calendar.getComponents("VEVENT").size()).isGreaterThanOrEqualTo(gates);
  }
}
