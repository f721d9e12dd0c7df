package ironshelf.e2e;

import com.microsoft.playwright.Page;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.Map;

/** Makes docs/screenshots from the demo; run by docs/screenshots.sh, not by the tests. */
final class Screenshots {

  private Screenshots() {}

  public static void main(String[] args) {
    Path folder = Path.of(args[0]);
    Map<String, String> pages = new LinkedHashMap<>();
    pages.put("shelf", "/");
    pages.put("shelf-dark", "/");
    pages.put("next", "/next");
    pages.put("route", "/products/1/route");
    pages.put("orders", "/orders");
    pages.put("plan-day", "/plan");
    pages.put("plan-mould", "/plan?by=mould");
    pages.put("promise", "/plan/promise?goods=6-4&quantity=12");
    pages.put("dispatch", "/dispatch/1");
    pages.put("mould", "/moulds/1");
    pages.put("recipe", "/recipes/1");
    pages.put("stock", "/stock");
    pages.put("piece", "/pieces/4");
    pages.put("set-up", "/set-up/shape");
    pages.put("products", "/products");
    pages.put("product", "/products/1");
    pages.put("materials", "/stock/take");
    pages.put("fill", "/pour/sheet?fills=4-0-26&colourway=1");
    pages.put("pour-sheet", "/pour/sheet?fills=1-3-5.6.7&colourway=2");
    try (RunningApp app = new RunningApp(true);
        Browser browser = new Browser()) {
      pages.forEach(
          (name, path) -> {
            Page page = browser.open(app, path);
            page.waitForLoadState(com.microsoft.playwright.options.LoadState.NETWORKIDLE);
            page.waitForFunction("!document.body.innerText.includes('Fetching')");
            page.waitForLoadState(com.microsoft.playwright.options.LoadState.NETWORKIDLE);
            // Sums follow the data they are asked for with.
            page.waitForTimeout(1_500);
            if (name.equals("shelf-dark")) {
              page.getByText("night", new Page.GetByTextOptions().setExact(true)).click();
              page.waitForTimeout(500);
            }
            if (name.equals("pour-sheet")) {
              page.getByText("Done, go on").click();
              page.getByText("Done, go on").click();
              page.getByText("went in").click();
              page.getByText("Demo: pour it").click();
              page.waitForTimeout(2_500);
            }
            if (name.equals("fill")) {
              Bench bench = new Bench(page);
              bench.key("Done, go on").click();
              bench.key("Done, go on").click();
              bench.weighAndMix(3);
              bench.weighAndMix(3);
              page.waitForTimeout(500);
            }
            page.screenshot(new Page.ScreenshotOptions().setPath(folder.resolve(name + ".png")));
            page.close();
          });
    }
  }
}
