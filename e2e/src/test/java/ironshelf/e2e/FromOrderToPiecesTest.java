package ironshelf.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.parallel.ResourceLock;

/** A maker's way: an order line, its mould, the pour sheet, the shelf, and the order again. */
@ExtendWith(Workshop.class)
@ResourceLock(Workshop.DEMO)
class FromOrderToPiecesTest {

  @Test
  void fromAnOrderToPiecesOutOfTheMould(RunningApp app, Browser browser) {
    Page page = browser.openKept(app, "/orders");
    Bench bench = new Bench(page);

    // The order.
    page.getByText("The Heron Rooms, refit").click();
    Locator line = page.getByLabel("Ripple bowl, Slate");
    assertThat(line).containsText("12 to pour");
    assertThat(line).containsText("nothing poured yet");
    Browser.isAccessible(page);

    // Its mould: check values of a tapered pot (docs/method/moulds.md).
    line.getByText("mould", new Locator.GetByTextOptions().setExact(true)).click();
    assertThat(page).hasTitle("Ripple bowl mould · Iron Shelf");
    assertThat(page.getByText("0.961").first()).isVisible();
    assertThat(page.getByText("on each core, or it floats: a kettle-weight of 4")).isVisible();
    assertThat(page.getByText("thinnest wall, least wanted 8")).isVisible();
    Locator copy = page.getByLabel("Copy R5");
    assertThat(copy).containsText("free");
    assertThat(copy).containsText("99 of about 300 casts");
    Browser.isAccessible(page);

    // The pour sheet.
    page.goBack();
    page.getByText("12 to pour").click();
    assertThat(page.getByLabel("R5, chosen")).isVisible();
    page.getByLabel("R7, chosen").click();
    page.getByLabel("R8, chosen").click();
    assertThat(page.getByText("Iron oxide black").first()).isVisible();
    Browser.isAccessible(page);
    page.getByText("To the bench").click();
    assertThat(bench.heading("Moulds ready")).isVisible();
    Browser.isAccessible(page);
    bench.key("Done, go on").click();
    bench.key("Done, go on").click();
    assertThat(bench.heading("Water, first part")).isVisible();
    bench.key("Type it").click();
    Locator typed = page.getByRole(AriaRole.TEXTBOX);
    typed.fill("a splash");
    bench.key("Take what I typed").click();
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("cannot be read");
    typed.fill("1 lb 6 oz");
    assertThat(page.getByText("read as 1 lb 6 oz")).isVisible();
    typed.press("Enter");
    assertThat(bench.heading("Iron oxide black")).isVisible();

    // A sleeping tablet loses nothing, and neither does a stopped server.
    app.restart();
    page.reload();
    assertThat(bench.heading("Iron oxide black")).isVisible();
    bench.key(Pattern.compile("went in")).click();
    bench.key("Undo").click();
    assertThat(bench.heading("Iron oxide black")).isVisible();
    Browser.isAccessible(page);
    bench.key(Pattern.compile("went in")).click();

    // The scale: poured on until it is right, taken as it is.
    assertThat(bench.heading("Rapid-setting cement")).isVisible();
    bench.key("Demo: pour it on the scale").click();
    // Steady within tolerance for two seconds: it is taken without a press.
    assertThat(bench.heading("Wet and mix")).isVisible();
    Browser.isAccessible(page);

    // Wetting starts the clock; the rest of the water goes in by small additions.
    assertThat(page.getByText("clock starts when wet")).isVisible();
    bench.key("Wet now").click();
    assertThat(page.getByRole(AriaRole.TIMER)).containsText("left to work");
    page.context().setOffline(true);
    bench.type("40");
    assertThat(page.getByText("added so far")).isVisible();
    bench.type("25 g");
    page.context().setOffline(false);
    bench.key("Undo").click();
    bench.key(Pattern.compile("^It flows with 40.g$")).click();
    assertThat(bench.heading("Fill R5")).isVisible();
    Browser.isAccessible(page);
    bench.key("R5 is full").click();
    bench.key("R6 is full").click();
    bench.key("Tapped").click();
    assertThat(page.getByText("left.").first()).isVisible();
    Browser.isAccessible(page);
    bench.key("Placed, go on").click();
    // The network goes away, and with it nothing but the network.
    page.context().setOffline(true);
    bench.key("Record it").click();
    assertThat(page.getByText("The network is gone since")).isVisible();
    page.context().setOffline(false);
    assertThat(bench.recorded()).isVisible();
    assertThat(page.getByText("2 allotted to order 209.")).isVisible();
    Browser.isAccessible(page);

    // What went in is added up.
    page.navigate("/stock/use?by=pour");
    assertThat(page.getByText("Asked and actual")).isVisible();
    Browser.isAccessible(page);
    page.navigate("/stock/use");
    assertThat(page.getByLabel("Costs")).containsText("Ripple bowl");
    page.navigate("/");

    // The shelf: they stand there, and cannot be taken out unasked before their time.
    Locator group = bench.key(Pattern.compile("Ripple bowl ×2, Slate, out .*"));
    group.click();
    assertThat(page.getByText("Why now?")).isVisible();
    page.keyboard().press("Escape");
    Browser.isAccessible(page);

    // Their time comes.
    bench.key(Pattern.compile("^1 h$")).click();
    bench.key(Pattern.compile("^1 h$")).click();
    bench.key(Pattern.compile("^1 h$")).click();
    bench.key(Pattern.compile("Ripple bowl ×2, Slate, out since .*")).click();
    assertThat(page.getByText("2 pieces not weighed; only what is weighed teaches")).isVisible();
    page.getByLabel("Mass of R5").fill("2.07 kg");
    page.getByLabel("Mass of R6").fill("4 lb 9");
    assertThat(page.getByText("read as 4 lb 9 oz")).isVisible();
    Browser.isAccessible(page);
    bench.key("Take out 2").click();
    assertThat(bench.key(Pattern.compile("Ripple bowl ×2, Slate, trim since .*"))).isVisible();

    // The mould: free, with one more cast.
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Moulds")).click();
    page.getByRole(
            AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile("^Ripple bowl")))
        .click();
    assertThat(copy).containsText("free");
    assertThat(copy).containsText("100 of about 300 casts");

    // The order again.
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Orders")).click();
    page.getByText("The Heron Rooms, refit").click();
    assertThat(line).containsText("2 of 12");
    assertThat(line).containsText("2 curing");
    assertThat(line).containsText("10 to pour");
  }

  @Test
  void deepLinksKeysAndWhatIsNotThere(RunningApp app, Browser browser) {
    Page page = browser.open(app, "/moulds/2");
    assertThat(page).hasTitle("Tea-light cup mould · Iron Shelf");
    page.keyboard().press("?");
    assertThat(page.getByText("to the next group, copy or field")).isVisible();
    page.keyboard().press("Escape");
    page.keyboard().press("Alt+3");
    assertThat(page).hasTitle("Orders · Iron Shelf");
    page.getByLabel("Search by anything on an order").fill("nobody");
    assertThat(page.getByText("No order matches “nobody”")).isVisible();
    page.navigate("/moulds/99999");
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("There is no mould 99999");
    Browser.isAccessible(page);
    page.navigate("/nowhere");
    assertThat(page.getByText("There is no page at this address")).isVisible();
    page.navigate("/pour");
    assertThat(page).hasTitle("Pour · Iron Shelf");
    page.getByText("night", new Page.GetByTextOptions().setExact(true)).click();
    Browser.isAccessible(page);
  }

  @Test
  void anEmptyShopSaysWhatToDo(RunningApp app, Browser browser) {
    try (RunningApp empty = RunningApp.empty()) {
      Page page = browser.open(empty, "/");
      assertThat(page).hasTitle("Set up your shop · Iron Shelf");
      page.getByText("Leave the rest for later").click();
      assertThat(page.getByText("There is nothing to make yet")).isVisible();
      assertThat(page.getByText("Demo,")).isHidden();
      Browser.isAccessible(page);
      page.navigate("/temperatures");
      assertThat(page.getByText("no probe yet: the usual day").first()).isVisible();
      page.navigate("/next");
      page.getByText("Make the first product").click();
      assertThat(page).hasTitle("New product · Iron Shelf");
      page.navigate("/orders");
      assertThat(page.getByText("There is nothing to make yet")).isVisible();
      page.navigate("/moulds");
      assertThat(page.getByText("No moulds yet")).isVisible();
    }
  }
}
