package ironshelf.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.parallel.ResourceLock;
import tools.jackson.databind.JsonNode;

/**
 * Every page in both systems of units: no unit of the other one, no amount without its currency, no
 * two ways of writing a time of day.
 */
@ExtendWith(Workshop.class)
class ShopStyleTest {

  private static final List<String> PAGES =
      List.of(
          "/",
          "/next",
          "/orders",
          "/orders/1",
          "/orders/16",
          "/orders/1/change",
          "/orders/new",
          "/orders/table",
          "/plan",
          "/plan?by=mould",
          "/plan?by=order",
          "/plan/promise",
          "/plan/needs",
          "/pour",
          "/pour/weights",
          "/products",
          "/products/1",
          "/products/6",
          "/products/1/route",
          "/products/6/change",
          "/products/new/form",
          "/moulds",
          "/moulds/1",
          "/moulds/6",
          "/moulds/9",
          "/moulds/new",
          "/moulds/1/change",
          "/moulds/tables",
          "/copies/1",
          "/recipes",
          "/recipes/1",
          "/recipes/2/change",
          "/recipes/new",
          "/stock",
          "/stock/1",
          "/stock/new",
          "/stock/take",
          "/stock/use",
          "/dispatch",
          "/dispatch/20",
          "/results",
          "/temperatures",
          "/pieces/40",
          "/pieces/40/strength",
          "/pieces/200/inspect",
          "/words",
          "/set-up/hours",
          "/set-up/tools",
          "/set-up/shape",
          "/set-up/mix",
          "/set-up/copies",
          "/set-up/pour");

  /** Money alone has two decimals there. */
  private static final List<String> OF_MONEY =
      List.of("/orders", "/products", "/stock/use", "/results", "/pieces", "/dispatch");

  private static final Pattern METRIC =
      Pattern.compile(
          "(?<![\\w.])(kg|g|mm|cm|ml|L|°C|kg/m³|MPa|m²|cm²|g/m²)(?![\\w/³²’])"
              + "|\\b(kilogram|gram|litre|centimet)\\w*");

  private static final Pattern US =
      Pattern.compile(
          "(?<!\\w)(lb|oz|gal|qt|fl oz|°F|psi|sq ft|sq in|lb/ft³)(?!\\w)"
              + "|\\d ?in(?=$|[.,;·)\\]|])|\\b(pound|ounce|gallon|quart)s?\\b");

  private static final Pattern CLOCK_24 =
      Pattern.compile("(?<![\\d:.])([01]\\d|2[0-3]):[0-5]\\d(?! ?[ap]m|:\\d)");

  private static final DateTimeFormatter WEEKDAY_AND_TIME =
      DateTimeFormatter.ofPattern("EEE HH:mm", Locale.UK);

  private static final Pattern CLOCK_12 = Pattern.compile("\\d{1,2}:\\d\\d ?[ap]m");

  private static final Pattern AMOUNT =
      Pattern.compile("(?<![$€\\d.,])\\b\\d+\\.\\d\\d\\b(?! ?(lb|oz|in|qt|gal|fl|kg|g|L|mm|sq|%))");

  /** All that is read on a page or heard from it: words, fields, what is chosen, labels. */
  private static final String TEXT =
      """
      () => {
        // What else could be chosen is of the other system by right.
        const choices = [...document.querySelectorAll('select')];
        choices.forEach((c) => (c.style.display = 'none'));
        const said = [document.body.innerText];
        choices.forEach((c) => (c.style.display = ''));
        document.querySelectorAll('input, textarea').forEach((f) => said.push(f.value, f.placeholder ?? ''));
        document.querySelectorAll('option:checked').forEach((o) => said.push(o.textContent));
        document.querySelectorAll('[aria-label]').forEach((e) => said.push(e.getAttribute('aria-label')));
        document.querySelectorAll('svg text').forEach((t) => said.push(t.textContent));
        return said.join('\\n').replace(/[\\u2009\\u202f\\u00a0]/g, ' ');
      }
      """;

  @Test
  void everyPageOfAShopInUsUnits(@Workshop.Us RunningApp app, Browser browser) {
    Assertions.assertThat(walk(browser.open(app, "/"), METRIC, CLOCK_24)).isEmpty();
  }

  @Test
  @ResourceLock(Workshop.DEMO)
  void everyPageOfAMetricShop(RunningApp app, Browser browser) {
    Assertions.assertThat(walk(browser.open(app, "/"), US, CLOCK_12)).isEmpty();
  }

  /** What is due on another day says which, in the zone of the shop. */
  @Test
  @ResourceLock(Workshop.DEMO)
  void aTimeThatIsNotTodayHasItsDay(RunningApp app, Browser browser) {
    Page page = browser.open(app, "/");
    assertThat(page.getByText("Fetching")).hasCount(0);
    JsonNode shelf = new ShopApi(page).get("/api/shelf");
    Instant now = Instant.parse(shelf.path("now").asString());
    LocalDate today = day(shelf.path("now").asString());
    int others = 0;
    for (JsonNode group : shelf.path("groups")) {
      String gate = group.path("gateAt").asString();
      if (gate.isEmpty() || day(gate).equals(today)) {
        continue;
      }
      // What may come out now says from which moulds, not since when.
      if (!group.path("casts").isEmpty() && !Instant.parse(gate).isAfter(now)) {
        continue;
      }
      others++;
      String said = Instant.parse(gate).atZone(ZoneId.systemDefault()).format(WEEKDAY_AND_TIME);
      assertThat(page.locator("main")).containsText(said);
    }
    Assertions.assertThat(others).as("the demo has something due on another day").isPositive();
  }

  private static LocalDate day(String instant) {
    return LocalDate.ofInstant(Instant.parse(instant), ZoneId.systemDefault());
  }

  private static List<String> walk(Page page, Pattern foreign, Pattern otherClock) {
    List<String> wrong = new ArrayList<>();
    for (String path : PAGES) {
      Browser.go(page, path);
      boolean money =
          OF_MONEY.stream().anyMatch(path::startsWith) && !path.matches(".*(change|strength)");
      for (String line : ((String) page.evaluate(TEXT)).lines().toList()) {
        check(wrong, path, line, "foreign unit", foreign);
        check(wrong, path, line, "other clock", otherClock);
        if (money) {
          check(wrong, path, line, "amount without currency", AMOUNT);
        }
      }
    }
    return wrong;
  }

  private static void check(
      List<String> wrong, String path, String line, String what, Pattern pattern) {
    if (pattern.matcher(line).find()) {
      wrong.add(path + ": " + what + ": " + line.strip());
    }
  }
}
