package ironshelf.pour;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import ironshelf.App;
import ironshelf.App.Answer;
import ironshelf.Pouring;
import ironshelf.Shelf;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;
import tools.jackson.databind.JsonNode;

/** A hand weight: its second head is poured when the first has stood for two days. */
@Execution(ExecutionMode.CONCURRENT)
class HandWeightTest {

  private static final double LB = 0.45359237;
  private static final String NAME = "Fifty";

  private static JsonNode make(App app) {
    Map<String, Object> wanted =
        Map.of(
            "shape",
            "hand-weight",
            "measures",
            Map.of("flatsMm", 240, "heightMm", 130),
            "mix",
            "sand-cement",
            "name",
            NAME,
            "copies",
            2,
            "targetKg",
            50 * LB,
            "hardwareKg",
            2 * LB);
    Answer made = app.act("/api/set-up/product", wanted);
    assertThat(made.status()).as(made.body().toString()).isLessThan(300);
    return made.body();
  }

  private static Pouring into(App app, int layer, int copies) {
    JsonNode page = Pouring.product(app, NAME);
    List<JsonNode> free = new ArrayList<>();
    for (JsonNode copy : app.get("/api/moulds/" + Pouring.mouldId(page)).path("copies")) {
      if (copy.path("held").isMissingNode() && free.size() < copies) {
        free.add(copy);
      }
    }
    return Pouring.into(page, layer, free);
  }

  private static double wetKg(JsonNode sheet) {
    double kg = 0;
    for (JsonNode line : sheet.path("layers").get(0).path("lines")) {
      kg += line.path("massKg").asDouble();
    }
    return kg;
  }

  @Test
  void theSecondHeadGoesOntoTheFirst() {
    try (App app = App.empty()) {
      secondHead(app);
    }
  }

  private static void secondHead(App app) {
    make(app);
    JsonNode page = Pouring.product(app, NAME);
    long product = page.path("product").path("id").asLong();
    JsonNode steps = app.get("/api/products/" + product + "/route").path("route").path("steps");
    List<String> codes = new ArrayList<>();
    steps.forEach(s -> codes.add(s.path("step").asString()));
    assertThat(codes)
        .containsSubsequence("pour", "set", "demould", "rest", "pour", "set", "demould");

    Pouring first = into(app, 0, 1);
    JsonNode sheet = first.sheet(app);
    double retention = sheet.path("recipe").path("retention").asDouble();
    double waste = 1 + app.get("/api/workshop").path("wastePercent").asDouble() / 100;
    double headKg = 48 * LB / retention / 2;
    assertThat(wetKg(sheet) / waste).isCloseTo(headKg, within(0.01));
    JsonNode poured = first.poured(app).body();
    assertThat(poured.path("waiting")).as("the second head waits for no mould yet").isEmpty();

    // Taken out, it waits for its second head, and nobody pours that a minute later for nothing.
    Shelf shelf = new Shelf(app);
    JsonNode cast = Pouring.group(app, poured.path("id").asLong()).path("casts").get(0);
    long piece = takeOut(app, cast);
    JsonNode group = shelf.groupOf(piece);
    assertThat(group.path("step").asString()).isEqualTo("pour");
    assertThat(group.path("next").path("layer").asString()).isEqualTo("second head");
    assertThat(shelf.step(List.of(piece), group).code()).isEqualTo("step.isPour");
    Pouring second = into(app, 1, 1);
    JsonNode secondSheet = second.sheet(app);
    assertThat(wetKg(secondSheet) / waste).isCloseTo(headKg, within(0.01));
    assertThat(secondSheet.path("warnings").toString()).contains("layer.early");
    Map<String, Object> early = second.pour(secondSheet, 1);
    early.put("acceptShort", true);
    assertThat(app.act("/api/pours/recorded", early).code()).isEqualTo("layer.tooEarly");
    assertThat(app.act("/api/pours", second.sheet()).code()).isEqualTo("layer.tooEarly");
    early.put("earlyReason", "the bar is held in a jig");
    JsonNode again = app.act("/api/pours/recorded", early).body();
    assertThat(again.path("pieces").asInt()).as(again.toString()).isEqualTo(1);

    // The same piece stands in a mould, with the new pour's clock.
    JsonNode inMould = Pouring.group(app, again.path("id").asLong());
    assertThat(inMould.path("step").asString()).isEqualTo("demould");
    assertThat(inMould.path("stepNo").asInt()).isEqualTo(6);
    assertThat(Instant.parse(inMould.path("gateAt").asString()))
        .isAfter(Instant.parse(shelf.now()));
    assertThat(app.get("/api/use/pieces/" + piece).path("rows").size())
        .isEqualTo(2 * secondSheet.path("layers").get(0).path("lines").size());

    // Undone, it waits again as it did, and its copy is free.
    long pour = again.path("id").asLong();
    assertThat(app.act("/api/pours/" + pour + "/undo", Map.of()).status()).isEqualTo(200);
    assertThat(shelf.groupOf(piece).path("step").asString()).isEqualTo("pour");
    Pouring more = into(app, 1, 2);
    assertThat(app.act("/api/pours/sheet", more.sheet()).code()).isEqualTo("layer.noPieces");

    JsonNode final2 = app.act("/api/pours/recorded", early).body();
    assertThat(takeOut(app, Pouring.group(app, final2.path("id").asLong()).path("casts").get(0)))
        .isEqualTo(piece);
    JsonNode after = shelf.groupOf(piece);
    assertThat(after == null || !after.path("step").asString().equals("pour")).isTrue();
    assertThat(app.get("/api/use/pieces/" + piece).path("rows").size())
        .isEqualTo(2 * secondSheet.path("layers").get(0).path("lines").size());
  }

  /** Both pours are planned, the second after the first has rested; then the second alone. */
  @Test
  void anOrderIsPlannedThroughBothPours() {
    try (App app = App.empty()) {
      make(app);
      JsonNode page = Pouring.product(app, NAME);
      long customer =
          app.act("/api/customers", Map.of("name", "Strength Room")).body().path("id").asLong();
      Shelf shelf = new Shelf(app);
      Map<String, Object> line =
          Map.of(
              "productId", page.path("product").path("id").asLong(),
              "colourwayId", page.path("colourways").get(0).path("id").asLong(),
              "quantity", 2);
      JsonNode order =
          app.act(
                  "/api/orders",
                  Map.of(
                      "customerId",
                      customer,
                      "due",
                      java.time.LocalDate.parse(shelf.now().substring(0, 10))
                          .plusDays(60)
                          .toString(),
                      "lines",
                      List.of(line)))
              .body();
      app.post("/api/plan/run", "{\"seconds\":0}");
      List<JsonNode> casts = casts(app);
      assertThat(casts).hasSize(4);
      List<JsonNode> second =
          casts.stream().filter(c -> c.path("firstLayer").asInt() == 1).toList();
      assertThat(second).hasSize(2);
      assertThat(second.get(0).path("product").asString()).isEqualTo(NAME + ", second head");
      Instant firstOut =
          casts.stream()
              .filter(c -> c.path("firstLayer").asInt() == 0)
              .map(c -> Instant.parse(c.path("demouldAt").asString() + "Z"))
              .min(Instant::compareTo)
              .orElseThrow();
      assertThat(second)
          .allMatch(
              c ->
                  Instant.parse(c.path("pourAt").asString() + "Z")
                      .isAfter(firstOut.plus(java.time.Duration.ofHours(47))));
      double needed = 0;
      for (JsonNode need : app.get("/api/needs").path("materials")) {
        for (JsonNode week : need.path("useKg")) {
          needed += week.asDouble();
        }
      }
      double headKg = 0;
      for (JsonNode of : into(app, 0, 1).sheet(app).path("layers").get(0).path("lines")) {
        headKg += of.path("name").asString().equals("Water") ? 0 : of.path("massKg").asDouble();
      }
      assertThat(needed).isCloseTo(4 * headKg, within(0.01));

      // One first head is poured for the line and out: its second head is still to come.
      long lineId = order.path("lines").get(0).path("id").asLong();
      Pouring first = into(app, 0, 1);
      Map<String, Object> pour = first.pour(first.sheet(app), 1);
      pour.put("acceptShort", true);
      fill(pour).put("lineId", lineId);
      JsonNode poured = app.act("/api/pours/recorded", pour).body();
      takeOut(app, Pouring.group(app, poured.path("id").asLong()).path("casts").get(0));
      app.post("/api/plan/run", "{\"seconds\":0}");
      List<JsonNode> left = casts(app);
      assertThat(left.stream().filter(c -> c.path("firstLayer").asInt() == 0)).hasSize(1);
      assertThat(left.stream().filter(c -> c.path("firstLayer").asInt() == 1)).hasSize(2);
      JsonNode planned = app.plan().path("lines").get(0);
      assertThat(planned.path("readyAt").asString())
          .isGreaterThanOrEqualTo(
              left.stream().map(c -> c.path("readyAt").asString()).max(String::compareTo).get());
    }
  }

  /**
   * A relief of a fifth of another mould on a body that was out: that mould's copies and litres.
   */
  @Test
  void aReliefGoesIntoAnotherMould() {
    try (App app = App.empty()) {
      make(app, "Body", "pot");
      make(app, "Ring", "tray");
      JsonNode body = Pouring.product(app, "Body").path("product");
      JsonNode ring = Pouring.product(app, "Ring").path("product");
      long ringMould = ring.path("mouldId").asLong();
      Map<String, Object> to = new java.util.HashMap<>();
      to.put("name", "Body");
      to.put("mouldId", body.path("mouldId").asLong());
      to.put("recipeId", body.path("recipeId").asLong());
      Map<String, Object> relief =
          new java.util.HashMap<>(
              Map.of("name", "relief", "sharePercent", 20, "waitH", 24, "mouldId", ringMould));
      to.put("layers", List.of(Map.of("name", "body", "sharePercent", 100), relief));
      String path = "/api/products/" + body.path("id").asLong();
      String seen = "\"" + body.path("version").asLong() + "\"";
      assertThat(app.put(path, to, seen).body().toString()).contains("layers.mouldNotAgain");
      relief.put("again", true);
      assertThat(app.put(path, to, seen).status()).isEqualTo(200);
      JsonNode steps = app.get(path + "/route").path("route").path("steps");
      assertThat(steps.toString().split("\"pour\"", -1)).hasSize(3);

      JsonNode poured = Pouring.of(app, "Body", 1).poured(app).body();
      long piece =
          takeOut(app, Pouring.group(app, poured.path("id").asLong()).path("casts").get(0));
      Shelf shelf = new Shelf(app);
      JsonNode waiting = shelf.groupOf(piece).path("next");
      JsonNode mould = app.get("/api/moulds/" + ringMould);
      assertThat(waiting.path("copyIds").get(0).asLong())
          .isEqualTo(mould.path("copies").get(0).path("id").asLong());
      Pouring again =
          Pouring.into(Pouring.product(app, "Body"), 1, List.of(mould.path("copies").get(0)));
      JsonNode sheet = again.sheet(app);
      assertThat(sheet.path("fills").get(0).path("litresEach").asDouble())
          .isCloseTo(0.2 * mould.path("capacityL").asDouble(), within(1e-6));
      Map<String, Object> pour = again.pour(sheet, 1);
      pour.put("acceptShort", true);
      pour.put("earlyReason", "a trial");
      JsonNode done = app.act("/api/pours/recorded", pour).body();
      assertThat(done.path("pieces").asInt()).as(done.toString()).isEqualTo(1);
      JsonNode group = Pouring.group(app, done.path("id").asLong());
      assertThat(group.path("mouldId").asLong()).isEqualTo(ringMould);
      assertThat(takeOut(app, group.path("casts").get(0))).isEqualTo(piece);
    }
  }

  private static void make(App app, String name, String shape) {
    app.act(
        "/api/set-up/product",
        Map.of("shape", shape, "mix", "sand-cement", "name", name, "copies", 1));
  }

  @SuppressWarnings("unchecked")
  private static Map<String, Object> fill(Map<String, Object> pour) {
    return (Map<String, Object>) ((List<?>) pour.get("fills")).get(0);
  }

  private static List<JsonNode> casts(App app) {
    List<JsonNode> casts = new ArrayList<>();
    app.plan().path("casts").forEach(casts::add);
    return casts;
  }

  private static long takeOut(App app, JsonNode cast) {
    Answer out =
        app.act(
            "/api/shelf/take-out",
            Map.of(
                "casts",
                List.of(
                    Map.of(
                        "castId", cast.path("id").asLong(),
                        "version", cast.path("version").asLong(),
                        "pieces", List.of(Map.of("massKg", 11.0)))),
                "earlyReason",
                "for the test"));
    assertThat(out.status()).as(out.body().toString()).isEqualTo(200);
    return app.get("/api/shelf/acts").get(0).path("pieceIds").get(0).asLong();
  }
}
