package ironshelf.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import ironshelf.e2e.Workshop.Us;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** A cloth planter that is drilled while it is green, and four plates matched to two pairs. */
@ExtendWith(Workshop.class)
class OwnWaysTest {

  @Test
  void aClothPlanterIsDrilled(@Us RunningApp app, Browser browser) {
    Page page = browser.open(app, "/");
    ShopApi shop = new ShopApi(page);
    Making making = new Making(shop);
    making.make("Cloth planter", "pot", 1);
    making.route("Cloth planter", "pour|set|demould|drill|mist|wrap:48|brush|pack");
    List<Long> planter = making.takenOut("Cloth planter", 80, new Double[1]);
    page.navigate("/");
    group(page, "Cloth planter ×1").click();
    // What cuts comes with the caution for dust.
    assertThat(page.getByText(Pattern.compile("[Dd]ust")).first()).isVisible();
    Browser.isAccessible(page);
    press(page, "^Done: drill, 1$");
    group(page, "Cloth planter ×1").click();
    press(page, "^Done: mist, 1$");
    // Kept wet for two days: brushing before asks why.
    group(page, "Cloth planter ×1").click();
    assertThat(page.getByText(Pattern.compile("Why now"))).isVisible();
    assertThat(
            page.getByRole(
                AriaRole.BUTTON,
                new Page.GetByRoleOptions().setName(Pattern.compile("^Done: brush, 1$"))))
        .isDisabled();
    page.keyboard().press("Escape");
    making.next(planter, 49);
    page.navigate("/pieces/" + planter.get(0));
    assertThat(page.getByLabel("History")).containsText("drilled");
    assertThat(page.getByLabel("History")).containsText("brushed");
  }

  @Test
  void fourPlatesAreTwoPairs(@Us RunningApp app, Browser browser) {
    Page page = browser.open(app, "/");
    ShopApi shop = new ShopApi(page);
    Making making = new Making(shop);
    making.make("Bore plate", "plate", 4);
    making.route("Bore plate", "pour|set|demould|brush|inspect");
    List<Long> plates = making.takenOut("Bore plate", 80, 20.00, 20.62, 20.03, 20.60);
    making.next(plates, 0);
    page.navigate("/");
    group(page, "Bore plate ×4").click();
    Browser.isAccessible(page);
    Browser.act(key(page, "^4 firsts$"));
    page.navigate("/products/" + making.id("Bore plate") + "/sets");
    assertThat(page.getByText(Pattern.compile("2 pairs|2 sets")).first()).isVisible();
    Browser.isAccessible(page);
    JsonNode sets =
        shop.get("/api/products/" + making.id("Bore plate") + "/sets?size=2&toleranceKg=0.1");
    assertThat(sets.path("sets")).as(sets.toString()).hasSize(2);
  }

  private static Locator group(Page page, String words) {
    return page.getByRole(
            AriaRole.BUTTON,
            new Page.GetByRoleOptions().setName(Pattern.compile("^" + words + ", .*")))
        .first();
  }

  private static void press(Page page, String words) {
    key(page, words).click();
  }

  private static Locator key(Page page, String words) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile(words)));
  }
}
