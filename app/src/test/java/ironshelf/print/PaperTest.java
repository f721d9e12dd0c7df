package ironshelf.print;

import static org.assertj.core.api.Assertions.assertThat;

import ironshelf.App;
import java.io.IOException;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.ResourceLock;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** What is printed, read back by the PDF library: fonts are embedded, names are as they are. */
@ResourceLock("seasoned")
class PaperTest {

  private static App app;

  @BeforeAll
  static void start() {
    app = App.seasoned();
  }

  @ParameterizedTest
  @CsvSource({
    "Łukasz Żółć, Doniczka śliwkowa",
    "Ναυσικά Παππά, Γλάστρα μικρή",
    "山田 花子, 水のたらい",
    "O'Brien & Søn – Nº 5, Café-Œuf"
  })
  void namesInAnyScriptAreAsTheyAre(String customer, String product) throws IOException {
    JsonNode order = sentOrder();
    rename(order, customer, product);
    long dispatch =
        app.get("/api/orders/" + order.path("id").asLong() + "/dispatches")
            .get(0)
            .path("id")
            .asLong();
    assertThat(read("/api/dispatches/" + dispatch + "/slip.pdf")).contains(customer, product);
    assertThat(read("/api/dispatches/" + dispatch + "/labels.pdf")).contains(customer);
  }

  @Test
  void templatesAndLabelsHaveTheirFontsToo() throws IOException {
    assertThat(read("/api/moulds/1/outline.pdf")).contains("100 mm: measure it");
    read("/api/moulds/1/labels");
  }

  @Test
  void aShopInUsUnitsPrintsInchesPoundsAndLetter() throws IOException {
    JsonNode shop = app.get("/api/workshop");
    inUnits(shop, "us", "h12", "USD");
    try {
      assertThat(read("/api/moulds/1/outline.pdf")).contains("4 in: measure it");
      long orderId = sentOrder().path("id").asLong();
      JsonNode dispatch = app.get("/api/orders/" + orderId + "/dispatches").get(0);
      String path = "/api/dispatches/" + dispatch.path("id").asLong() + "/slip.pdf";
      assertThat(read(path)).contains(" lb").doesNotContain(" kg");
      try (PDDocument pdf = Loader.loadPDF(app.file(path))) {
        assertThat(pdf.getPage(0).getMediaBox().getWidth()).as("8.5 in").isEqualTo(612);
      }
    } finally {
      inUnits(app.get("/api/workshop"), "metric", "h24", "EUR");
    }
  }

  /** The text of a document, all of whose fonts must be embedded. */
  private static String read(String path) throws IOException {
    try (PDDocument pdf = Loader.loadPDF(app.file(path))) {
      for (PDPage page : pdf.getPages()) {
        for (COSName name : page.getResources().getFontNames()) {
          PDFont font = page.getResources().getFont(name);
          assertThat(font.isEmbedded()).as(path + " " + font.getName()).isTrue();
        }
      }
      return new PDFTextStripper().getText(pdf).replace('\u2009', ' ');
    }
  }

  private static JsonNode sentOrder() {
    for (JsonNode order : app.get("/api/orders?size=100&which=all").path("items")) {
      if (order.path("stage").asString().equals("sent")) {
        return order;
      }
    }
    throw new AssertionError("nothing was sent");
  }

  private static void rename(JsonNode order, String customer, String product) {
    JsonNode known = null;
    for (JsonNode c : app.get("/api/customers")) {
      known = c.path("id").asLong() == order.path("customerId").asLong() ? c : known;
    }
    assertThat(known).isNotNull();
    assertThat(
            app.put(
                    "/api/customers/" + known.path("id").asLong(),
                    Map.of("name", customer, "address", "1\n" + customer),
                    "\"" + known.path("version").asLong() + "\"")
                .status())
        .isEqualTo(200);
    long productId = order.path("lines").get(0).path("productId").asLong();
    JsonNode p = app.get("/api/products/" + productId).path("product");
    Map<String, Object> body = new HashMap<>();
    for (String field :
        List.of("mouldId", "recipeId", "price", "minutesPerPiece", "goods", "layers", "target")) {
      if (p.has(field)) {
        body.put(field, p.get(field));
      }
    }
    body.put("name", product);
    assertThat(
            app.put("/api/products/" + productId, body, "\"" + p.path("version").asLong() + "\"")
                .status())
        .isEqualTo(200);
  }

  private static void inUnits(JsonNode shop, String units, String clock, String currency) {
    Map<String, Object> body = new HashMap<>();
    for (String field :
        List.of(
            "name",
            "roomC",
            "mixerL",
            "scoopL",
            "wastePercent",
            "ratePerHour",
            "cup",
            "hours",
            "people")) {
      body.put(field, shop.get(field));
    }
    body.put("style", Map.of("units", units, "clock", clock, "currency", currency));
    assertThat(app.put("/api/workshop", body, "\"" + shop.path("version").asLong() + "\"").status())
        .isEqualTo(200);
  }
}
