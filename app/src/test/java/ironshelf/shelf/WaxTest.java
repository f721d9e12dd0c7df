package ironshelf.shelf;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import ironshelf.App;
import ironshelf.App.Answer;
import ironshelf.PdfText;
import ironshelf.Pouring;
import ironshelf.Shelf;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;
import tools.jackson.databind.JsonNode;

/** Wax that is kept with its product is taken when a piece is filled. */
@Execution(ExecutionMode.CONCURRENT)
class WaxTest {

  private static double stockKg(App app, int which) {
    return app.get("/api/materials").get(which).path("remainingKg").asDouble();
  }

  private static Answer keep(App app, JsonNode product, Map<String, Object> wax) {
    return app.put(
        "/api/products/" + product.path("id").asLong() + "/wax",
        Map.of("wax", wax),
        "\"" + product.path("version").asLong() + "\"");
  }

  /**
   * By hand: 0.2 L less 10 %, 0.18 L at 0.86 kg/L, 0.1548 kg; 6 % of the wax is 0.1548 x 0.06 /
   * 1.06, 8.8 g of fragrance.
   */
  @Test
  void fillingTakesItFromStockAndUndoingGivesItBack() {
    try (App app = App.empty()) {
      app.act(
          "/api/set-up/product",
          Map.of("shape", "pot", "mix", "sand-cement", "name", "Pot", "copies", 1));
      JsonNode materials = app.get("/api/materials");
      long wax = materials.get(0).path("material").path("id").asLong();
      long oil = materials.get(1).path("material").path("id").asLong();
      Map<String, Object> fill =
          Map.of("containerL", 0.2, "fragrancePercent", 6, "convention", "ofWax");
      JsonNode product = Pouring.product(app, "Pot").path("product");
      assertThat(keep(app, product, Map.of("waxId", 9_999, "fill", fill)).body().toString())
          .contains("material.unknown");
      assertThat(
              keep(app, product, Map.of("waxId", wax, "fragranceId", oil, "fill", fill, "wicks", 1))
                  .status())
          .isEqualTo(200);
      String path = "/api/products/" + product.path("id").asLong() + "/route";
      long seen = app.get(path).path("route").path("id").asLong();
      app.put(
          path,
          Map.of(
              "steps",
              List.of(
                  Map.of("step", "pour"),
                  Map.of("step", "set"),
                  Map.of("step", "demould"),
                  Map.of("step", "fill"),
                  Map.of("step", "pack"))),
          "\"" + seen + "\"");
      Shelf shelf = new Shelf(app);
      List<Long> pot = shelf.takeOut("Pot", 1);
      double waxBefore = stockKg(app, 0);
      double oilBefore = stockKg(app, 1);
      Answer filled = shelf.step(pot, shelf.groupOf(pot.get(0)));
      assertThat(filled.status()).as(filled.body().toString()).isEqualTo(200);
      double oilKg = 0.1548 * 0.06 / 1.06;
      assertThat(waxBefore - stockKg(app, 0)).isCloseTo(0.1548 - oilKg, within(2e-4));
      assertThat(oilBefore - stockKg(app, 1)).isCloseTo(oilKg, within(2e-4));
      assertThat(app.get("/api/use/pieces/" + pot.get(0)).path("stepRows")).hasSize(2);
      long act = filled.body().path("actId").asLong();
      assertThat(app.act("/api/shelf/acts/" + act + "/undo", Map.of()).status()).isEqualTo(200);
      assertThat(stockKg(app, 0)).isCloseTo(waxBefore, within(1e-9));
      onItsSlip(app, shelf, pot);
    }
  }

  /** Who gets it reads what it is filled with. */
  private static void onItsSlip(App app, Shelf shelf, List<Long> pot) {
    shelf.next(pot, "fill");
    shelf.next(pot, "pack");
    long customer =
        app.act("/api/customers", Map.of("name", "Tea room")).body().path("id").asLong();
    JsonNode page = Pouring.product(app, "Pot");
    Map<String, Object> line =
        Map.of(
            "productId",
            page.path("product").path("id").asLong(),
            "colourwayId",
            page.path("colourways").get(0).path("id").asLong(),
            "quantity",
            1,
            "price",
            30);
    String due = LocalDate.parse(shelf.now().substring(0, 10)).plusDays(9).toString();
    long order =
        app.act("/api/orders", Map.of("customerId", customer, "due", due, "lines", List.of(line)))
            .body()
            .path("id")
            .asLong();
    app.act("/api/orders/" + order + "/allotments", Map.of());
    Answer sent =
        app.act(
            "/api/orders/" + order + "/dispatches",
            Map.of("carrier", "collected", "pieceIds", pot));
    assertThat(sent.status()).as(sent.body().toString()).isLessThan(300);
    String slip =
        PdfText.of(app.file("/api/dispatches/" + sent.body().path("id").asLong() + "/slip.pdf"));
    assertThat(slip).contains("Pot: each 155 g of ").contains(", of it 8.8 g ").contains("1 wick");
  }
}
