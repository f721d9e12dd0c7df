package ironshelf.e2e;

import com.microsoft.playwright.Page;
import java.util.ArrayList;
import java.util.List;
import org.assertj.core.api.SoftAssertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.parallel.ResourceLock;

/** Every page on a dark screen, a tablet and a phone: readable, nothing off the side. */
@ExtendWith(Workshop.class)
@ResourceLock(Workshop.DEMO)
class EverySizeTest {

  private static final List<String> PAGES =
      List.of(
          "/",
          "/next",
          "/temperatures",
          "/products/1/route",
          "/pieces/4/strength",
          "/pieces/4/inspect",
          "/orders",
          "/orders/2",
          "/pour?order=3",
          "/pour/sheet?fills=1-3-5.6&colourway=2",
          "/pour/weights",
          "/pour/recorded?fills=1-3-5.6&colourway=2",
          "/pours",
          "/pours/1",
          "/workshop",
          "/products/4/change",
          "/pieces/4",
          "/moulds",
          "/moulds/1",
          "/moulds/9",
          "/moulds/new",
          "/moulds/tables",
          "/copies/4",
          "/products",
          "/products/1",
          "/stock/take",
          "/stock/1",
          "/set-up/shape",
          "/set-up/mix",
          "/products/new/colours",
          "/recipes",
          "/recipes/1",
          "/recipes/new",
          "/stock",
          "/stock/use",
          "/orders/new?goods=1-1&quantity=4",
          "/orders/table",
          "/plan",
          "/plan?by=mould",
          "/plan?by=order",
          "/plan/promise?goods=1-1&quantity=12",
          "/plan/needs",
          "/dispatch",
          "/dispatch/1",
          "/results");

  /** A desk, a tablet and a phone, in CSS pixels. */
  private static final int[][] SIZES = {{1280, 800}, {820, 1180}, {390, 844}};

  @Test
  void everyPageStandsAtEverySize(RunningApp app, Browser browser) {
    SoftAssertions softly = new SoftAssertions();
    List<String> seen = new ArrayList<>();
    Page page = browser.open(app, "/nowhere");
    page.evaluate("localStorage.setItem('ironshelf-night', 'yes')");
    page.reload();
    for (String path : PAGES) {
      Browser.go(page, path);
      seen.add(path);
      softly.assertThatCode(() -> Browser.isAccessible(page)).as(path).doesNotThrowAnyException();
      for (int[] size : SIZES) {
        page.setViewportSize(size[0], size[1]);
        softly
            .assertThatCode(() -> Browser.fitsItsWidth(page))
            .as(path + " at " + size[0])
            .doesNotThrowAnyException();
      }
    }
    page.close();
    softly.assertThat(seen).hasSameSizeAs(PAGES);
    softly.assertAll();
  }
}
