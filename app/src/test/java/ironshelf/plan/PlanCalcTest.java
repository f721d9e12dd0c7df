package ironshelf.plan;

import static org.assertj.core.api.Assertions.assertThat;

import ironshelf.App;
import ironshelf.App.Answer;
import java.util.List;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Plans and promises as sums over HTTP, of which nothing is kept. */
class PlanCalcTest {

  private static App app;

  @BeforeAll
  static void start() {
    app = App.busy();
  }

  /** One product through its whole route, as the API's document describes it. */
  @Test
  void aRequestIsPlanned() {
    Answer answer = app.post("/api/calc/plan", REQUEST.formatted(3));
    assertThat(answer.status()).as("%s", answer.body()).isEqualTo(200);
    JsonNode cast = answer.body().path("casts").get(0);
    assertThat(cast.path("pourAt").asString()).startsWith("2027-03-01T07:00");
    assertThat(answer.body().path("casts").size()).isEqualTo(12);
    assertThat(answer.body().path("totalWeightedLateDays").asDouble()).isZero();
    Answer promise =
        app.post(
            "/api/calc/promise",
            "{\"plan\":" + REQUEST.formatted(1) + ",\"product\":\"bowl\",\"quantity\":6}");
    assertThat(promise.body().path("curve").size()).as("%s", promise.body()).isEqualTo(4);
  }

  /**
   * One copy; what is due first takes it for a week, what is due a day later weighs fifty times as
   * much. The plan pours the weighty one first (worked out by hand), and so does the promise's.
   */
  @Test
  void aStatelessPromiseStartsFromTheStatelessPlan() {
    String demand =
        "{\"order\":\"1001\",\"product\":\"bowl\",\"quantity\":12,\"due\":\"2027-03-20\",\"weight\":1}";
    String body = REQUEST.formatted(1);
    assertThat(body).contains(demand);
    body =
        body.replace(
            demand,
            """
            {"order":"long","product":"bowl","quantity":7,"due":"2027-03-10","weight":1},
            {"order":"weighty","product":"bowl","quantity":1,"due":"2027-03-11","weight":50}
            """);
    JsonNode planned = app.post("/api/calc/plan", body).body().path("orders");
    JsonNode promised =
        app.post("/api/calc/promise", "{\"plan\":" + body + ",\"product\":\"bowl\",\"quantity\":6}")
            .body()
            .path("plan")
            .path("orders");
    assertThat(planned.get(0).path("lateDays").asInt()).isPositive();
    assertThat(planned.get(1).path("lateDays").asInt()).isZero();
    for (int i = 0; i < 2; i++) {
      assertThat(promised.get(i).path("order")).isEqualTo(planned.get(i).path("order"));
      assertThat(promised.get(i).path("lateDays")).isEqualTo(planned.get(i).path("lateDays"));
    }
  }

  /** An order book with nothing in it has a plan too. */
  @Test
  void nothingAskedForIsAPlanOfNothing() {
    Answer answer =
        app.post(
            "/api/calc/plan",
            REQUEST.formatted(1).replaceAll("(?s)\"demands\":\\[.*?\\]", "\"demands\":[]"));
    assertThat(answer.status()).as("%s", answer.body()).isEqualTo(200);
    assertThat(answer.body().path("casts").size()).isZero();
  }

  @Test
  void badPlansAreRefusedAtTheirFields() {
    for (String[] wrong :
        List.of(
            new String[] {"\"opens\":\"07:00\"", "\"opens\":\"18:00\""},
            new String[] {"\"MON\"", "\"FUNDAY\""},
            new String[] {"\"copies\":3", "\"copies\":0"},
            new String[] {"\"copies\":3", "\"copies\":\"three\""},
            new String[] {"\"mould\":\"bowl\",\"colour\"", "\"mould\":\"hat\",\"colour\""},
            new String[] {"\"quantity\":12", "\"quantity\":-12"},
            new String[] {"\"quantity\":12", "\"quantity\":99999"},
            new String[] {"\"freesMould\":true", "\"freesMould\":false"},
            new String[] {"\"waitH\":24", "\"waitH\":\"NaN\""},
            new String[] {"2027-03-20", "soon"},
            new String[] {"\"secondsToSearch\":0", "\"secondsToSearch\":3600"})) {
      String body = REQUEST.formatted(3).replace(wrong[0], wrong[1]);
      Answer answer = app.post("/api/calc/plan", body);
      assertThat(answer.status()).as("%s: %s", wrong[1], answer.body()).isEqualTo(400);
    }
  }

  private static final String REQUEST =
      """
      {"start":"2027-03-01T07:00","calendar":{"days":["MON","TUE","WED","THU","FRI"],
       "opens":"07:00","closes":"16:00","closed":["2027-03-08"]},"people":1,
       "moulds":[{"mould":"bowl","copies":%d,"cavities":1}],
       "stations":[{"station":"bath","capacity":20}],
       "products":[{"product":"bowl","mould":"bowl","colour":"chalk","shade":1,
         "route":[{"step":"pour","attendedMin":12},{"step":"set","waitH":3},
           {"step":"demould","attendedMin":4,"freesMould":true},
           {"step":"bath","waitH":24,"station":"bath"},{"step":"dry","waitH":168},
           {"step":"seal","attendedMin":3,"times":2,"gapMin":15},{"step":"rest","waitH":24}]}],
       "demands":[{"order":"1001","product":"bowl","quantity":12,"due":"2027-03-20","weight":1}],
       "secondsToSearch":0}
      """;
}
