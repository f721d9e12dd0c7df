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
    Page page = browser.open(app, "/orders");

    // The order.
    page.getByText("The Heron Rooms, refit").click();
    Locator line = page.getByLabel("Ripple bowl, Slate");
    assertThat(line).containsText("12 to pour");
    assertThat(line).containsText("nothing poured yet");
    Browser.isAccessible(page);

    // Its mould: check values of the handbook's tapered pot.
    line.getByText("mould", new Locator.GetByTextOptions().setExact(true)).click();
    assertThat(page).hasTitle("Ripple bowl mould · Iron Shelf");
    assertThat(page.getByText("0.961")).isVisible();
    assertThat(page.getByText("on each core, or it floats: a 4 kg kettle-weight")).isVisible();
    assertThat(page.getByText("thinnest wall, least wanted 8")).isVisible();
    Locator copy = page.getByLabel("Copy R5");
    assertThat(copy).containsText("free");
    assertThat(copy).containsText("98 of about 300 casts");
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
    assertThat(heading(page, "Moulds ready")).isVisible();
    Browser.isAccessible(page);
    key(page, "Done, go on").click();
    key(page, "Done, go on").click();
    assertThat(heading(page, "Water, first part")).isVisible();
    key(page, "Type it").click();
    Locator typed = page.getByRole(AriaRole.TEXTBOX);
    typed.fill("a splash");
    key(page, "Take what I typed").click();
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("cannot be read");
    typed.fill("1 lb 6 oz");
    assertThat(page.getByText("read as 1 lb 6 oz")).isVisible();
    typed.press("Enter");
    assertThat(heading(page, "Iron oxide black")).isVisible();

    // A sleeping tablet loses nothing, and neither does a stopped server.
    app.restart();
    page.reload();
    assertThat(heading(page, "Iron oxide black")).isVisible();
    key(page, Pattern.compile("went in")).click();
    key(page, "Undo").click();
    assertThat(heading(page, "Iron oxide black")).isVisible();
    Browser.isAccessible(page);
    key(page, Pattern.compile("went in")).click();

    // The scale: poured on until it is right, taken as it is.
    assertThat(heading(page, "Rapid-setting cement")).isVisible();
    key(page, "Demo: pour it on the scale").click();
    assertThat(page.getByText("scale steady")).isVisible();
    Browser.isAccessible(page);
    key(page, Pattern.compile("^Take .* as it is$")).click();

    // Wetting starts the clock; the rest of the water goes in by small additions.
    assertThat(page.getByText("clock starts when wet")).isVisible();
    key(page, "Wet now").click();
    assertThat(page.getByRole(AriaRole.TIMER)).containsText("left to work");
    key(page, "Type it").click();
    page.getByRole(AriaRole.TEXTBOX).fill("40");
    key(page, "Take what I typed").click();
    assertThat(page.getByText("added so far")).isVisible();
    key(page, "Type it").click();
    page.getByRole(AriaRole.TEXTBOX).fill("25 g");
    key(page, "Take what I typed").click();
    key(page, "Undo").click();
    key(page, Pattern.compile("^It flows with 40.g$")).click();
    assertThat(heading(page, "Fill R5")).isVisible();
    Browser.isAccessible(page);
    key(page, "R5 is full").click();
    key(page, "R6 is full").click();
    key(page, "Tapped").click();
    assertThat(page.getByText("will be left")).isVisible();
    Browser.isAccessible(page);
    key(page, "Placed, go on").click();
    key(page, "Poured").click();
    assertThat(page.getByRole(AriaRole.STATUS)).containsText("is booked");
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
    Locator group = button(page, Pattern.compile("Ripple bowl ×2, Slate, out .*"));
    group.click();
    assertThat(page.getByText("Why now?")).isVisible();
    page.keyboard().press("Escape");
    Browser.isAccessible(page);

    // Their time comes.
    button(page, Pattern.compile("^1 h$")).click();
    button(page, Pattern.compile("^1 h$")).click();
    button(page, Pattern.compile("^1 h$")).click();
    button(page, Pattern.compile("Ripple bowl ×2, Slate, out since .*")).click();
    assertThat(page.getByText("2 pieces still to weigh")).isVisible();
    page.getByLabel("Mass of R5").fill("2.07 kg");
    page.getByLabel("Mass of R6").fill("4 lb 9");
    assertThat(page.getByText("read as 4 lb 9 oz")).isVisible();
    Browser.isAccessible(page);
    key(page, "Take out 2").click();
    assertThat(button(page, Pattern.compile("Ripple bowl ×2, Slate, dry .*"))).isVisible();

    // The mould: free, with one more cast.
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Moulds")).click();
    page.getByRole(
            AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile("^Ripple bowl")))
        .click();
    assertThat(copy).containsText("free");
    assertThat(copy).containsText("99 of about 300 casts");

    // The order again.
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Orders")).click();
    page.getByText("The Heron Rooms, refit").click();
    assertThat(line).containsText("2 of 12");
    assertThat(line).containsText("2 drying");
    assertThat(line).containsText("10 to pour");
  }

  @Test
  void deepLinksKeysAndWhatIsNotThere(RunningApp app, Browser browser) {
    Page page = browser.open(app, "/moulds/2");
    assertThat(page).hasTitle("Tea-light cup mould · Iron Shelf");
    page.keyboard().press("?");
    assertThat(page.getByText("to the next group, copy or field")).isVisible();
    page.keyboard().press("Escape");
    page.keyboard().press("Alt+2");
    assertThat(page).hasTitle("Orders · Iron Shelf");
    page.getByLabel("Search by customer or number").fill("nobody");
    assertThat(page.getByText("No order matches “nobody”")).isVisible();
    page.navigate("/moulds/99999");
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("There is no mould 99999");
    Browser.isAccessible(page);
    page.navigate("/nowhere");
    assertThat(page.getByText("There is nothing at this address")).isVisible();
    page.navigate("/pour");
    assertThat(page).hasTitle("Pour · Iron Shelf");
    page.getByText("night", new Page.GetByTextOptions().setExact(true)).click();
    Browser.isAccessible(page);
  }

  @Test
  void anEmptyShopSaysWhatToDo(RunningApp app, Browser browser) {
    try (RunningApp empty = new RunningApp(false)) {
      Page page = browser.open(empty, "/");
      assertThat(page.getByText("Nothing stands on the shelf")).isVisible();
      assertThat(page.getByText("Demo,")).isHidden();
      Browser.isAccessible(page);
      page.navigate("/orders");
      assertThat(page.getByText("No orders yet")).isVisible();
      page.navigate("/moulds");
      assertThat(page.getByText("No moulds yet")).isVisible();
    }
  }

  private static Locator heading(Page page, String name) {
    return page.getByRole(
        AriaRole.HEADING, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  private static Locator key(Page page, String name) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  private static Locator key(Page page, Pattern name) {
    return button(page, name);
  }

  private static Locator button(Page page, Pattern name) {
    return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
  }
}
