package ironshelf.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A maker takes a shipped mix in, prices it, colours it, and writes its next version. */
@ExtendWith(Workshop.class)
class RecipesTest {

  @Test
  void fromAShippedMixToOnesOwn(@Workshop.Empty RunningApp app, Browser browser) {
    Page page = browser.open(app, "/recipes");
    assertThat(page.getByText("No recipes yet")).isVisible();
    Browser.isAccessible(page);
    Locator shipped = page.getByLabel("Shipped recipes");
    shipped.getByRole(AriaRole.BUTTON).first().click();
    assertThat(page).hasTitle("Rapid neat 4 : 1 · Iron Shelf");
    // docs/method/mixes.md: neat 4 : 1 by volume has a water/binder of 0.20.
    assertThat(page.getByText("0.20", exact())).isVisible();
    Browser.isAccessible(page);

    // Its price is asked for, and given.
    page.getByText("a litre costs today").click();
    assertThat(page.getByText("The price of Rapid-setting cement is not known")).isVisible();
    page.navigate("/stock");
    Locator cement = page.getByLabel("Rapid-setting cement", label());
    cement.getByRole(AriaRole.LINK).click();
    page.getByLabel("or: one level scoop weighs").fill("2 lb 12 oz");
    page.getByLabel("a pack (25 kg bag, 20 L pail)").fill("20 kg bag");
    page.getByLabel("a pack usually costs").fill("24.50");
    Browser.isAccessible(page);
    button(page.locator("main"), "Keep the change").click();
    assertThat(page.getByLabel("weighs loose, kg/m³")).hasValue("1247.4");
    page.navigate("/stock");
    cement.getByLabel("Lots of Rapid-setting cement").click();
    assertThat(cement).containsText("kg/m³ loose, measured here");
    button(cement, "Delivery").click();
    cement.getByLabel("lot code, if it has one").fill("RC-1");
    Locator amount = cement.getByLabel("how much came (a pack is a 20 kg bag)");
    amount.fill("3 stone");
    assertThat(cement).containsText("cannot be read as an amount");
    amount.fill("3 bags");
    assertThat(cement).containsText("60");
    button(cement, "Book it").click();
    assertThat(cement).containsText("60");
    button(cement, "Opened").click();
    assertThat(cement).containsText("keeps to");
    button(cement, "Count").click();
    cement.getByLabel("found of RC-1").fill("58.5 kg");
    button(cement, "Book the count").click();
    assertThat(cement).containsText("58.5 kg");
    Browser.isAccessible(page);

    // A colour, and the next version against the first.
    page.navigate("/recipes/1");
    button(page.locator("main"), "Add a colourway").click();
    page.getByLabel("colourway", new Page.GetByLabelOptions().setExact(true)).fill("Plain");
    button(page.locator("main"), "Keep the colourway").click();
    // One colourway without pigment, and no more offer of another.
    assertThat(page.getByText("no pigment")).hasCount(1);
    page.getByText("write the next version").click();
    page.getByLabel("amount 1").fill("1.25");
    // Half a kilogram of black to each 20 kg bag is 2.5 % of the binder.
    page.getByText("Add an ingredient").click();
    page.getByLabel("material 3").selectOption("Rapid-setting cement");
    page.getByLabel("measured in", label()).nth(2).selectOption("% of binder");
    page.getByLabel("or kg a bag, 3").fill("0.5");
    assertThat(page.getByLabel("amount 3")).hasValue("2.5");
    page.getByLabel("material 3").selectOption("none");
    page.getByLabel("green until, h").fill("1");
    Browser.isAccessible(page);
    button(page.locator("main"), "Keep as the next version").click();
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("before the demould age");
    page.getByLabel("green until, h").fill("5");
    button(page.locator("main"), "Keep as the next version").click();
    Locator compared = page.getByLabel("Two versions");
    assertThat(compared).containsText("1.25 parts by volume");
    assertThat(compared).containsText("version 2");
    Browser.isAccessible(page);
  }

  private static Page.GetByLabelOptions label() {
    return new Page.GetByLabelOptions().setExact(true);
  }

  private static Page.GetByTextOptions exact() {
    return new Page.GetByTextOptions().setExact(true);
  }

  private static Locator button(Locator in, String name) {
    return in.getByRole(
        AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^" + name + "$")));
  }
}
