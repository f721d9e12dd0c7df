package ironshelf.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/**
 * Own shops in US units, from their first page to the first figure to weigh out: what is asked for
 * in round figures comes back round, and what cannot be is said in the units that were typed.
 */
@ExtendWith(Workshop.class)
class UsJourneysTest {

  private static final int MOST_FIELDS = 15;
  private static final int MOST_PRESSES = 25;

  /** 50 oz of dry mix, 60 to 40: 30 oz of white and 20 oz of grey (by hand). */
  @Test
  void aVesselOfThirtyOuncesWhiteAndTwentyGrey(Browser browser) {
    try (RunningApp app = RunningApp.empty()) {
      Page page = chicago(browser, app);
      Effort effort = new Effort(page);
      assertThat(page.getByLabel("units")).hasValue("us");
      assertThat(page.getByLabel("How it will read")).containsText("30 oz");
      Browser.isAccessible(page);
      toTheShape(effort);
      effort.press("kit mould, by dry mix");
      effort.type("dry mix that it takes", "50 oz");
      assertThat(page.getByText("50 oz of dry mix")).isVisible();
      effort.press("Next: what mix");
      effort.press("White neat 2 : 1");
      effort.press("Next: what colours");
      effort.press("White");
      effort.press("Black");
      effort.choose("these colours are", "one");
      effort.type("White, % of the piece", "60");
      assertThat(page.getByText("30 oz of dry mix")).isVisible();
      assertThat(page.getByText("20 oz of dry mix")).isVisible();
      Browser.isAccessible(page);
      effort.press("Next: how many moulds");
      effort.press("Next: pour");
      effort.type("name (Kit mould, by dry mix where it is left empty)", "Tide cup");
      effort.type("sold for, $", "18.50");
      effort.press("Make it");
      effort.toTheFirstFigure("portland cement, white");
      assertThat(page.getByText("oz", new Page.GetByTextOptions().setExact(true))).isVisible();
      effort.holds("US: a vessel of 30 oz white and 20 oz grey", MOST_FIELDS, MOST_PRESSES);
      // What went in is typed as it is said; a bare number is in what stands beside the field.
      page.getByText("Type it").click();
      page.getByLabel(Pattern.compile("^What went in")).fill("1 lb 14 oz");
      page.getByText("Take what I typed").click();
      assertThat(page.getByText("30 oz of Portland cement")).isVisible();
    }
  }

  /**
   * 14 in across and 2 in thick hold 5.0 L less the bore (by hand), 45 lb of concrete need nearly
   * twice that: it is said, in gallons and pounds, before anything is weighed.
   */
  @Test
  void aPlateOfFortyFivePounds(Browser browser) {
    try (RunningApp app = RunningApp.empty()) {
      Page page = chicago(browser, app);
      Effort effort = new Effort(page);
      toTheShape(effort);
      effort.press("plate with bore");
      effort.type("across", "14");
      effort.type("thick", "2 in");
      effort.type("bore", "2\"");
      effort.press("Next: what mix");
      effort.press("Bagged high-strength by the bag");
      effort.press("Next: what colours");
      effort.press("Next: how many moulds");
      effort.press("Next: pour");
      effort.type("sold by weight: dry weight with hardware", "45 lb");
      assertThat(page.getByText(Pattern.compile("gal of this mix, and the mould holds .* lb/ft³")))
          .isVisible();
      // A deeper dish takes it.
      effort.press("What shape");
      effort.type("thick", "4 in");
      effort.press("Pour");
      assertThat(page.getByText("gal of this mix, and the mould holds")).hasCount(0);
      assertThat(page.getByLabel("sold by weight: dry weight with hardware")).hasValue("45 lb");
      effort.press("Make it");
      effort.toTheFirstFigure("bagged high-strength concrete mix");
      effort.holds("US: a 45 lb plate, 14 in across with a 2 in bore", MOST_FIELDS, MOST_PRESSES);
    }
  }

  /** 130 lb at 0.967 are 134.4 lb of wet mix (by hand): more than one 80 lb bag of it. */
  @Test
  void aSphereOfAHundredAndThirtyPounds(Browser browser) {
    try (RunningApp app = RunningApp.empty()) {
      Page page = chicago(browser, app);
      Effort effort = new Effort(page);
      effort.press("Next: who works when");
      effort.press("Next: mixer and scale");
      effort.choose("mixed in", "10 gal");
      effort.press("Next: what you make");
      effort.press("Next: your first product");
      effort.press("sphere");
      effort.type("across", "15 1/4 in");
      effort.press("Next: what mix");
      effort.press("Bagged high-strength by the bag");
      effort.press("Next: what colours");
      effort.press("Next: how many moulds");
      effort.press("Next: pour");
      effort.type("sold by weight: dry weight with hardware", "130 lb");
      Browser.isAccessible(page);
      effort.press("Make it");
      effort.toTheFirstFigure("bagged high-strength concrete mix");
      assertThat(page.getByText(Pattern.compile("^\\d+.lb.* went in$"))).isVisible();
      effort.holds("US: a 130 lb sphere from 80 lb bags", MOST_FIELDS, MOST_PRESSES);
      page.navigate("/products");
      page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Sphere").setExact(true))
          .click();
      assertThat(page.getByText("130 lb").first()).isVisible();
      page.getByText("change").first().click();
      assertThat(page.getByLabel("dry mass")).hasValue("130 lb");
      page.navigate("/stock");
      assertThat(page.getByLabel("Bagged high-strength concrete mix").first())
          .containsText("80 lb bag");
    }
  }

  private static Page chicago(Browser browser, RunningApp app) {
    return browser.open(app, "/set-up/units", "en-US", "America/Chicago");
  }

  /** Every answer about the shop left as it is offered. */
  private static void toTheShape(Effort effort) {
    effort.press("Next: who works when");
    effort.press("Next: mixer and scale");
    effort.press("Next: what you make");
    effort.press("Next: your first product");
  }
}
