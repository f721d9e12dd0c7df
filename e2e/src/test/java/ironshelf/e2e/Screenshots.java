package ironshelf.e2e;

import com.microsoft.playwright.Page;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Makes docs/screenshots from the demo; run by docs/screenshots.sh, not by the tests. */
final class Screenshots {

  private Screenshots() {}

  public static void main(String[] args) {
    Path folder = Path.of(args[0]);
    Map<String, String> pages = new LinkedHashMap<>();
    pages.put("shelf", "/");
    pages.put("next", "/next");
    pages.put("route", "/products/1/route");
    pages.put("orders", "/orders");
    pages.put("plan-day", "/plan");
    pages.put("what-if", "/plan/what-if");
    pages.put("promise", "/plan/promise?goods=6-4&quantity=12");
    pages.put("mould", "/moulds/1");
    pages.put("recipe", "/recipes/1");
    pages.put("stock", "/stock");
    pages.put("inspect", "/pieces/40/inspect");
    pages.put("set-up", "/set-up/shape");
    pages.put("product", "/products/1");
    pages.put("pour-sheet", "/pour/sheet?fills=1-0-5.6.7&colourway=2");
    pages.put("lettering", "/moulds/8/lettering");
    // What these make stands in no picture before them.
    pages.put("parts", "/products");
    // Moves the demo's clock.
    pages.put("backups", "/backups");
    Map<String, String> lan = new LinkedHashMap<>(Map.of("people", "/people"));
    Map<String, String> us = new LinkedHashMap<>();
    us.put("bench-short-us", "/pour/sheet?fills=1-0-5.6.7.8&colourway=2");
    if (args.length > 1) {
      List<String> wanted = List.of(args).subList(1, args.length);
      pages.keySet().retainAll(wanted);
      us.keySet().retainAll(wanted);
      lan.keySet().retainAll(wanted);
    }
    try (Browser browser = new Browser()) {
      take(browser, "metric", pages, folder);
      take(browser, "us", us, folder);
      if (!lan.isEmpty()) {
        try (RunningApp app = RunningApp.demoOnLan()) {
          take(browser, app, lan, folder);
        }
      }
    }
  }

  private static void take(Browser browser, String units, Map<String, String> pages, Path folder) {
    if (!pages.isEmpty()) {
      try (RunningApp app = RunningApp.season(units)) {
        take(browser, app, pages, folder);
      }
    }
  }

  private static void take(
      Browser browser, RunningApp app, Map<String, String> pages, Path folder) {
    pages.forEach(
        (name, path) -> {
          Page page = browser.open(app, path);
          page.waitForLoadState(com.microsoft.playwright.options.LoadState.NETWORKIDLE);
          Browser.until(page, "!document.body.innerText.includes('Fetching')", 30_000);
          page.waitForLoadState(com.microsoft.playwright.options.LoadState.NETWORKIDLE);
          // Sums follow the data they are asked for with.
          page.waitForTimeout(1_500);
          if (name.equals("backups")) {
            ShopApi shop = new ShopApi(page);
            for (int day = 0; day < 5; day++) {
              shop.post("/api/backups", Map.of());
              shop.forward(24);
            }
            page.reload();
            page.getByText("Back up now").click();
            page.getByText("Look through it").click();
            page.getByText("The data is in order.").waitFor();
          }
          if (name.equals("people")) {
            OtherDevicesTest.anOwnerAndAMakerAreAdded(page);
            OtherDevicesTest.isPaired(page, browser.elsewhere(app, "/"), "bench tablet", "tablet");
          }
          if (name.startsWith("pour-sheet")) {
            page.getByText("To the bench").click();
            page.getByText("Done, go on").click();
            page.getByText("Done, go on").click();
            page.getByText("went in").click();
            page.getByText("Demo: pour it").click();
            page.waitForTimeout(1_200);
          }
          if (name.startsWith("bench-short")) {
            page.getByText("To the bench").click();
            for (String key :
                List.of(
                    "Done, go on",
                    "Done, go on",
                    "All as asked, and wet",
                    "R5 is full",
                    "R6 is full",
                    "The bowl is empty")) {
              page.getByText(key).click();
              page.waitForTimeout(700);
            }
          }
          if (name.equals("plan-day")) {
            page.getByText("Day sheet").first().click();
            page.waitForTimeout(2_000);
          }
          if (name.equals("what-if")) {
            page.getByLabel("orders").selectOption("yes");
            page.getByLabel("a heated tent to set in").selectOption("yes");
            page.waitForTimeout(2_500);
            page.getByLabel(java.util.regex.Pattern.compile("^one more of")).first().click();
            page.waitForTimeout(2_500);
            page.evaluate("scrollTo(0, 0)");
          }
          if (name.equals("lettering")) {
            page.getByLabel("to be stamped, line by line").fill("Welcome\nhome");
            page.waitForTimeout(800);
          }
          if (name.equals("parts")) {
            page.navigate("/products/" + gardenBath(new Making(new ShopApi(page))) + "/route");
            page.waitForTimeout(2_500);
          }
          if (name.equals("inspect")) {
            page.getByText("Pinholes").first().click();
            page.getByLabel("Where it is on the piece")
                .click(new com.microsoft.playwright.Locator.ClickOptions().setPosition(200, 160));
            page.waitForTimeout(800);
          }
          page.screenshot(new Page.ScreenshotOptions().setPath(folder.resolve(name + ".png")));
          page.close();
        });
  }

  /** A basin that takes six drops, and a week later a column. */
  private static long gardenBath(Making making) {
    making.make("Drop", "cup-with-lid", 6);
    making.make("Column", "vase", 1);
    making.make("Garden bath", "bowl", 1);
    making.put(
        "Garden bath",
        List.of(
            Map.of("step", "pour"),
            Map.of("step", "set"),
            Map.of("step", "demould"),
            Map.of(
                "step",
                "join",
                "mixKg",
                0.3,
                "parts",
                List.of(Map.of("productId", making.id("Drop"), "quantity", 6))),
            Map.of("step", "wrap", "waitH", 168),
            Map.of(
                "step",
                "join",
                "mixKg",
                0.5,
                "parts",
                List.of(Map.of("productId", making.id("Column"), "quantity", 1))),
            Map.of("step", "brush", "times", 2, "gapMin", 1440),
            Map.of("step", "pack")));
    return making.id("Garden bath");
  }
}
