package ironshelf.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A wrong turn is gone back on, and the way back is gone back on as well. */
@ExtendWith(Workshop.class)
class GoBackTest {

  /** The whole server ends and begins anew. */
  private static final Page.WaitForURLOptions RESTARTED =
      new Page.WaitForURLOptions().setTimeout(300_000);

  private static Locator key(Page page, String words) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(words).setExact(true));
  }

  private static List<String> customers(ShopApi shop) {
    List<String> names = new ArrayList<>();
    shop.get("/api/customers").forEach(c -> names.add(c.path("name").asString()));
    return names;
  }

  private static void goBackTo(Page page, String why) {
    Locator row =
        page.getByRole(AriaRole.LISTITEM)
            .filter(new Locator.FilterOptions().setHasText(why))
            .first();
    row.getByText("Go back to it…").click();
    Browser.isAccessible(page);
    key(page, "Go back").click();
    page.waitForURL("**/", RESTARTED);
  }

  @Test
  void aWrongTurnIsGoneBackOn(Browser browser) throws Exception {
    Path stick = Files.createTempDirectory("stick");
    try (RunningApp app = RunningApp.killable()) {
      Page page = browser.open(app, "/backups");
      ShopApi shop = new ShopApi(page);
      assertThat(page.getByText("No backup yet")).isVisible();
      Browser.isAccessible(page);
      shop.post("/api/customers", Map.of("name", "Gravel Street"));

      // A folder that is not there is told beside its field.
      Locator second = page.getByLabel("Copy each one to a second folder (a stick, a share)");
      second.fill("/nowhere/at/all");
      key(page, "Copy them there").click();
      assertThat(page.getByText("is no folder that can be written to")).isVisible();
      second.fill(stick.toString());
      key(page, "Copy them there").click();
      assertThat(page.getByText("It is there.")).isVisible();

      key(page, "Back up now").click();
      assertThat(page.getByText("asked for")).isVisible();
      try (var copies = Files.list(stick)) {
        Assertions.assertThat(copies.count()).isEqualTo(1);
      }
      shop.post("/api/customers", Map.of("name", "Wrong turn"));
      goBackTo(page, "asked for");
      Assertions.assertThat(customers(shop)).containsExactly("Gravel Street");

      page.navigate("/backups");
      goBackTo(page, "before going back");
      Assertions.assertThat(customers(shop)).containsExactly("Gravel Street", "Wrong turn");

      page.navigate("/backups");
      key(page, "Look through it").click();
      assertThat(page.getByText("The data is in order.")).isVisible();
      // Killed and started again it stands where it was left, and restores nothing anew.
      app.kill();
      Assertions.assertThat(customers(shop)).containsExactly("Gravel Street", "Wrong turn");
      everythingOutAndIn(page, shop);
    }
  }

  /** What was taken out comes in through the page; another file is refused and changes nothing. */
  private static void everythingOutAndIn(Page page, ShopApi shop) throws IOException {
    page.navigate("/backups");
    Path out = Files.createTempDirectory("out").resolve("everything.zip");
    page.waitForDownload(() -> page.getByText("take everything out").click()).saveAs(out);
    shop.post("/api/customers", Map.of("name", "Later"));
    Locator in = page.getByLabel("take such an archive in");
    in.setInputFiles(Files.writeString(out.resolveSibling("other.zip"), "no archive"));
    assertThat(page.getByRole(AriaRole.ALERT).getByText("The archive cannot be taken in"))
        .isVisible();
    Assertions.assertThat(customers(shop)).contains("Later");
    in.setInputFiles(out);
    page.waitForURL("**/", RESTARTED);
    Assertions.assertThat(customers(shop)).containsExactly("Gravel Street", "Wrong turn");
    page.navigate("/backups");
    assertThat(page.getByText("before going back").first()).isVisible();
  }
}
