package ironshelf.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.TimeoutError;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.RequestOptions;
import java.time.DayOfWeek;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/**
 * A week planned; its Monday poured mix by mix from the day sheet, and the plan true at night; then
 * a mould breaks, a helper is ill and a bag does not come, and the plan says what moved; more
 * copies and a tent tried and kept; a promise with its chance.
 */
@ExtendWith(Workshop.class)
class PlannedWeekTest {

  @Test
  void aWeekAndWhatComesBetween(Browser browser) {
    try (RunningApp app = RunningApp.demo("metric")) {
      Page page = browser.open(app, "/plan");
      ShopApi shop = new ShopApi(page);
      LocalDate monday = toMonday(shop);
      takeOut(shop);
      int before = toPour(shop);
      int poured = mondayIsPoured(page, shop, monday);
      // The plan follows the last pour in a moment.
      for (int i = 0; i < 40 && toPour(shop) != before - poured; i++) {
        page.waitForTimeout(500);
      }
      assertThat(toPour(shop)).isEqualTo(before - poured);
      atNightThePlanIsTrue(page, shop, monday);
      badNewsInTheMorning(page, shop);
      moreIsTriedAndKept(page, shop);
      aPromiseHasItsChance(page, shop);
    }
  }

  private static LocalDateTime now(ShopApi shop) {
    return LocalDateTime.parse(shop.get("/api/shelf").path("now").asString().substring(0, 16));
  }

  private static LocalDate toMonday(ShopApi shop) {
    LocalDateTime now = now(shop);
    LocalDateTime monday =
        now.toLocalDate().with(TemporalAdjusters.next(DayOfWeek.MONDAY)).atTime(7, 5);
    shop.forward(Duration.between(now, monday).toMinutes() / 60.0);
    shop.post("/api/plan/run", Map.of("seconds", 0));
    return monday.toLocalDate();
  }

  /** All that may be taken out by now; what the demo poured last may need an hour more. */
  private static void takeOut(ShopApi shop) {
    JsonNode shelf = shop.get("/api/shelf");
    Instant now = Instant.parse(shelf.path("now").asString());
    for (JsonNode group : shelf.path("groups")) {
      if (!group.path("step").asString().equals("demould")
          || Instant.parse(group.path("gateAt").asString()).isAfter(now)) {
        continue;
      }
      List<Map<String, Object>> casts = new ArrayList<>();
      for (JsonNode cast : group.path("casts")) {
        casts.add(
            Map.of(
                "castId",
                cast.path("id").asLong(),
                "version",
                cast.path("version").asLong(),
                "pieces",
                Collections.nCopies(cast.path("pieces").asInt(), Map.of())));
      }
      shop.post("/api/shelf/take-out", Map.of("casts", casts));
    }
  }

  private static int toPour(ShopApi shop) {
    int toPour = 0;
    for (JsonNode line : shop.plan().path("lines")) {
      toPour += line.path("toPour").asInt();
    }
    return toPour;
  }

  /** Every mix of the day whose copies are free, from its card to the record; the pieces poured. */
  private static int mondayIsPoured(Page page, ShopApi shop, LocalDate monday) {
    int pieces = 0;
    int mixes = 0;
    while (mixes < 12) {
      JsonNode plan = shop.plan();
      JsonNode mix = freeMix(shop, plan, monday);
      if (mix == null) {
        break;
      }
      page.navigate("/plan/days/" + monday);
      String goods = mix.path("product").asString();
      Locator card =
          page.getByRole(
              AriaRole.LINK,
              new Page.GetByRoleOptions()
                  .setName(Pattern.compile("^Mix " + no(plan, monday, mix) + ", .*pour sheet$")));
      card.click();
      assertThat(page.getByText("To the bench").first()).isVisible();
      page.getByText("To the bench").first().click();
      page.waitForURL(Pattern.compile(".*/pours/\\d+"));
      toTheEnd(page);
      pieces += mix.path("pieces").asInt();
      mixes++;
      System.out.println("Poured: " + mix.path("pieces").asInt() + " " + goods);
    }
    assertThat(mixes).as("mixes poured on Monday").isPositive();
    return pieces;
  }

  /** Its number on the day sheet: mixes are counted in the order of the clock. */
  private static int no(JsonNode plan, LocalDate monday, JsonNode mix) {
    int no = 1;
    for (JsonNode day : plan.path("days")) {
      for (JsonNode visit : day.path("visits")) {
        boolean before = visit.path("at").asString().compareTo(mix.path("at").asString()) < 0;
        boolean here = day.path("date").asString().equals(monday.toString());
        no += here && visit.has("litres") && before ? 1 : 0;
      }
    }
    return no;
  }

  /** Whose every copy is free. */
  private static JsonNode freeMix(ShopApi shop, JsonNode plan, LocalDate monday) {
    for (JsonNode day : plan.path("days")) {
      for (JsonNode visit : day.path("visits")) {
        boolean mix = visit.has("litres") && day.path("date").asString().equals(monday.toString());
        if (mix && isFree(shop, plan, visit)) {
          return visit;
        }
      }
    }
    return null;
  }

  private static boolean isFree(ShopApi shop, JsonNode plan, JsonNode visit) {
    boolean free = true;
    for (JsonNode no : visit.path("casts")) {
      for (JsonNode cast : plan.path("casts")) {
        boolean own = cast.path("no").asInt() == no.asInt();
        free &=
            !own
                || (cast.path("firstLayer").asInt() == 0
                    && !shop.get("/api/copies/" + cast.path("copyId").asLong())
                        .path("copy")
                        .has("held"));
      }
    }
    return free;
  }

  /** Presses the key that goes on until it is recorded; one that just went is looked for anew. */
  private static void toTheEnd(Page page) {
    Bench bench = new Bench(page);
    for (int presses = 0; presses < 150 && !bench.recorded().isVisible(); presses++) {
      try {
        bench.key(GOES_ON).last().click(new Locator.ClickOptions().setTimeout(1_500));
      } catch (TimeoutError gone) {
        page.waitForTimeout(50);
      }
    }
    assertThat(bench.recorded().isVisible())
        .as("recorded; keys: %s", page.getByRole(AriaRole.BUTTON).allTextContents())
        .isTrue();
  }

  private static final Pattern GOES_ON =
      Pattern.compile(
          "^(Done, go on|All as asked, and wet|All as asked|Wet now|All are full|.* went in"
              + "|It flows with.*|.* is full|.* has its part|Tapped|Struck off|Rammed|Placed, go on"
              + "|Lettered|Hung|Record it|Nothing was left)$");

  /** What was poured is no longer planned; what is left stands on later days, every piece of it. */
  private static void atNightThePlanIsTrue(Page page, ShopApi shop, LocalDate monday) {
    LocalDateTime now = now(shop);
    shop.forward(Duration.between(now, monday.atTime(21, 0)).toMinutes() / 60.0);
    JsonNode plan = shop.plan();
    Map<Long, Integer> planned = new HashMap<>();
    for (JsonNode cast : plan.path("casts")) {
      assertThat(LocalDateTime.parse(cast.path("pourAt").asString()))
          .isAfter(monday.atTime(20, 59));
      if (cast.path("firstLayer").asInt() == 0) {
        planned.merge(cast.path("lineId").asLong(), cast.path("pieces").asInt(), Integer::sum);
      }
    }
    for (JsonNode line : plan.path("lines")) {
      assertThat(planned.getOrDefault(line.path("lineId").asLong(), 0))
          .as(line.toString())
          .isEqualTo(line.path("toPour").asInt());
    }
    page.navigate("/plan?by=order");
    assertThat(page.getByText(Pattern.compile("on time in 9 of 10 simulated weeks"))).isVisible();
    Browser.isAccessible(page);
  }

  private static void badNewsInTheMorning(Page page, ShopApi shop) {
    shop.forward(10.1);
    JsonNode plan = shop.plan();
    JsonNode cast = plan.path("casts").get(0);
    long copyId = cast.path("copyId").asLong();
    long version = shop.get("/api/copies/" + copyId).path("copy").path("version").asLong();
    page.request()
        .post(
            "/api/copies/" + copyId + "/marks",
            RequestOptions.create()
                .setHeader("If-Match", "\"" + version + "\"")
                .setHeader("Content-Type", "application/json")
                .setData("{\"condition\":\"retired\",\"reason\":\"split\"}"));
    // The helper is ill: one person, on the workshop's page.
    page.navigate("/workshop");
    page.getByLabel("people working at once").fill("1");
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Keep these measures"))
        .click();
    assertThat(page.getByText("Kept.")).isVisible();
    // The bag does not come, and what stood there is hard.
    for (JsonNode stock : shop.get("/api/materials")) {
      if (stock.path("material").path("role").asString().equals("binder")) {
        for (JsonNode lot : stock.path("lots")) {
          if (lot.path("remainingKg").asDouble() > 0) {
            shop.post(
                "/api/lots/" + lot.path("id").asLong() + "/count",
                Map.of("massKg", 0, "reason", "hard"));
          }
        }
      }
    }
    shop.plan();
    page.navigate("/plan?by=order");
    Locator changed = page.getByText(Pattern.compile("another day than yesterday’s plan had"));
    assertThat(changed).isVisible();
    changed.click();
    assertThat(page.getByText(Pattern.compile("copies in use now \\d+, before \\d+")).first())
        .isVisible();
    assertThat(page.getByText(Pattern.compile("It waits for ")).first()).isVisible();
    Browser.isAccessible(page);
  }

  private static void moreIsTriedAndKept(Page page, ShopApi shop) {
    page.navigate("/plan/what-if");
    page.getByLabel("a heated tent to set in").selectOption("yes");
    page.getByLabel("it holds, pieces").fill("18");
    Locator more =
        page.getByRole(
                AriaRole.BUTTON,
                new Page.GetByRoleOptions().setName(Pattern.compile("^one more of ")))
            .first();
    String mould = more.getAttribute("aria-label").replace("one more of ", "");
    int copies = copies(shop, mould);
    more.click();
    assertThat(page.getByLabel("Side by side")).containsText("as it would be");
    Browser.isAccessible(page);
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Make it so")).click();
    assertThat(page.getByText(Pattern.compile("^Done\\."))).isVisible();
    assertThat(copies(shop, mould)).isEqualTo(copies + 1);
  }

  private static int copies(ShopApi shop, String mould) {
    for (JsonNode row : shop.plan().path("moulds")) {
      if (row.path("mould").asString().equals(mould)) {
        return row.path("copies").size();
      }
    }
    throw new AssertionError("no mould " + mould);
  }

  private static void aPromiseHasItsChance(Page page, ShopApi shop) {
    JsonNode cup = shop.product("Tea-light cup");
    page.navigate("/plan/promise");
    page.getByLabel("product")
        .selectOption(
            cup.path("product").path("id").asLong()
                + "-"
                + cup.path("colourways").get(0).path("id").asLong());
    page.getByLabel("how many").fill("12");
    assertThat(page.getByText("kept in 9 of 10 weeks")).isVisible();
    Locator sure = page.getByLabel("How sure that is");
    assertThat(sure).containsText("in 9 of 10");
    assertThat(sure).containsText("from ");
    Browser.isAccessible(page);
  }
}
