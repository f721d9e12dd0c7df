package ironshelf.e2e;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.LoadState;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import org.assertj.core.api.SoftAssertions;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** Every page on a phone, on a tablet and on a dark screen: readable, nothing off the side. */
class EverySizeTest {

  private static final List<String> PAGES =
      List.of(
          "/",
          "/orders",
          "/orders/2",
          "/pour?order=3",
          "/pour/sheet?line=3&product=1&colourway=2&copies=5.6",
          "/moulds",
          "/moulds/1",
          "/moulds/9",
          "/moulds/new",
          "/moulds/tables",
          "/copies/4",
          "/mixes",
          "/mixes/1",
          "/mixes/new",
          "/stock",
          "/stock/use");

  private static RunningApp app;
  private static Browser browser;

  @BeforeAll
  static void start() {
    app = new RunningApp(true);
    browser = new Browser();
  }

  @AfterAll
  static void stop() {
    browser.close();
    app.close();
  }

  @Test
  void aPhone() {
    all(390, 844, false, Browser::isAccessible);
  }

  @Test
  void aTablet() {
    all(820, 1180, false, Browser::fitsItsWidth);
  }

  @Test
  void theBenchAtNight() {
    all(1280, 800, true, Browser::isAccessible);
  }

  private static void all(int width, int height, boolean night, Consumer<Page> check) {
    SoftAssertions softly = new SoftAssertions();
    List<String> seen = new ArrayList<>();
    Page page = browser.open(app.address() + "/nowhere", width, height);
    page.evaluate("on => localStorage.setItem('ironshelf-night', on ? 'yes' : 'no')", night);
    for (String path : PAGES) {
      page.navigate(app.address() + path);
      page.waitForLoadState(LoadState.NETWORKIDLE);
      page.waitForFunction("!document.body.innerText.includes('Fetching')");
      seen.add(path);
      softly.assertThatCode(() -> check.accept(page)).as(path).doesNotThrowAnyException();
    }
    page.close();
    softly.assertThat(seen).hasSameSizeAs(PAGES);
    softly.assertAll();
  }
}
