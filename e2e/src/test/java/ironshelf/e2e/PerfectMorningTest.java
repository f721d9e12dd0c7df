package ironshelf.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static ironshelf.e2e.MorningShop.begin;
import static ironshelf.e2e.MorningShop.make;
import static ironshelf.e2e.MorningShop.query;
import static ironshelf.e2e.MorningShop.step;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import ironshelf.e2e.Workshop.Empty;
import ironshelf.standin.SimulatedScale;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Mornings on which all goes as the sheet says, and practice before one. */
@ExtendWith(Workshop.class)
class PerfectMorningTest {

  private static final Map<String, Object> MIX = Map.of("mix", "sand-cement");

  /** Without a scale, a mix is one press; a second tablet at the same bench follows each. */
  @Test
  void aPerfectMorningIsOnePressAMix(@Empty RunningApp app, Browser browser) {
    Page page = browser.open(app, "/pour");
    JsonNode made = make(new ShopApi(page), "Morning tray", "tray", MIX, 20, "black");
    page.navigate("/pour/sheet?" + query(made));
    Effort effort = new Effort(page);
    effort.press("To the bench");
    page.waitForURL(Pattern.compile(".*/pours/\\d+"));
    effort.press("Done, go on");
    effort.press("Done, go on");
    Bench bench = new Bench(page);
    Page tablet = browser.open(app, page.url().replace(app.address(), ""));
    assertThat(new Bench(tablet).key("All as asked, and wet")).isVisible();
    while (!step(page, "").path("kind").asString().equals("left")) {
      switch (step(page, "").path("kind").asString()) {
        case "weigh" -> {
          effort.press("All as asked, and wet");
          String first = step(page, "fill").path("about").asString();
          assertThat(new Bench(tablet).heading("Fill " + first)).isVisible();
        }
        case "finish" -> effort.press("Struck off");
        default -> {
          if (bench.key("All are full").isVisible()) {
            effort.press("All are full");
          } else {
            effort.press(bench.key(Pattern.compile("is full$|has its part$")));
          }
        }
      }
    }
    effort.press("Placed, go on");
    effort.press(bench.key("Record it"));
    assertThat(bench.recorded()).isVisible();
    assertThat(new Bench(tablet).recorded()).isVisible();
    tablet.close();
    effort.holds("20 trays of one mix recipe, no scale, all as asked", 0, 25);
  }

  /** With a scale nothing is pressed to weigh: what stands on it steadily is taken. */
  @Test
  void withTheScaleNothingIsPressedToWeigh(@Empty RunningApp app, Browser browser) {
    Page page = browser.open(app, "/pour");
    JsonNode made = make(new ShopApi(page), "Scale tray", "tray", MIX, 20, "black");
    Bench bench = begin(page, made);
    Effort effort = new Effort(page);
    effort.press("Done, go on");
    effort.press("Done, go on");
    SimulatedScale scale = app.bean(SimulatedScale.class);
    int weighed = 0;
    for (JsonNode at = step(page, ""); !at.path("kind").asString().equals("left"); ) {
      JsonNode weigh = at.path("weigh");
      boolean byItself =
          at.path("kind").asString().equals("weigh") && !weigh.path("bitByBit").asBoolean();
      if (byItself) {
        scale.put(scale.onKg() + weigh.path("askedKg").asDouble());
        weighed++;
      } else {
        effort.press(bench.key(Pattern.compile(GOES_ON)).last());
      }
      String before = at.path("key").asString();
      page.waitForCondition(() -> !step(page, "").path("key").asString().equals(before));
      at = step(page, "");
    }
    assertThat(weighed).isGreaterThanOrEqualTo(6);
    effort.press("Placed, go on");
    effort.press(bench.key("Record it"));
    assertThat(bench.recorded()).isVisible();
    effort.holds("20 trays of one mix recipe, with a scale, all as asked", 0, 40);
  }

  /** The main key of every step that no scale decides; not the one for all copies at once. */
  private static final String GOES_ON =
      "^(Wet now|.* went in|It flows with.*|.* is full|.* has its part|Tapped|Struck off)$";

  /** A sheet poured as practice: mishaps on request, what pieces would have suffered, no trace. */
  @Test
  void practiceLeavesNoTrace(@Empty RunningApp app, Browser browser) {
    Page page = browser.open(app, "/pour");
    ShopApi shop = new ShopApi(page);
    JsonNode made =
        make(shop, "Practice tray", "tray", Map.of("mix", "rapid-neat-4-1"), 2, "black");
    JsonNode before = shop.get("/api/stock");
    page.navigate("/pour/practice?" + query(made));
    Bench bench = new Bench(page);
    bench.key("Done, go on").click();
    bench.key("Done, go on").click();
    // The hand slips with the first water: far too much.
    bench.key("Let something go wrong").click();
    assertThat(page.getByText("A hand slipped")).isVisible();
    bench.key("All as asked, and wet").click();
    bench.key("All are full").click();
    bench.key("Tapped").click();
    bench.key("Placed, go on").click();
    bench.key("Record it").click();
    assertThat(page.getByText("The practice is over")).isVisible();
    assertThat(page.getByText("Weak, dusting: Too much water")).isVisible();
    Browser.isAccessible(page);
    assertThat(shop.get("/api/stock")).isEqualTo(before);
    assertThat(shop.get("/api/pours/open").toString()).doesNotContain("Practice tray");
  }
}
