package ironshelf.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import ironshelf.e2e.Workshop.Empty;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** A morning on which all goes as the sheet says: what a mix and a mould then cost in presses. */
@ExtendWith(Workshop.class)
class PerfectMorningTest {

  private static final int COPIES = 20;

  @Test
  void withoutAScaleAMixIsOnePress(@Empty RunningApp app, Browser browser) {
    Page page = browser.open(app, "/pour");
    ShopApi shop = new ShopApi(page);
    JsonNode made =
        shop.post(
            "/api/set-up/product",
            Map.of(
                "name", "Morning tray",
                "shape", "tray",
                "mix", "sand-cement",
                "copies", COPIES,
                "colours", List.of(Map.of("code", "black"))));
    page.navigate("/pour/sheet?" + MessyMorningTest.query(made));
    Effort effort = new Effort(page);
    effort.press("To the bench");
    page.waitForURL(Pattern.compile(".*/pours/\\d+"));
    effort.press("Done, go on");
    effort.press("Done, go on");
    Bench bench = new Bench(page);
    while (!MessyMorningTest.step(page, "").path("kind").asString().equals("left")) {
      switch (MessyMorningTest.step(page, "").path("kind").asString()) {
        case "weigh" -> effort.press("All as asked, and wet");
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
    effort.holds("20 trays of one mix recipe, no scale, all as asked", 0, 25);
  }
}
