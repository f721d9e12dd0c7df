package ironshelf.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.SelectOption;
import ironshelf.e2e.Workshop.Us;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Steps of a shop's own, a bath in two presses, letters on a stone, a piece made of parts. */
@ExtendWith(Workshop.class)
class OwnStepsJourneyTest {

  @Test
  void aBoardIsPolishedAndLettered(@Us RunningApp app, Browser browser) {
    Page page = browser.open(app, "/products");
    ShopApi shop = new ShopApi(page);
    page.navigate("/products/" + id(shop, "Hex tile") + "/route");
    key(page, "A step of your own").click();
    page.getByLabel("to do, as: polish").fill("polish");
    page.getByLabel("done, as: polished").fill("polished");
    page.getByText("cuts or grinds").click();
    assertThat(page.getByText("Comes with the caution for dust.")).isVisible();
    Browser.isAccessible(page);
    key(page, "Keep this step").click();
    assertThat(page.getByRole(AriaRole.IMG).first())
        .hasAttribute("aria-label", Pattern.compile("polish"));
    key(page, "Keep this route").click();
    assertThat(page.getByText("Kept; pieces on their way keep theirs.")).isVisible();
    Browser.isAccessible(page);

    // The same word again is refused, with the word that is there.
    key(page, "A step of your own").click();
    page.getByLabel("to do, as: polish").fill("Polish");
    page.getByLabel("done, as: polished").fill("rubbed");
    key(page, "Keep this step").click();
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("polish");

    long mould = shop.product("Hex tile").path("product").path("mouldId").asLong();
    page.navigate("/moulds/" + mould + "/lettering");
    Locator text = page.getByLabel("to be stamped, line by line");
    text.fill("Wild\nswans");
    assertThat(page.getByText("It can be set.")).isVisible();
    assertThat(page.getByText("from the right edge").first()).isVisible();
    Browser.isAccessible(page);
    text.fill("Wild swans of the northern estuary");
    assertThat(page.getByText("It cannot be set.")).isVisible();
    assertThat(page.getByText(Pattern.compile("does not fit: .* too long"))).isVisible();
    text.fill("Ærø");
    assertThat(page.getByText(Pattern.compile("No stamp for"))).isVisible();
    page.getByLabel("keep them as").fill("Brass capitals");
    key(page, "Keep these stamps").click();
    assertThat(page.getByText("Kept.")).isVisible();
    page.reload();
    assertThat(page.getByLabel("the shop’s stamps")).isVisible();
  }

  @Test
  void aWholeBathIsWashedByTwoPressesAndPartsAreJoined(@Us RunningApp app, Browser browser) {
    Page page = browser.open(app, "/");
    ShopApi shop = new ShopApi(page);
    shop.forward(6 * 24);
    page.reload();
    page.getByRole(
            AriaRole.BUTTON,
            new Page.GetByRoleOptions().setName(Pattern.compile("^wash off all \\d+$")))
        .click();
    Browser.isAccessible(page);
    page.getByRole(
            AriaRole.BUTTON,
            new Page.GetByRoleOptions().setName(Pattern.compile("^Done: wash off, \\d+$")))
        .click();
    assertThat(page.getByText(Pattern.compile("pieces washed off"))).isVisible();
    assertThat(page.getByText("Nothing is in the bath.")).isVisible();

    page.getByRole(
            AriaRole.BUTTON,
            new Page.GetByRoleOptions().setName(Pattern.compile("^take out all \\d+$")))
        .click();
    page.getByRole(
            AriaRole.BUTTON,
            new Page.GetByRoleOptions().setName(Pattern.compile("^Take out \\d+$")))
        .click();
    assertThat(page.getByText(Pattern.compile("pieces taken out"))).isVisible();
    page.getByRole(
            AriaRole.BUTTON,
            new Page.GetByRoleOptions().setName(Pattern.compile("^wash \\d+ copies$")))
        .click();
    Browser.isAccessible(page);
    page.getByRole(
            AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Washed: ")))
        .click();
    assertThat(page.getByText(Pattern.compile("^wash \\d+ cop"))).hasCount(0);

    join(page, shop);
  }

  private static void join(Page page, ShopApi shop) {
    page.navigate("/products/" + id(shop, "Lantern base") + "/route");
    // After taking out, before what comes then.
    Locator below =
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Add below"));
    below.nth(2).click();
    page.getByLabel("step 4", new Page.GetByLabelOptions().setExact(true)).selectOption("join");
    key(page, "Take parts").click();
    page.getByLabel("of", new Page.GetByLabelOptions().setExact(true))
        .selectOption(new SelectOption().setLabel("Tide tray"));
    key(page, "Keep this route").click();
    assertThat(page.getByText("Kept; pieces on their way keep theirs.")).isVisible();

    shop.pour("Lantern base", 1);
    shop.forward(72);
    page.navigate("/");
    group(page, "Lantern base").click();
    page.getByRole(
            AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Take out 1$")))
        .click();
    assertThat(page.getByText(Pattern.compile("1 piece taken out"))).isVisible();
    group(page, "Lantern base").click();
    assertThat(page.getByText(Pattern.compile("takes 1 Tide tray, \\d+ ready"))).isVisible();
    Browser.isAccessible(page);
    page.getByRole(
            AriaRole.BUTTON,
            new Page.GetByRoleOptions().setName(Pattern.compile("^Done: join, 1$")))
        .click();
    assertThat(page.getByText(Pattern.compile("1 piece joined"))).isVisible();
    long piece = -1;
    for (JsonNode group : shop.get("/api/shelf").path("groups")) {
      if (group.path("product").asString().equals("Lantern base")
          && !group.path("pieceIds").isEmpty()) {
        piece = group.path("pieceIds").get(0).asLong();
      }
    }
    page.navigate("/pieces/" + piece);
    assertThat(page.getByText("Made of")).isVisible();
    assertThat(page.getByText(Pattern.compile("^Tide tray \\d+$"))).isVisible();
    assertThat(page.getByText(Pattern.compile("its parts"))).isVisible();
    Browser.isAccessible(page);
  }

  private static Locator group(Page page, String product) {
    return page.getByRole(
            AriaRole.BUTTON,
            new Page.GetByRoleOptions().setName(Pattern.compile("^" + product + " ×1, .*")))
        .first();
  }

  private static long id(ShopApi shop, String product) {
    return shop.product(product).path("product").path("id").asLong();
  }

  private static Locator key(Page page, String words) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(words).setExact(true));
  }
}
