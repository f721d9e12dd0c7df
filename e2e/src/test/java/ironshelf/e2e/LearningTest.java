package ironshelf.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.SelectOption;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A hypertufa planter in a new shop: three pours teach what the mix really yields. */
@ExtendWith(Workshop.class)
class LearningTest {

  @Test
  void threePoursTeachTheYield(@Workshop.Empty RunningApp app, Browser browser) {
    Page page = browser.open(app, "/recipes");
    Bench bench = new Bench(page);
    page.getByLabel("Shipped recipes")
        .getByText("Hypertufa")
        .first()
        .locator("xpath=ancestor::*[.//button][1]")
        .getByRole(AriaRole.BUTTON)
        .first()
        .click();
    assertThat(page).hasTitle(Pattern.compile("^Hypertufa 1 : 1 : 2 · .*"));
    assertThat(page.getByText("Gains strength like hypertufa")).isVisible();
    bench.key("Add a colourway").click();
    page.getByLabel("colourway", new Page.GetByLabelOptions().setExact(true)).fill("Stone");
    bench.key("Keep the colourway").click();
    // One colourway without pigment, and no more offer of another.
    assertThat(page.getByText("no pigment")).hasCount(1);

    page.navigate("/moulds/new");
    page.getByLabel("name").fill("Trough");
    page.getByLabel("across the top").first().fill("160");
    page.getByLabel("across the base").first().fill("120");
    page.getByLabel("height").first().fill("150");
    bench.key("Keep this mould").click();
    assertThat(page).hasTitle("Trough mould · Iron Shelf");
    for (int i = 1; i <= 3; i++) {
      bench.key("Add a copy").click();
      page.getByLabel("code").fill("T" + i);
      bench.key("Add it").click();
      assertThat(page.getByLabel("Copy T" + i)).containsText("free");
    }
    page.getByText("make a product of it").click();
    page.getByLabel("name").fill("Planter");
    page.getByLabel("recipe", new Page.GetByLabelOptions().setExact(true))
        .selectOption(new SelectOption().setIndex(1));
    page.getByLabel("% of the mould").fill("90");
    Browser.isAccessible(page);
    bench.key("Keep this product").click();
    assertThat(page.getByRole(AriaRole.ALERT).first()).containsText("make 100 %");
    page.getByLabel("% of the mould").fill("100");
    bench.key("Keep this product").click();
    assertThat(page.getByText("Planter")).isVisible();

    for (int i = 1; i <= 3; i++) {
      pour(page, bench);
    }
    // 2.32 L of trough was mixed with a tenth less to spare than the sum says: it yields less.
    page.navigate("/recipes/1");
    assertThat(page.getByLabel("What pours taught")).containsText("from 3 pours");
    assertThat(page.getByLabel("What pours taught")).containsText("minutes to fill one Planter");
    Browser.isAccessible(page);
    page.getByLabel("What pours taught").getByText("Use it").first().click();
    assertThat(page.getByLabel("Two versions")).containsText("version 2");
    assertThat(page.getByLabel("What pours taught")).containsText("used with 0.");
  }

  /** Into the next free copy; hardly anything is left, though a twelfth more was mixed. */
  private static void pour(Page page, Bench bench) {
    page.navigate("/pour?stock=1-1");
    bench.prepare();
    bench.typeAndMix(4);
    bench.key(Pattern.compile("is full$")).click();
    bench.finish("20 g");
    assertThat(bench.recorded()).isVisible();
  }
}
