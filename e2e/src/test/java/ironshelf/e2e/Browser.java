package ironshelf.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Browser.NewPageOptions;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.TimeoutError;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.ReducedMotion;
import com.microsoft.playwright.options.ServiceWorkerPolicy;
import com.microsoft.playwright.options.WaitForSelectorState;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/** Debian's Chromium at 1280 x 800, and what every page is held to. */
final class Browser implements AutoCloseable {

  /** Chromium without the windows that nobody sees, where it is installed: a fifth less to do. */
  private static final Path EXECUTABLE =
      Stream.of("/usr/bin/chromium-headless-shell", "/usr/bin/chromium")
          .map(Path::of)
          .filter(Files::exists)
          .findFirst()
          .orElseThrow(() -> new IllegalStateException("Chromium is missing: run ./test."));

  private static final List<String> ARGUMENTS =
      List.of(
          "--no-sandbox",
          "--disable-gpu",
          "--disable-quic",
          "--no-first-run",
          "--disable-background-networking",
          "--disable-component-update",
          "--disable-sync",
          // A page is gone before what the optimising compilers make of its script would pay.
          "--js-flags=--no-opt --no-maglev");

  private static final String FITS = "document.documentElement.scrollWidth <= window.innerWidth";

  /** The page's elements that reach past its right edge, and how far. */
  private static final String STANDS_OUT =
      """
      () => [...document.querySelectorAll('body *')]
        .map((e) => [e.getBoundingClientRect().right, e])
        .filter(([right]) => right > window.innerWidth + 0.5)
        .map(([right, e]) => `${e.tagName} ${Math.round(right)} ${(e.textContent ?? '').slice(0, 40)}`)
        .join('; ') || 'nothing; the page is ' + document.documentElement.scrollWidth + ' wide'
      """;

  private static final String GO =
      """
      (to) => new Promise((done) => {
        const since = performance.now();
        const waited = () => performance.now() - since;
        // The page before stands until the script of the next one is there, and its clocks tick.
        const before = document.querySelector('h1');
        const said = before?.textContent;
        const isNext = (title) => title !== before || title.textContent !== said || waited() > 3_000;
        let timer;
        const end = () => {
          const title = document.querySelector('h1');
          const stands = title && isNext(title) && !document.body.innerText.includes('Fetching');
          if (!stands && waited() < 40_000) {
            timer = setTimeout(end, 100);
            return;
          }
          changes.disconnect();
          done();
        };
        const changes = new MutationObserver(() => {
          clearTimeout(timer);
          timer = setTimeout(end, 250);
        });
        changes.observe(document.body, { subtree: true, childList: true, characterData: true });
        history.pushState(null, '', to);
        dispatchEvent(new PopStateEvent('popstate'));
        timer = setTimeout(end, 500);
      })
      """;

  /** Axe runs the 2.2 rules only where their tag is asked for. */
  private static final List<String> WCAG_22_AA =
      List.of("wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa", "best-practice");

  /** What passed is not told node by node, which takes longer than to look at it. */
  private static final String VIOLATIONS =
      """
      async (tags) => {
        const found = await axe.run(document, {
          runOnly: { type: 'tag', values: tags },
          resultTypes: ['violations'],
        });
        return found.violations.map((v) => v.id + v.nodes.map((n) => ' ' + n.html)).join('\\n');
      }
      """;

  private static final Locator.WaitForOptions ATTACHED =
      new Locator.WaitForOptions().setState(WaitForSelectorState.ATTACHED);

  /** Four classes at a time, on two cores: an answer takes a while. */
  private static final double PATIENCE_MS = 40_000;

  private static final long SOON_MS = 10_000;
  private static final double LOOK_MS = 100;

  private final Playwright playwright;
  private final com.microsoft.playwright.Browser chromium;

  Browser() {
    PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE_MS);
    playwright =
        Playwright.create(
            new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
    chromium =
        playwright
            .chromium()
            .launch(
                new BrowserType.LaunchOptions().setExecutablePath(EXECUTABLE).setArgs(ARGUMENTS));
  }

  /** Waits for something of the page; asked from outside, since its policy forbids it to eval. */
  static void until(Page page, String holds, long mostMs) {
    long until = System.nanoTime() + mostMs * 1_000_000;
    while (!Boolean.TRUE.equals(page.evaluate(holds))) {
      if (System.nanoTime() > until) {
        throw new TimeoutError("never: " + holds);
      }
      page.waitForTimeout(LOOK_MS);
    }
  }

  /** Presses a key and waits until the server has taken it: to leave at once could cut it off. */
  static void act(Locator key) {
    key.page().waitForResponse(answer -> !answer.request().method().equals("GET"), key::click);
  }

  /**
   * A window of its own on this shop; the paths it goes to later are of the same shop. It keeps
   * nothing of it on the device: that takes each new window as long as to load it.
   */
  Page open(RunningApp app, String path) {
    return opened(atHome(app), path);
  }

  /** A window that keeps the application on the device, for when the network is gone. */
  Page openKept(RunningApp app, String path) {
    return opened(atHome(app).setServiceWorkers(ServiceWorkerPolicy.ALLOW), path);
  }

  /** Where kilograms, euros and 24 hours are usual: what a new shop is offered is what it has. */
  private static NewPageOptions atHome(RunningApp app) {
    return window(app.address(), "en-IE", "Europe/Dublin");
  }

  /**
   * A window on another device, over TLS. The authority is not installed here: that its chain is
   * right is looked at where no browser is needed.
   */
  Page elsewhere(RunningApp app, String path) {
    return opened(
        window(app.lanAddress(), "en-IE", "Europe/Dublin").setIgnoreHTTPSErrors(true), path);
  }

  /** The same in the browser of somebody there: what a new shop is offered is usual there. */
  Page open(RunningApp app, String path, String language, String zone) {
    return opened(window(app.address(), language, zone), path);
  }

  private static NewPageOptions window(String address, String language, String zone) {
    return new NewPageOptions()
        .setBaseURL(address)
        .setLocale(language)
        .setTimezoneId(zone)
        // A colour on its way to another is neither of them to the eye of a check.
        .setReducedMotion(ReducedMotion.REDUCE)
        .setServiceWorkers(ServiceWorkerPolicy.BLOCK)
        .setViewportSize(1280, 800);
  }

  private Page opened(NewPageOptions options, String path) {
    Page page = chromium.newPage(options);
    page.setDefaultTimeout(PATIENCE_MS);
    page.navigate(path);
    return page;
  }

  /**
   * To another page as a link in the application goes there, nothing loaded anew; until it stands:
   * it has its heading, fetches nothing, and nothing on it has changed for a while.
   */
  static void go(Page page, String path) {
    page.evaluate(GO, path);
  }

  /**
   * WCAG 2.2, levels A and AA, and axe's own advice: no violation; nothing to scroll to sideways.
   */
  static void isAccessible(Page page) {
    // A page has its heading once the shop's style is known.
    page.locator("h1").first().waitFor(ATTACHED);
    // Half a megabyte of script stays until the document is loaded anew.
    if (Boolean.TRUE.equals(page.evaluate("() => !window.axe"))) {
      page.evaluate(AxeBuilder.getAxeScript());
    }
    assertThat((String) page.evaluate(VIOLATIONS, WCAG_22_AA))
        .as("accessibility of " + page.url())
        .isEmpty();
    fitsItsWidth(page);
  }

  /** Nothing to scroll to sideways, once what measures its room has measured it. */
  static void fitsItsWidth(Page page) {
    try {
      until(page, FITS, SOON_MS);
    } catch (TimeoutError e) {
      assertThat((String) page.evaluate(STANDS_OUT))
          .as("what stands out sideways of " + page.url())
          .isEmpty();
    }
  }

  void closeWindows() {
    List.copyOf(chromium.contexts()).forEach(BrowserContext::close);
  }

  @Override
  public void close() {
    chromium.close();
    playwright.close();
  }
}
