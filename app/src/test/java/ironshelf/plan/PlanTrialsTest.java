package ironshelf.plan;

import static org.assertj.core.api.Assertions.assertThat;

import ironshelf.App;
import ironshelf.App.Answer;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;

/** A shop that is not as it is, chances, and what a late line waits for; a demo of its own. */
@TestMethodOrder(MethodOrderer.MethodName.class)
class PlanTrialsTest {

  private static App app;

  @BeforeAll
  static void start() {
    app = App.fresh();
  }

  @AfterAll
  static void end() {
    app.close();
  }

  /** What is there more is never worse, costs what copies cost, and changes nothing. */
  @Test
  void whatIfIsOnlyTried() {
    JsonNode plan = app.plan();
    long mould = plan.path("moulds").get(0).path("mouldId").asLong();
    Answer tried =
        app.act(
            "/api/plan/what-if",
            Map.of(
                "copies",
                List.of(Map.of("mouldId", mould, "more", 2)),
                "people",
                1,
                "minutes",
                60,
                "alsoOn",
                "SAT"));
    assertThat(tried.status()).as(tried.body().toString()).isEqualTo(200);
    assertThat(tried.body().path("after").path("lateDays").asInt())
        .isLessThanOrEqualTo(tried.body().path("before").path("lateDays").asInt());
    assertThat(tried.body().path("copiesCost").asDouble()).isPositive();
    assertThat(app.plan().path("casts")).isEqualTo(plan.path("casts"));
    Answer same = app.act("/api/plan/what-if", Map.of());
    assertThat(same.body().path("after").path("lateDays"))
        .isEqualTo(same.body().path("before").path("lateDays"));
    assertThat(app.act("/api/plan/what-if", Map.of("people", -1)).status()).isEqualTo(400);
    assertThat(
            app.act(
                    "/api/plan/what-if",
                    Map.of("copies", List.of(Map.of("mouldId", 98_765, "more", 1))))
                .status())
        .isEqualTo(404);
  }

  /** Common practice: a small heater keeps a tent at 32 °C, and a small tent holds a dozen. */
  @Test
  void aTentIsTriedAsAUsualOneFirst() {
    JsonNode tent = app.get("/api/plan/what-if/tent");
    assertThat(tent.path("celsius").asDouble()).isEqualTo(32);
    assertThat(tent.path("pieces").asInt()).isEqualTo(12);
    assertThat(app.act("/api/plan/what-if", Map.of("tent", tent)).status()).isEqualTo(200);
  }

  /** The chance of a promise: later for nine of ten than for five, and the weeks add up. */
  @Test
  void aPromiseHasItsChance() {
    JsonNode cast = app.plan().path("casts").get(0);
    Answer chance =
        app.act(
            "/api/promises/chance",
            Map.of(
                "productId", cast.path("productId").asLong(),
                "colourwayId", cast.path("colourwayId").asLong(),
                "quantity", 4));
    assertThat(chance.status()).as(chance.body().toString()).isEqualTo(200);
    assertThat(LocalDate.parse(chance.body().path("chance").path("nineOfTen").asString()))
        .isAfterOrEqualTo(
            LocalDate.parse(chance.body().path("chance").path("fiveOfTen").asString()));
    int weeks = 0;
    for (JsonNode on : chance.body().path("chance").path("ready")) {
      weeks += on.path("weeks").asInt();
    }
    assertThat(weeks).isEqualTo(100);
  }

  private static JsonNode tent(int pieces) {
    Answer tried =
        app.act("/api/plan/what-if", Map.of("tent", Map.of("celsius", 35, "pieces", pieces)));
    assertThat(tried.status()).as(tried.body().toString()).isEqualTo(200);
    return tried.body();
  }

  /** What is pressed to be kept is so afterwards, once for its key; the plan follows. */
  @Test
  void whatIfIsKeptByAPress() {
    JsonNode shop = app.get("/api/workshop");
    JsonNode row = app.plan().path("moulds").get(0);
    int copies = row.path("copies").size();
    Map<String, Object> wanted =
        Map.of(
            "copies",
            List.of(Map.of("mouldId", row.path("mouldId").asLong(), "more", 2)),
            "people",
            1,
            "minutes",
            30,
            "tent",
            Map.of("celsius", 35, "pieces", 20));
    List<JsonNode> warm = new ArrayList<>();
    app.act("/api/plan/what-if", wanted).body().path("inTent").forEach(warm::add);
    Answer kept = app.act("/api/plan/what-if/kept", wanted, "keep-it-1");
    assertThat(kept.status()).as(kept.body().toString()).isEqualTo(201);
    assertThat(kept.body().path("people").asInt()).isEqualTo(shop.path("people").asInt() + 1);
    assertThat(kept.body().path("copies").get(0).path("inUse").asInt()).isEqualTo(copies + 2);
    assertThat(kept.body().path("inTent")).containsAll(warm);
    Answer again = app.act("/api/plan/what-if/kept", wanted, "keep-it-1");
    assertThat(again.body()).isEqualTo(kept.body());
    assertThat(app.get("/api/workshop").path("hours").path("closes").asString())
        .isEqualTo("17:30:00");
    assertThat(app.get("/api/stations").toString()).contains("\"pieces\":20");
    assertThat(app.plan().path("moulds").get(0).path("copies").size()).isEqualTo(copies + 2);
  }

  /** A tent never makes it worse, and what is refused is told at its field. */
  @Test
  void aTentIsTried() {
    for (int pieces : new int[] {1, 12, 500}) {
      JsonNode tried = tent(pieces);
      assertThat(tried.path("after").path("lateDays").asInt())
          .isLessThanOrEqualTo(tried.path("before").path("lateDays").asInt());
    }
    for (Map<String, Object> bad :
        List.<Map<String, Object>>of(
            Map.of("celsius", 80, "pieces", 3),
            Map.of("celsius", -5, "pieces", 3),
            Map.of("celsius", 30, "pieces", 0))) {
      assertThat(app.act("/api/plan/what-if", Map.of("tent", bad)).status()).isEqualTo(400);
    }
  }

  /** Which copy would help most is worked out with the orders of the season before, too. */
  @Test
  void theCopyThatHelpsMost() {
    Answer helps = app.act("/api/plan/what-if/copies", Map.of("expected", true));
    assertThat(helps.status()).as(helps.body().toString()).isEqualTo(200);
    long before = Long.MAX_VALUE;
    for (JsonNode help : helps.body()) {
      assertThat(help.path("fewerLateDays").asLong()).isPositive().isLessThanOrEqualTo(before);
      before = help.path("fewerLateDays").asLong();
    }
    Answer season = app.act("/api/plan/what-if", Map.of("expected", true));
    JsonNode now = app.act("/api/plan/what-if", Map.of()).body();
    assertThat(LocalDate.parse(season.body().path("before").path("lastReady").asString()))
        .isAfterOrEqualTo(LocalDate.parse(now.path("before").path("lastReady").asString()));
  }

  /** Each line of the plan with its chance; a quote is accepted for the nine-of-ten date. */
  @Test
  void theWholeBookHasItsChances() {
    JsonNode book = app.get("/api/plan/chances");
    assertThat(book.path("lines").size()).isPositive();
    int sure = 0;
    for (JsonNode line : book.path("lines")) {
      assertThat(line.path("onTime").asDouble()).isBetween(0.0, 1.0);
      sure += line.path("onTime").asDouble() >= 0.9 ? 1 : 0;
    }
    assertThat(book.path("sure").asInt()).isEqualTo(sure);
    JsonNode spread = book.path("from").path("spread");
    assertThat(spread.path("scrapPercent").asDouble()).isBetween(0.01, 10.0);
    assertThat(book.path("from").path("pieces").asLong()).isPositive();
  }

  @Test
  void aQuoteIsAcceptedForTheDateOfNineOfTen() {
    JsonNode cast = app.plan().path("casts").get(0);
    long customer =
        app.act("/api/customers", Map.of("name", "Nine of Ten")).body().path("id").asLong();
    JsonNode quote =
        app.act(
                "/api/orders",
                Map.of(
                    "customerId",
                    customer,
                    "quote",
                    true,
                    "due",
                    "2028-01-10",
                    "lines",
                    List.of(
                        Map.of(
                            "productId",
                            cast.path("productId").asLong(),
                            "colourwayId",
                            cast.path("colourwayId").asLong(),
                            "quantity",
                            3,
                            "price",
                            40))))
            .body();
    String path = "/api/orders/" + quote.path("id").asLong();
    JsonNode promise = app.get(path + "/promise");
    assertThat(LocalDate.parse(promise.path("nineOfTen").asString()))
        .isAfterOrEqualTo(LocalDate.parse(promise.path("date").asString()));
    Answer accepted =
        app.post(
            path + "/accepted",
            "",
            Map.of("If-Match", "\"" + quote.path("version").asLong() + "\""));
    assertThat(accepted.body().path("promisedOn").asString())
        .isEqualTo(promise.path("nineOfTen").asString());
  }

  /** A bag that did not come: what wants it is planned for when it can be here, and says so. */
  @Test
  void whatWaitsForMaterialSaysSo() {
    LocalDate today =
        LocalDate.parse(app.get("/api/shelf").path("now").asString().substring(0, 10));
    String number = ordered(app.plan().path("casts").get(0));
    int lead = 365;
    for (JsonNode stock : app.get("/api/materials")) {
      if (stock.path("material").path("role").asString().equals("binder")
          && !stock.path("lots").isEmpty()) {
        lead = Math.min(lead, stock.path("material").path("leadDays").asInt());
        for (JsonNode lot : stock.path("lots")) {
          Answer counted =
              app.act(
                  "/api/lots/" + lot.path("id").asLong() + "/count",
                  Map.of("massKg", 0, "reason", "set hard in the rain"));
          assertThat(counted.status()).as(counted.body().toString()).isEqualTo(200);
        }
      }
    }
    JsonNode plan = app.plan();
    assertThat(plan.path("casts").size()).isPositive();
    for (JsonNode planned : plan.path("casts")) {
      assertThat(LocalDate.parse(planned.path("pourAt").asString().substring(0, 10)))
          .as(planned.path("product").asString())
          .isAfterOrEqualTo(today.plusDays(lead));
    }
    for (JsonNode line : plan.path("lines")) {
      if (line.path("order").asString().equals(number)) {
        assertThat(line.path("boundBy").asString()).as(line.toString()).isEqualTo("material");
        assertThat(line.path("why").asString()).startsWith("It waits for ");
      }
    }
  }

  /** One more of what a cast is, due when it can be had as things stand. */
  private static String ordered(JsonNode cast) {
    Map<String, Object> line =
        Map.of(
            "productId", cast.path("productId").asLong(),
            "colourwayId", cast.path("colourwayId").asLong(),
            "quantity", 1);
    String date =
        app.act("/api/promises", Map.of("lines", List.of(line))).body().path("date").asString();
    long customer =
        app.act("/api/customers", Map.of("name", "Late Bag")).body().path("id").asLong();
    Map<String, Object> priced = new HashMap<>(line);
    priced.put("price", 30);
    return app.act(
            "/api/orders", Map.of("customerId", customer, "due", date, "lines", List.of(priced)))
        .body()
        .path("number")
        .asString();
  }

  /** A search that a restart cut off goes on for the time that it had left. */
  @Test
  void aSearchGoesOnAfterARestart() throws InterruptedException {
    JdbcTemplate rows = app.bean(JdbcTemplate.class);
    rows.update("insert into plan_searches (id, seconds_left) values (1, 20)");
    app.bean(PlanRuns.class).resume();
    assertThat(app.get("/api/plan/run").path("running").asBoolean()).isTrue();
    app.delete("/api/plan/run");
    for (int i = 0; i < 200 && app.get("/api/plan/run").path("running").asBoolean(); i++) {
      Thread.sleep(50);
    }
    assertThat(rows.queryForObject("select count(*) from plan_searches", Integer.class)).isZero();
    app.bean(PlanRuns.class).resume();
    assertThat(app.get("/api/plan/run").path("running").asBoolean()).isFalse();
  }
}
