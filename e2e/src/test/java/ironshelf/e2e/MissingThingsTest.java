package ironshelf.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import ironshelf.act.Changed;
import ironshelf.store.TableVersions;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;

/** A shop that lacks something everywhere: every page renders, and says what and where to go. */
@ExtendWith(Workshop.class)
class MissingThingsTest {

  private static final List<String> PAGES =
      List.of(
          "/",
          "/next",
          "/orders",
          "/orders/1",
          "/orders/1/change",
          "/orders/new",
          "/plan",
          "/plan?by=mould",
          "/plan?by=order",
          "/plan/promise",
          "/plan/needs",
          "/pour",
          "/pour?order=1",
          "/pour?order=2",
          "/pour/weights",
          "/products",
          "/products/1",
          "/products/2",
          "/products/2/route",
          "/products/2/change",
          "/products/new",
          "/products/new/form",
          "/moulds",
          "/moulds/1",
          "/moulds/2",
          "/moulds/new",
          "/copies/1",
          "/recipes",
          "/recipes/1",
          "/recipes/new",
          "/stock",
          "/stock/1",
          "/stock/new",
          "/stock/take",
          "/stock/use",
          "/dispatch",
          "/dispatch/1",
          "/results",
          "/temperatures",
          "/workshop",
          "/set-up/name",
          "/set-up/colours");

  @Test
  void everyPageRendersAndSaysWhatIsMissing(@Workshop.Empty RunningApp app, Browser browser) {
    Page page = browser.open(app, "/");
    make(app, new ShopApi(page));
    for (String path : PAGES) {
      Browser.go(page, path);
      assertThat(page.getByText("Fetching")).hasCount(0);
      assertThat(page.locator("h1").first()).isAttached();
      assertThat(page.getByText("This could not be loaded")).hasCount(0);
      assertThat(page.getByText("Something broke")).hasCount(0);
      Browser.isAccessible(page);
    }
    says(page, "/products/1", "There is no Bagged high-strength concrete mix in stock");
    says(page, "/products/1", "Copy PL1 was never weighed empty");
    says(page, "/products/2", "The Crate mould has no copy in use");
    says(page, "/products/2", "Crate has no route");
    says(page, "/orders/1", "Moss Gym has no address");
    says(page, "/recipes/1", "There is no Bagged high-strength concrete mix in stock");
    // The key goes where it is mended.
    page.navigate("/products/2");
    page.getByText("Give it a route").click();
    Browser.act(page.getByText("Keep").last());
    page.navigate("/products/2");
    assertThat(page.getByLabel("Missing")).not().containsText("has no route");
    page.getByText("Add a copy", new Page.GetByTextOptions().setExact(true)).click();
    assertThat(page.locator("h1").first()).hasText("Crate mould");
    page.getByText("Add a copy").last().click();
    assertThat(page.getByLabel("code")).hasValue("C1");
    Browser.act(page.getByText("Add it"));
    page.navigate("/products/2");
    assertThat(page.getByLabel("Missing")).not().containsText("no copy in use");
  }

  private static void says(Page page, String path, String words) {
    Browser.go(page, path);
    assertThat(page.getByLabel("Missing")).containsText(words);
  }

  /** A plate that lacks stock, prices and an empty mass; a crate without copy and route. */
  private static void make(RunningApp app, ShopApi api) {
    JsonNode plate =
        api.post(
            "/api/set-up/product",
            Map.of("name", "Plate large", "shape", "plate", "mix", "bagged", "targetKg", 20));
    JsonNode crate =
        api.post(
            "/api/set-up/product", Map.of("name", "Crate", "shape", "box", "mix", "hypertufa"));
    long plateId = plate.path("productId").asLong();
    long crateId = crate.path("productId").asLong();
    long customer = api.post("/api/customers", Map.of("name", "Moss Gym")).path("id").asLong();
    api.post(
        "/api/orders",
        Map.of(
            "customerId",
            customer,
            "due",
            "2027-06-01",
            "lines",
            List.of(
                line(plateId, plate.path("colourwayId").asLong()),
                line(crateId, crate.path("colourwayId").asLong()))));
    JdbcTemplate rows = app.bean(JdbcTemplate.class);
    rows.update("delete from routes where product_id = ?", crateId);
    rows.update(
        "delete from copies where mould_id = (select mould_id from products where id = ?)",
        crateId);
    rows.update("update workshop set set_up = true");
    // What was done behind the application's back is told to it.
    app.bean(TableVersions.class)
        .changed(new Changed(Set.of("routes", "copies", "workshop"), Set.of(), Set.of()));
    api.post("/api/plan/run", Map.of("seconds", 1));
  }

  private static Map<String, Object> line(long product, long colourway) {
    return Map.of("productId", product, "colourwayId", colourway, "quantity", 2);
  }
}
