package ironshelf.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static java.util.Objects.requireNonNull;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.time.temporal.TemporalAdjusters;
import java.util.Locale;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.parallel.ResourceLock;
import tools.jackson.databind.JsonNode;

/** Journeys by keyboard alone: Tab to what is wanted, Enter or Space on it, typing into fields. */
@ExtendWith(Workshop.class)
class KeyboardTest {

  private static final int MOST_TABS = 140;

  /** What has the focus, as it is called. */
  private static final String FOCUSED =
      """
      () => {
        const e = document.activeElement;
        const label = e.labels && e.labels[0] ? e.labels[0].textContent : '';
        return (e.getAttribute('aria-label') || label || e.textContent || '').trim();
      }
      """;

  @Test
  void fromAnEmptyShopToTheFirstFigure(@Workshop.Empty RunningApp app, Browser browser) {
    Page page = browser.open(app, "/set-up/name");
    type(page, "name of your shop", "Key Pots");
    press(page, "Next: units and money");
    press(page, "Next: who works when");
    press(page, "Next: mixer and scale");
    press(page, "Next: what you make");
    press(page, "Next: your first product");
    assertThat(page.getByText("What shape is it?")).isVisible();
    press(page, "shallow tray");
    type(page, "height", "25");
    press(page, "Next");
    press(page, "White neat 2 : 1");
    for (int question = 0; question < 3; question++) {
      press(page, "Next");
    }
    type(page, "sold for", "12");
    press(page, "Make it");
    page.waitForURL(Pattern.compile(".*/pours/\\d+"));
    press(page, "Done, go on");
    press(page, "Done, go on");
    press(page, "Type it");
    type(page, "What went in", "250");
    page.keyboard().press("Enter");
    assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(2)).first())
        .not()
        .containsText("ortland");
  }

  @Test
  @ResourceLock(Workshop.DEMO)
  void anOrderIsTakenAndAPieceLookedAt(RunningApp app, Browser browser) {
    Page page = browser.open(app, "/orders/new");
    type(page, "customer", "Key Street Pots");
    type(page, "due", "1 June 2027");
    assertThat(page.getByLabel("due", new Page.GetByLabelOptions().setExact(true)))
        .hasValue("1 June 2027");
    tabTo(page, "product");
    page.keyboard().type("Hex tile");
    type(page, "how many", "4");
    press(page, "Take the order");
    assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
        .containsText("Key Street Pots");

    // The upright by its keys, the shelf's groups one after the other, out again by Escape.
    page.keyboard().press("Alt+1");
    assertThat(page).hasTitle(Pattern.compile("^Shelf"));
    press(page, "Reed vase");
    assertThat(page.getByRole(AriaRole.DIALOG)).isVisible();
    page.keyboard().press("Escape");
    assertThat(page.getByRole(AriaRole.DIALOG)).hasCount(0);
    page.keyboard().press("?");
    assertThat(page.getByText("What the words mean")).isVisible();
    page.keyboard().press("Escape");
  }

  @Test
  void piecesComeOutAreLookedAtAndGo(Browser browser) {
    try (RunningApp app = RunningApp.demo("metric")) {
      Page page = browser.open(app, "/");
      ShopApi shop = new ShopApi(page);
      press(page, "Ripple bowl ×3");
      for (Locator mass : page.getByLabel(Pattern.compile("^Mass of ")).all()) {
        type(page, mass.evaluate("f => f.labels[0].textContent").toString().strip(), "2.07 kg");
      }
      press(page, "Take out 3");
      assertThat(page.getByRole(AriaRole.DIALOG)).hasCount(0);

      page.navigate("/pieces/" + due(shop, "inspect") + "/inspect");
      press(page, "Pinholes on the face");
      assertThat(page.getByText("looks like a second")).isVisible();
      press(page, "It is a second");
      assertThat(page).hasURL(Pattern.compile(".*/pieces/\\d+$"));

      page.keyboard().press("Alt+0");
      assertThat(page).hasTitle(Pattern.compile("^Send"));
      press(page, "Pack");
      press(page, "Mark as sent");
      assertThat(page).hasURL(Pattern.compile(".*/orders/\\d+$"));

      // One piece of it comes back and is made again.
      press(page, "a piece came back");
      tabTo(page, "piece");
      page.keyboard().press("ArrowDown");
      type(page, "reason", "chipped on the way");
      press(page, "Take it back");
      assertThat(page.getByText(Pattern.compile("is taken back: chipped on the way"))).isVisible();
    }
  }

  @Test
  void aCastOfThePlanIsMoved(Browser browser) {
    try (RunningApp app = RunningApp.demo("metric")) {
      Page page = browser.open(app, "/plan");
      // The plan is made on a machine that has other things to do; nobody tabs through an empty
      // page.
      assertThat(page.getByText("by mould copy")).isVisible();
      press(page, "by mould copy");
      Locator cast = page.getByLabel(Pattern.compile(", order .*")).first();
      press(page, requireNonNull(cast.getAttribute("aria-label")));
      // A morning weeks away on which nobody has anything to do yet, whenever this runs.
      LocalDate free =
          LocalDate.now(ZoneId.systemDefault())
              .plusWeeks(4)
              .with(TemporalAdjusters.next(DayOfWeek.WEDNESDAY));
      type(page, "poured on", free.format(DateTimeFormatter.ofPattern("d MMM yyyy", Locale.UK)));
      type(page, "at", "11:40");
      press(page, "Put it there");
      assertThat(page.getByText("stays where it was put")).isVisible();
      press(page, "Unpin");
      assertThat(page.getByText("stays where it was put")).hasCount(0);
    }
  }

  /** The office: a recipe taken and given a colour, its cement delivered, a mould described. */
  @Test
  void theOfficeWorkOfAnEmptyShop(Browser browser) {
    try (RunningApp app = RunningApp.empty()) {
      Page page = browser.open(app, "/recipes");
      press(page, "Take it");
      assertThat(page).hasTitle(Pattern.compile("^Rapid neat"));
      press(page, "Add a colourway");
      type(page, "colourway", "Chalk");
      press(page, "Keep the colourway");
      assertThat(page.getByLabel("Colourways")).containsText("Chalk");

      page.keyboard().press("Alt+9");
      assertThat(page).hasTitle(Pattern.compile("^Stock"));
      press(page, "Lots of Rapid-setting cement");
      press(page, "Delivery");
      type(page, "how much came", "3 bags");
      press(page, "Book it");
      assertThat(page.getByLabel("Rapid-setting cement").first()).containsText("60 kg");

      page.navigate("/moulds/new");
      type(page, "name", "Key box");
      type(page, "across the top", "120");
      press(page, "Keep this mould");
      assertThat(page).hasTitle(Pattern.compile("^Key box mould"));
      press(page, "Add a copy");
      press(page, "Add it");
      assertThat(page.getByLabel("Copy KB1")).containsText("free");
    }
  }

  private static long due(ShopApi shop, String step) {
    for (JsonNode group : shop.get("/api/shelf").path("groups")) {
      if (group.path("step").asString().equals(step)
          && Instant.parse(group.path("gateAt").asString()).isBefore(Instant.now())) {
        return group.path("pieceIds").get(0).asLong();
      }
    }
    throw new AssertionError("nothing to " + step);
  }

  private static void type(Page page, String label, String text) {
    tabTo(page, label);
    page.keyboard().press("Control+A");
    page.keyboard().type(text);
  }

  private static void press(Page page, String name) {
    tabTo(page, name);
    page.keyboard().press("Enter");
    page.waitForTimeout(250);
  }

  /** On by Tab, round the page if need be, until what is called so has the focus. */
  private static void tabTo(Page page, String name) {
    for (int tab = 0; tab < MOST_TABS; tab++) {
      page.keyboard().press("Tab");
      if (((String) page.evaluate(FOCUSED)).startsWith(name)) {
        return;
      }
    }
    Assertions.fail(name + " is not reached by Tab on " + page.url());
  }
}
