package ironshelf.order;

import static org.assertj.core.api.Assertions.assertThat;

import ironshelf.App;
import ironshelf.App.Answer;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** From what is asked for to what comes back. */
class OrderTest {

  private static App app;
  private static JsonNode bowl;
  private static JsonNode chalk;

  @BeforeAll
  static void start() {
    app = App.fresh();
    for (JsonNode page : app.get("/api/products")) {
      if (page.path("product").path("name").asString().equals("Ripple bowl")) {
        bowl = page.path("product");
        chalk = page.path("colourways").get(0);
      }
    }
    // Its four finished bowls are free then.
    JsonNode late = app.get("/api/orders?search=207").path("items").get(0);
    assertThat(withVersion("/api/orders/" + late.path("id").asLong() + "/cancelled", late).status())
        .isEqualTo(200);
  }

  @AfterAll
  static void stop() {
    app.close();
  }

  private static LocalDate today() {
    return LocalDate.parse(app.get("/api/workshop").path("now").asString().substring(0, 10));
  }

  private static Map<String, Object> order(int quantity, boolean quote) {
    return Map.of(
        "customerId",
        app.get("/api/customers").get(0).path("id").asLong(),
        "due",
        today().plusDays(40).toString(),
        "quote",
        quote,
        "lines",
        List.of(
            Map.of(
                "productId", bowl.path("id").asLong(),
                "colourwayId", chalk.path("id").asLong(),
                "quantity", quantity)));
  }

  private static JsonNode placed(int quantity, boolean quote) {
    Answer answer = app.act("/api/orders", order(quantity, quote));
    assertThat(answer.status()).as("%s", answer.body()).isEqualTo(201);
    return answer.body();
  }

  private static Answer withVersion(String path, JsonNode order) {
    return app.post(path, "{}", Map.of("If-Match", "\"" + order.path("version").asLong() + "\""));
  }

  @Test
  void anOrderIsTakenOnceForItsKeyAndFoundByAnything() {
    String key = UUID.randomUUID().toString();
    JsonNode first = app.act("/api/orders", order(3, false), key).body();
    JsonNode again = app.act("/api/orders", order(3, false), key).body();
    assertThat(again.path("id")).isEqualTo(first.path("id"));
    assertThat(first.path("stage").asString()).isEqualTo("open");
    String number = first.path("number").asString();
    String customer = first.path("customer").asString().toLowerCase(java.util.Locale.ROOT);
    for (String words : List.of(number, "ripple", "chalk", customer)) {
      assertThat(numbers("/api/orders?which=open&size=200&search=" + words))
          .as(words)
          .contains(number);
    }
    assertThat(numbers("/api/orders?which=quotes&search=" + number)).isEmpty();
    assertThat(app.tryGet("/api/orders?which=NONSENSE").status()).isEqualTo(400);
  }

  @Test
  void theListIsSortedAndPagedAndKnowsWhatChanged() {
    JsonNode order = placed(2, false);
    String number = order.path("number").asString();
    List<String> all = numbers("/api/orders?which=all&size=200&sort=number,desc");
    assertThat(all).contains(number).isSortedAccordingTo(Comparator.reverseOrder());
    assertThat(numbers("/api/orders?which=all&size=2&page=1&sort=number,desc"))
        .isEqualTo(all.subList(2, 4));
    assertThat(numbers("/api/orders?which=all&size=50&page=900")).isEmpty();
    assertThat(app.tryGet("/api/orders?sort=shoeSize").status()).isEqualTo(404);

    assertThat(numbers("/api/orders?which=closed&size=200")).doesNotContain(number);
    long id = order.path("id").asLong();
    assertThat(withVersion("/api/orders/" + id + "/cancelled", order).status()).isEqualTo(200);
    assertThat(numbers("/api/orders?which=closed&size=200&search=" + number)).contains(number);
    assertThat(numbers("/api/orders?which=open&size=200&search=" + number)).isEmpty();
  }

  private static List<String> numbers(String path) {
    List<String> numbers = new ArrayList<>();
    app.get(path).path("items").forEach(o -> numbers.add(o.path("number").asString()));
    return numbers;
  }

  @Test
  void badOrdersAreRefusedAtTheirFields() {
    Answer empty = app.act("/api/orders", Map.of("lines", List.of()));
    assertThat(empty.status()).isEqualTo(400);
    assertThat(empty.body().path("errors").toString())
        .contains("customerId")
        .contains("due")
        .contains("lines");
    assertThat(app.post("/api/orders", "{}").status()).isEqualTo(400);
    for (String quantity : List.of("0", "-3", "1e9", "\"twelve\"", "2.5", "null")) {
      Answer refused =
          app.act(
              "/api/orders",
              new tools.jackson.databind.json.JsonMapper()
                  .readTree(
                      "{\"customerId\":1,\"due\":\"2027-03-20\",\"lines\":[{\"productId\":1,"
                          + "\"colourwayId\":1,\"quantity\":"
                          + quantity
                          + "}]}"));
      assertThat(refused.status()).as(quantity).isEqualTo(400);
    }
    Answer wrongColour =
        app.act(
            "/api/orders",
            Map.of(
                "customerId",
                1,
                "due",
                "2027-03-20",
                "lines",
                List.of(Map.of("productId", 99_999, "colourwayId", 1, "quantity", 1))));
    assertThat(wrongColour.status()).isEqualTo(404);
  }

  @Test
  void aQuoteIsPromisedAcceptedAndKeptByThePlan() {
    JsonNode quote = placed(5, true);
    assertThat(quote.path("stage").asString()).isEqualTo("quote");
    JsonNode promise = app.get("/api/orders/" + quote.path("id").asLong() + "/promise");
    assertThat(promise.path("curve").size()).isEqualTo(4);
    assertThat(promise.path("bound").asString()).isNotBlank();
    app.plan();
    JsonNode again = app.get("/api/orders/" + quote.path("id").asLong() + "/promise");
    assertThat(again.path("date")).as("what was read before holds").isEqualTo(promise.path("date"));
    Answer accepted = withVersion("/api/orders/" + quote.path("id").asLong() + "/accepted", quote);
    assertThat(accepted.status()).as("%s", accepted.body()).isEqualTo(200);
    assertThat(accepted.body().path("promisedOn")).isEqualTo(promise.path("nineOfTen"));
    JsonNode after = app.plan();
    long line = accepted.body().path("lines").get(0).path("id").asLong();
    assertThat(late(after, line)).isZero();
    assertThat(
            withVersion("/api/orders/" + quote.path("id").asLong() + "/accepted", accepted.body())
                .code())
        .isEqualTo("order.noQuote");
    // Others without a promise may give way for less work; one with a promise never does.
    JsonNode second = placed(3, true);
    long other = second.path("lines").get(0).path("id").asLong();
    Answer both = withVersion("/api/orders/" + second.path("id").asLong() + "/accepted", second);
    assertThat(both.status()).as("%s", both.body()).isEqualTo(200);
    JsonNode withBoth = app.plan();
    assertThat(late(withBoth, line)).isZero();
    assertThat(late(withBoth, other)).isZero();
  }

  private static long late(JsonNode plan, long lineId) {
    for (JsonNode line : plan.path("lines")) {
      if (line.path("lineId").asLong() == lineId) {
        return line.path("lateDays").asLong();
      }
    }
    throw new AssertionError("not planned: " + lineId);
  }

  @Test
  void callingOffFreesThePieces() {
    JsonNode order = placed(2, false);
    long line = order.path("lines").get(0).path("id").asLong();
    List<Long> free = free(order);
    assertThat(free.size()).isGreaterThan(1);
    Answer tied =
        app.act("/api/order-lines/" + line + "/allotments", Map.of("pieceIds", free.subList(0, 1)));
    assertThat(tied.status()).as("%s", tied.body()).isEqualTo(200);
    assertThat(free(order)).doesNotContain(free.get(0));
    // The answer was lost: the same again ties nothing twice; the other of the two is tied with it.
    Answer again =
        app.act("/api/order-lines/" + line + "/allotments", Map.of("pieceIds", free.subList(0, 2)));
    assertThat(again.status()).as("%s", again.body()).isEqualTo(200);
    assertThat(again.body().path("own").size()).isEqualTo(2);
    JsonNode rival = placed(1, false);
    Answer taken =
        app.act(
            "/api/order-lines/" + rival.path("lines").get(0).path("id").asLong() + "/allotments",
            Map.of("pieceIds", free.subList(0, 1)));
    assertThat(taken.code()).isEqualTo("piece.notFree");
    withVersion("/api/orders/" + rival.path("id").asLong() + "/cancelled", rival);
    JsonNode now = app.get("/api/orders/" + order.path("id").asLong());
    Answer off = withVersion("/api/orders/" + now.path("id").asLong() + "/cancelled", now);
    assertThat(off.body().path("stage").asString()).isEqualTo("cancelled");
    JsonNode other = placed(1, false);
    assertThat(free(other)).contains(free.get(0));
    withVersion("/api/orders/" + other.path("id").asLong() + "/cancelled", other);
  }

  private static List<Long> free(JsonNode order) {
    List<Long> ids = new ArrayList<>();
    app.get("/api/orders/" + order.path("id").asLong() + "/allotments")
        .get(0)
        .path("free")
        .forEach(p -> ids.add(p.path("pieceId").asLong()));
    return ids;
  }

  /** Eight hands reach for the same pieces at once: each piece is tied once. */
  @Test
  void aPieceIsNeverTiedTwice() throws Exception {
    List<JsonNode> orders = new ArrayList<>();
    for (int i = 0; i < 4; i++) {
      orders.add(placed(3, false));
    }
    ExecutorService hands = Executors.newFixedThreadPool(8);
    try {
      List<Callable<Answer>> reaching = new ArrayList<>();
      for (int i = 0; i < 8; i++) {
        long id = orders.get(i % 4).path("id").asLong();
        reaching.add(() -> app.post("/api/orders/" + id + "/allotments", ""));
      }
      for (Future<Answer> answer : hands.invokeAll(reaching)) {
        assertThat(answer.get().status()).isIn(200, 409);
      }
    } finally {
      hands.shutdownNow();
    }
    Set<Long> seen = new HashSet<>();
    int tied = 0;
    for (JsonNode order : orders) {
      JsonNode line = app.get("/api/orders/" + order.path("id").asLong() + "/allotments").get(0);
      assertThat(line.path("own").size()).as("a line wants 3").isLessThanOrEqualTo(3);
      tied += line.path("own").size();
      line.path("own")
          .forEach(p -> assertThat(seen.add(p.path("pieceId").asLong())).as("%s", p).isTrue());
      JsonNode now = app.get("/api/orders/" + order.path("id").asLong());
      withVersion("/api/orders/" + now.path("id").asLong() + "/cancelled", now);
    }
    assertThat(tied).isPositive();
  }

  /** Eight hands serve the same line at once: it gets what it wants, from one of them. */
  @Test
  void aLineNeverGetsMoreThanItWants() throws Exception {
    ExecutorService hands = Executors.newFixedThreadPool(8);
    try {
      for (int round = 0; round < 5; round++) {
        JsonNode order = placed(1, false);
        long id = order.path("id").asLong();
        hands.invokeAll(
            Collections.nCopies(8, () -> app.post("/api/orders/" + id + "/allotments", "")));
        JsonNode line = app.get("/api/orders/" + id + "/allotments").get(0);
        assertThat(line.path("own").size()).as("round %s", round).isEqualTo(1);
        withVersion("/api/orders/" + id + "/cancelled", app.get("/api/orders/" + id));
      }
    } finally {
      hands.shutdownNow();
    }
  }
}
