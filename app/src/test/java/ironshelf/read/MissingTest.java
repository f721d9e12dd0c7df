package ironshelf.read;

import static org.assertj.core.api.Assertions.assertThat;

import ironshelf.App;
import ironshelf.App.Answer;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;
import org.junit.jupiter.api.parallel.ResourceLock;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;

/** A shop in which each thing is missing in turn, alone and in pairs. */
// Beside other classes; its own tests share an application and go one after the other.
@Execution(ExecutionMode.CONCURRENT)
@ResourceLock("MissingTest")
class MissingTest {

  /** What can be missing of a product and its order. */
  private enum Lack {
    LOT("missing.lot"),
    PRICE("missing.price"),
    COPY("missing.copy"),
    ROUTE("missing.route"),
    COLOUR("missing.colour"),
    EMPTY_MASS("missing.emptyMass"),
    ADDRESS("missing.address");

    private final String code;

    Lack(String code) {
      this.code = code;
    }
  }

  private record Made(Set<Lack> lacks, long productId, long orderId) {}

  private static App app;
  private static final List<Made> MADE = new ArrayList<>();

  @BeforeAll
  static void generate() {
    app = App.empty();
    List<Set<Lack>> all = new ArrayList<>();
    all.add(EnumSet.noneOf(Lack.class));
    for (Lack one : Lack.values()) {
      for (Lack other : Lack.values()) {
        if (one.compareTo(other) <= 0) {
          all.add(EnumSet.of(one, other));
        }
      }
    }
    all.forEach(lacks -> MADE.add(make(MADE.size(), lacks)));
    assertThat(app.post("/api/plan/run", "{\"seconds\":1}").status()).isLessThan(300);
  }

  @AfterAll
  static void stop() {
    app.close();
  }

  /** A product of its own materials, with all that it takes but this. */
  private static Made make(int no, Set<Lack> lacks) {
    long cement = material("Cement " + no, "binder", 3.1, 1400);
    long sand = material("Sand " + no, "aggregate", 2.6, 1500);
    long water = ok(app.post("/api/starting-materials/water", "{}")).path("id").asLong();
    for (long id : List.of(cement, sand)) {
      // Where the price is missing the lot has none either.
      if (!lacks.contains(Lack.LOT)) {
        Map<String, Object> lot = new HashMap<>(Map.of("amount", "400 kg"));
        if (!lacks.contains(Lack.PRICE)) {
          lot.put("price", 120);
        }
        ok(app.act("/api/materials/" + id + "/lots", lot));
      }
    }
    long recipe =
        ok(app.act(
                "/api/recipes",
                Map.of(
                    "name",
                    "Mix " + no,
                    "workingMinAt20C",
                    60,
                    "demouldAgeH",
                    24,
                    "parts",
                    List.of(part(cement, 1), part(sand, 3), part(water, 0.8)))))
            .path("recipe")
            .path("firstId")
            .asLong();
    long colour =
        ok(app.act("/api/recipes/" + recipe + "/colours", Map.of("codes", List.of("plain"))))
            .get(0)
            .path("id")
            .asLong();
    long mould =
        ok(app.act(
                "/api/moulds",
                Map.of(
                    "name",
                    "Mould " + no,
                    "family",
                    "vessels",
                    "kind",
                    "silicone",
                    "shape",
                    Map.of(
                        "cavity", Map.of("kind", "cylinder", "diameterMm", 100, "heightMm", 60),
                        "coreLiftMm", 0,
                        "coreOffsetMm", 0,
                        "cavities", 1,
                        "inserts", List.of(),
                        "moreCores", List.of(),
                        "parts", List.of()))))
            .path("id")
            .asLong();
    if (!lacks.contains(Lack.COPY)) {
      Map<String, Object> copy = new HashMap<>(Map.of("code", "C" + no));
      if (!lacks.contains(Lack.EMPTY_MASS)) {
        copy.put("emptyKg", 0.4);
      }
      ok(app.act("/api/moulds/" + mould + "/copies", copy));
    }
    long product =
        ok(app.act(
                "/api/products",
                Map.of(
                    "name",
                    "Product " + no,
                    "mouldId",
                    mould,
                    "recipeId",
                    recipe,
                    "price",
                    20,
                    "target",
                    Map.of("massKg", 0.9))))
            .path("product")
            .path("id")
            .asLong();
    Map<String, Object> customer = new HashMap<>(Map.of("name", "Customer " + no));
    if (!lacks.contains(Lack.ADDRESS)) {
      customer.put("address", "1 Quay Lane");
    }
    long customerId = ok(app.act("/api/customers", customer)).path("id").asLong();
    long order =
        ok(app.act(
                "/api/orders",
                Map.of(
                    "customerId",
                    customerId,
                    "due",
                    "2027-03-01",
                    "lines",
                    List.of(Map.of("productId", product, "colourwayId", colour, "quantity", 3)))))
            .path("id")
            .asLong();
    JdbcTemplate rows = app.bean(JdbcTemplate.class);
    if (lacks.contains(Lack.ROUTE)) {
      rows.update("delete from routes where product_id = ?", product);
    }
    if (lacks.contains(Lack.COLOUR)) {
      // Sold in a colour that is not there: as a table of another shop might say.
      rows.update("update products set sold_in = json '[999999]' where id = ?", product);
    }
    return new Made(lacks, product, order);
  }

  private static Map<String, Object> part(long material, double amount) {
    return Map.of("materialId", material, "basis", "partsByVolume", "amount", amount);
  }

  private static long material(String name, String role, double density, double bulk) {
    return ok(app.act(
            "/api/materials",
            Map.of(
                "name", name, "role", role, "relativeDensity", density, "bulkDensityKgM3", bulk)))
        .path("id")
        .asLong();
  }

  private static JsonNode ok(Answer answer) {
    assertThat(answer.status()).as(answer.body().toString()).isBetween(200, 201);
    return answer.body();
  }

  /** Every GET of the API's own document, for every thing that there is. */
  @Test
  void noPageFailsForWhatIsMissing() {
    JsonNode paths = app.get("/api/openapi").path("paths");
    List<String> failed = new ArrayList<>();
    for (Map.Entry<String, JsonNode> path : paths.properties()) {
      if (!path.getValue().has("get") || isEndless(path.getValue().path("get"))) {
        continue;
      }
      int most = path.getKey().contains("{") ? MADE.size() : 1;
      for (int id = 1; id <= most; id++) {
        String at = path.getKey().replaceAll("\\{[^}]*}", String.valueOf(id));
        int status = app.tryGet(at + required(path.getValue().path("get"))).status();
        if (status >= 500) {
          failed.add(status + " " + at);
        }
      }
    }
    assertThat(failed).isEmpty();
  }

  /** What goes on for as long as somebody listens. */
  private static boolean isEndless(JsonNode get) {
    return get.path("responses").path("200").path("content").has("text/event-stream");
  }

  private static String required(JsonNode get) {
    StringBuilder query = new StringBuilder();
    for (JsonNode parameter : get.path("parameters")) {
      if (parameter.path("in").asString().equals("query")
          && parameter.path("required").asBoolean()) {
        JsonNode options = parameter.path("schema").path("enum");
        query
            .append(query.isEmpty() ? "?" : "&")
            .append(parameter.path("name").asString())
            .append('=')
            .append(options.isEmpty() ? "1" : options.get(0).asString());
      }
    }
    return query.toString();
  }

  @Test
  void whatIsMissingIsSaidWithTheWayToMendIt() {
    JsonNode missing = app.get("/api/missing");
    for (Made made : MADE) {
      Set<Lack> expected =
          EnumSet.copyOf(made.lacks.isEmpty() ? EnumSet.noneOf(Lack.class) : made.lacks);
      if (expected.contains(Lack.LOT)) {
        // A delivery brings its price.
        expected.remove(Lack.PRICE);
      }
      if (expected.contains(Lack.COPY)) {
        expected.remove(Lack.EMPTY_MASS);
      }
      if (expected.contains(Lack.COLOUR)) {
        // What it is made of is only known in a colour.
        expected.remove(Lack.LOT);
        expected.remove(Lack.PRICE);
      }
      for (Lack lack : Lack.values()) {
        String about =
            (lack == Lack.ADDRESS ? "order-" + made.orderId : "product-" + made.productId);
        assertThat(says(missing, lack.code, about))
            .as("%s of %s", lack, made.lacks)
            .isEqualTo(expected.contains(lack));
      }
    }
  }

  private static boolean says(JsonNode missing, String code, String about) {
    for (JsonNode one : missing) {
      for (JsonNode to : one.path("about")) {
        if (one.path("code").asString().equals(code) && to.asString().equals(about)) {
          assertThat(one.path("message").asString()).endsWith(".");
          assertThat(one.path("path").asString()).startsWith("/");
          assertThat(one.path("key").asString()).isNotBlank();
          return true;
        }
      }
    }
    return false;
  }

  /** All these recipes have a colour named Plain: each is poured by itself all the same. */
  @Test
  void coloursOfOneNameAreNotOneMix() {
    JsonNode plan = app.plan();
    for (JsonNode day : plan.path("days")) {
      for (JsonNode visit : day.path("visits")) {
        Set<String> mixes = new HashSet<>();
        visit
            .path("casts")
            .forEach(no -> mixes.add(plan.path("casts").get(no.asInt()).path("mixKey").asString()));
        assertThat(mixes).as(visit.toString()).hasSizeLessThanOrEqualTo(1);
      }
    }
  }

  /** More than a page of orders: all of them can be poured for. */
  @Test
  void everyOpenLineCanBeReachedFromPour() {
    JsonNode first = app.get("/api/orders/" + MADE.get(0).orderId);
    JsonNode line = first.path("lines").get(0);
    for (int i = 0; i < 60; i++) {
      ok(
          app.act(
              "/api/orders",
              Map.of(
                  "customerId", first.path("customerId").asLong(),
                  "due", "2027-04-01",
                  "lines",
                      List.of(
                          Map.of(
                              "productId", line.path("productId").asLong(),
                              "colourwayId", line.path("colourwayId").asLong(),
                              "quantity", 1)))));
    }
    assertThat(app.get("/api/orders/to-pour").size()).isEqualTo(60 + MADE.size());
  }

  /** A line that cannot be planned says why; the others are planned all the same. */
  @Test
  void thePlanGoesOnWithoutWhatCannotBePlanned() {
    JsonNode plan = app.plan();
    assertThat(plan.path("casts").size()).isGreaterThan(0);
    long without =
        MADE.stream()
            .filter(m -> m.lacks.contains(Lack.COPY) || m.lacks.contains(Lack.ROUTE))
            .count();
    assertThat(plan.path("idle").size()).isEqualTo((int) without);
    plan.path("idle").forEach(line -> assertThat(line.path("why").asString()).isNotBlank());
  }
}
