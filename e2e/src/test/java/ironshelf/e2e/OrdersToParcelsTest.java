package ironshelf.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import com.microsoft.playwright.options.RequestOptions;
import java.awt.image.BufferedImage;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/**
 * A table of orders in, planned, a rush quoted and accepted, a mould breaks and the plan heals, a
 * day poured, pieces allotted, part sent, the slip opened as a picture.
 */
@ExtendWith(Workshop.class)
class OrdersToParcelsTest {

  @Test
  void fromATableToASlip(Browser browser) throws Exception {
    try (RunningApp app = RunningApp.demo("metric")) {
      Page page = browser.open(app, "/orders");
      ShopApi shop = new ShopApi(page);
      aTableComesIn(page);
      itIsLaidOut(page, shop);
      aRushIsQuotedAndAccepted(page, shop);
      aMouldBreaks(page, shop);
      aCastIsDragged(page, shop);
      aDayIsPoured(page, shop);
      piecesAreAllottedAndSent(page, shop);
    }
  }

  private static Locator key(Page page, String name) {
    return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
  }

  private static Locator link(Page page, String name) {
    return page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(name));
  }

  private static void aTableComesIn(Page page) {
    link(page, "Import a table").click();
    LocalDate due = LocalDate.now(ZoneId.systemDefault()).plusDays(30);
    String table =
        "Ref,Client,Article,Colour,Qty,Wanted by\r\n"
            + ("T-1,Tern Street Shop,Ripple bowl,Chalk,6," + due + "\r\n")
            + ("T-1,Tern Street Shop,Reed vase,Slate,4," + due + "\r\n");
    page.getByLabel("the table")
        .setInputFiles(
            new FilePayload("orders.csv", "text/csv", table.getBytes(StandardCharsets.UTF_8)));
    // The columns are called otherwise, and are guessed; one is chosen again by hand.
    assertThat(page.getByLabel("customer")).hasValue("Client");
    page.getByLabel("colourway").selectOption("Colour");
    key(page, "Look what it would do").click();
    assertThat(page.getByText("This would be: 2 new")).isVisible();
    Browser.isAccessible(page);
    key(page, "Take in 2 rows").click();
    assertThat(page.getByText("Done: 2 new")).isVisible();
    page.navigate("/orders?search=tern");
    assertThat(page.getByText("Tern Street Shop")).isVisible();
  }

  private static void itIsLaidOut(Page page, ShopApi shop) {
    page.navigate("/plan");
    key(page, "Make the plan").click();
    // Stopped as soon as it looks; the first plan stands already.
    key(page, "Stop looking").click();
    assertThat(key(page, "Make the plan")).isVisible();
    assertThat(page.getByText(Pattern.compile("\\d+ casts to"))).isVisible();
    key(page, "by order").click();
    assertThat(link(page, "T-1, Tern Street Shop").first()).isVisible();
    Browser.isAccessible(page);
    assertThat(shop.plan().path("casts").size()).isPositive();
  }

  private static void aRushIsQuotedAndAccepted(Page page, ShopApi shop) {
    JsonNode cup = shop.product("Tea-light cup");
    page.navigate("/plan/promise");
    page.getByLabel("product")
        .selectOption(
            cup.path("product").path("id").asLong()
                + "-"
                + cup.path("colourways").get(0).path("id").asLong());
    page.getByLabel("how many").fill("6");
    // The plan may still be made anew for the orders that came in.
    assertThat(page.getByText("can be promised for"))
        .isVisible(new LocatorAssertions.IsVisibleOptions().setTimeout(60_000));
    // What more copies would do, or that they would do nothing.
    assertThat(page.getByText(Pattern.compile("^as it is$|would not have it ready sooner")))
        .isVisible();
    Browser.isAccessible(page);
    link(page, "Make it a quote").click();
    page.getByLabel("customer").fill("Wading Bird Inn");
    page.getByLabel("address of the new customer").fill("3 Causeway, Osierton");
    key(page, "Keep the quote").click();
    assertThat(page.getByText(Pattern.compile("^quote \\d+ · quote"))).isVisible();
    key(page, "Accept for").click();
    assertThat(page.getByText(Pattern.compile("^order \\d+ · nothing poured"))).isVisible();
    Locator promised = page.getByText(Pattern.compile("planned for"));
    assertThat(promised).isVisible();
    assertThat(promised).not().containsText("late");
    Browser.isAccessible(page);
  }

  private static void aMouldBreaks(Page page, ShopApi shop) {
    page.navigate("/plan?by=mould");
    // One that is wide enough to be pressed; short ones are drawn only.
    String label =
        page.locator("button[aria-label*=', order ']").first().getAttribute("aria-label");
    Matcher named = Pattern.compile(", order [^,]*, ([^,]+), ").matcher(label);
    assertThat(named.find()).as(label).isTrue();
    String copy = named.group(1);
    JsonNode cast = null;
    for (JsonNode one : shop.plan().path("casts")) {
      cast = one.path("copy").asString().equals(copy) ? one : cast;
    }
    assertThat(cast).as(copy).isNotNull();
    Locator planned =
        page.getByRole(
            AriaRole.BUTTON,
            new Page.GetByRoleOptions().setName(Pattern.compile(", " + copy + ", ")));
    assertThat(planned.first()).isVisible();
    Browser.isAccessible(page);
    long id = cast.path("copyId").asLong();
    long version = shop.get("/api/copies/" + id).path("copy").path("version").asLong();
    assertThat(
            page.request()
                .post(
                    "/api/copies/" + id + "/marks",
                    RequestOptions.create()
                        .setHeader("If-Match", "\"" + version + "\"")
                        .setHeader("Content-Type", "application/json")
                        .setData("{\"condition\":\"retired\",\"reason\":\"split\"}"))
                .ok())
        .isTrue();
    page.reload();
    assertThat(page.getByText("by mould copy")).isVisible();
    assertThat(page.getByText("holds").first()).isVisible();
    assertThat(planned).hasCount(0);
    // One is put elsewhere by hand; where nobody is in, the reason says so.
    page.locator("button[aria-label*=', order ']").first().press("Enter");
    page.getByLabel("poured on").fill(LocalDate.now(ZoneId.systemDefault()).plusDays(9).toString());
    page.getByLabel("at", new Page.GetByLabelOptions().setExact(true)).fill("3 am");
    key(page, "Put it there").click();
    assertThat(page.getByText("Nobody works at")).isVisible();
  }

  /** Dragged along its rail a cast is there, or the reason stands on the page. */
  private static void aCastIsDragged(Page page, ShopApi shop) {
    long before = shop.plan().path("id").asLong();
    Locator bar = page.locator("button[aria-label*=', order ']").last();
    bar.scrollIntoViewIfNeeded();
    var box = bar.boundingBox();
    var moved =
        page.waitForResponse(
            r -> r.url().contains("/api/plans/" + before + "/casts/"),
            () -> {
              page.mouse().move(box.x + box.width / 2, box.y + box.height / 2);
              page.mouse().down();
              page.mouse().move(box.x + box.width / 2 + 40, box.y + box.height / 2);
              page.mouse().move(box.x + box.width / 2 + 120, box.y + box.height / 2);
              page.mouse().up();
            });
    if (moved.ok()) {
      assertThat(shop.plan().path("id").asLong()).isGreaterThan(before);
      key(page, "Plan before").click();
      assertThat(page.getByText("by mould copy")).isVisible();
    } else {
      assertThat(page.getByRole(AriaRole.ALERT)).isVisible();
    }
  }

  /** Today's first pour from its sheet, as the plan has it. */
  private static void aDayIsPoured(Page page, ShopApi shop) {
    page.navigate("/plan");
    JsonNode plan = shop.plan();
    JsonNode day = null;
    JsonNode visit = null;
    int no = 0;
    for (JsonNode d : plan.path("days")) {
      List<JsonNode> mixes = new ArrayList<>();
      d.path("visits").forEach(v -> addIf(v.has("litres"), mixes, v));
      mixes.sort(Comparator.comparing(v -> v.path("at").asString()));
      for (int i = 0; visit == null && i < mixes.size(); i++) {
        if (shop.hasFreeCopy(plan, mixes.get(i))) {
          day = d;
          visit = mixes.get(i);
          no = i + 1;
        }
      }
    }
    assertThat(visit).as("a mix with a free copy").isNotNull();
    int before = toPour(shop);
    aDaySheetSaysWhoMixesWhat(page, shop, day, no);
    assertThat(page).hasTitle("Pour sheet · Iron Shelf");
    assertThat(page.getByText("To the bench").first()).isVisible();
    shop.pour(plan, visit);
    page.navigate("/plan");
    assertThat(key(page, "Make the plan")).isVisible();
    assertThat(toPour(shop)).isLessThan(before);
  }

  private static void addIf(boolean so, List<JsonNode> list, JsonNode node) {
    if (so) {
      list.add(node);
    }
  }

  /** A lane a person, what is to be fetched to a gram, and each mix opens its sheet whole. */
  private static void aDaySheetSaysWhoMixesWhat(Page page, ShopApi shop, JsonNode day, int no) {
    String date = day.path("date").asString();
    page.locator("a[href='/plan/days/" + date + "']").click();
    JsonNode sheet = shop.get("/api/plan/days/" + date);
    assertThat(
            page.getByLabel(
                "Person " + sheet.path("people").asInt(),
                new Page.GetByLabelOptions().setExact(true)))
        .isVisible();
    Locator fetch = page.getByLabel("To fetch");
    assertThat(fetch).containsText(sheet.path("fetch").get(0).path("material").asString());
    assertThat(page.getByLabel("Late, and what would help")).isVisible();
    Browser.isAccessible(page);
    page.getByRole(
            AriaRole.LINK,
            new Page.GetByRoleOptions().setName(Pattern.compile("^Mix " + no + ",.*pour sheet$")))
        .click();
  }

  private static int toPour(ShopApi shop) {
    int toPour = 0;
    for (JsonNode line : shop.plan().path("lines")) {
      toPour += line.path("toPour").asInt();
    }
    return toPour;
  }

  private static void piecesAreAllottedAndSent(Page page, ShopApi shop) throws Exception {
    // An order is cancelled, and what was finished for it goes to the next.
    long first = shop.get("/api/orders?search=207").path("items").get(0).path("id").asLong();
    page.navigate("/orders/" + first);
    key(page, "Cancel the order").click();
    assertThat(page.getByText("This order was cancelled")).isVisible();
    JsonNode order = shop.get("/api/orders?search=T-1").path("items").get(0);
    page.navigate("/orders/" + order.path("id").asLong());
    key(page, "Allot the oldest of one shade").click();
    assertThat(page.getByText(Pattern.compile("ready")).first()).isVisible();
    Browser.isAccessible(page);
    link(page, "Pack what is ready").click();
    assertThat(page.getByText("no fewer would do")).isVisible();
    page.getByLabel("carrier").selectOption("collected");
    Browser.isAccessible(page);
    key(page, "Mark as sent").click();
    assertThat(page.getByText(Pattern.compile("· part sent ·"))).isVisible();
    String slip = link(page, "packing slip").getAttribute("href");
    try (PDDocument pdf = Loader.loadPDF(page.request().get(slip).body())) {
      BufferedImage picture = new PDFRenderer(pdf).renderImageWithDPI(0, 60);
      assertThat(picture.getWidth()).isGreaterThan(400);
      assertThat(inked(picture)).as("something stands on it").isGreaterThan(500);
    }
    page.navigate("/results");
    assertThat(
            page.locator("section[aria-label^='Price less cost'] li")
                .filter(new Locator.FilterOptions().setHasText(Pattern.compile("less .*: ")))
                .first())
        .isVisible();
    Browser.isAccessible(page);
  }

  private static long inked(BufferedImage picture) {
    List<Integer> dark = new ArrayList<>();
    for (int x = 0; x < picture.getWidth(); x++) {
      for (int y = 0; y < picture.getHeight(); y++) {
        if ((picture.getRGB(x, y) & 0xff) < 128) {
          dark.add(x);
        }
      }
    }
    return dark.size();
  }
}
