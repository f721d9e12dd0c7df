package ironshelf.act;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import ironshelf.App;
import ironshelf.App.Answer;
import ironshelf.OwnPours;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** What several people do at the same moment, and what is kept of an act once it is answered. */
class TogetherTest {

  private static App app;
  private static int number;

  @BeforeAll
  static void start() {
    app = App.empty();
  }

  @AfterAll
  static void stop() {
    app.close();
  }

  /** Twelve pours of one recipe into copies of their own draw on the same lots. */
  @Test
  void poursThatShareNothingButTheirLotsAllSucceed() throws Exception {
    long material = firstMaterial();
    stock(material, 500);
    List<Callable<Answer>> presses = new ArrayList<>();
    double asked = 0;
    for (int i = 0; i < 12; i++) {
      JsonNode session = open(make(1));
      asked += lines(session).get(0).path("askedKg").asDouble();
      presses.add(() -> OwnPours.pour(app, session, List.of()));
    }
    double before = remaining(material);
    assertThat(atOnce(presses))
        .allSatisfy(a -> assertThat(a.status()).as(a.body().toString()).isEqualTo(200));
    assertThat(before - remaining(material)).isCloseTo(asked, within(12 * 1e-4));
  }

  /** Each count says what is there, however many count. */
  @Test
  void countsOfOneLotAtOnceDoNotAddUp() throws Exception {
    long material = firstMaterial();
    stock(material, 50);
    for (int round = 0; round < 8; round++) {
      long lot = lastLot(material).path("id").asLong();
      Map<String, Object> found = Map.of("massKg", 20.0 + round, "reason", "counted");
      List<Callable<Answer>> counts = new ArrayList<>();
      for (int i = 0; i < 4; i++) {
        counts.add(() -> app.act("/api/lots/" + lot + "/count", found));
      }
      assertThat(atOnce(counts)).allSatisfy(a -> assertThat(a.status()).isEqualTo(200));
      assertThat(lastLot(material).path("remainingKg").asDouble()).isEqualTo(20.0 + round);
    }
  }

  /** Eight orders at once: each gets a number of its own, one after the other. */
  @Test
  void ordersAtOnceGetNumbersOfTheirOwn() throws Exception {
    JsonNode made = OwnPours.pot(app, "Numbered", 1);
    Map<String, Object> line =
        Map.of(
            "productId", made.path("fills").get(0).path("productId").asLong(),
            "colourwayId", made.path("colourwayId").asLong(),
            "quantity", 1);
    long customer =
        app.act("/api/customers", Map.of("name", "Eight at once")).body().path("id").asLong();
    Map<String, Object> order =
        Map.of("customerId", customer, "due", "2030-01-01", "lines", List.of(line));
    List<Callable<Answer>> orders = new ArrayList<>();
    for (int i = 0; i < 8; i++) {
      orders.add(() -> app.act("/api/orders", order));
    }
    List<Answer> answers = atOnce(orders);
    assertThat(answers).allSatisfy(a -> assertThat(a.status()).as("%s", a.body()).isEqualTo(201));
    assertThat(answers.stream().map(a -> a.body().path("number").asString()).distinct()).hasSize(8);
  }

  /** A press that is sent again while the first is still being done gets the first one's answer. */
  @Test
  void aRepetitionGetsTheFirstAnswer() throws Exception {
    String key = UUID.randomUUID().toString();
    Map<String, Object> opening = OwnPours.opening(make(2));
    List<Callable<Answer>> presses = new ArrayList<>();
    for (int i = 0; i < 8; i++) {
      presses.add(() -> app.act("/api/pours", opening, key));
    }
    List<Answer> answers = atOnce(presses);
    assertThat(answers)
        .allSatisfy(a -> assertThat(a.status()).as(a.body().toString()).isIn(200, 201));
    assertThat(answers.stream().map(a -> a.body().path("id").asLong()).distinct()).hasSize(1);
    Map<String, Object> other = new HashMap<>(opening);
    other.put("roomC", 12.5);
    assertThat(app.act("/api/pours", other, key).code()).isEqualTo("act.keyReused");
  }

  /** The database file, copied the moment the answer is there, has the act. */
  @Test
  void whatIsAnsweredIsOnTheDisk() throws Exception {
    Path file = Path.of(app.setting("ironshelf.data")).resolve("ironshelf.mv.db");
    long material = firstMaterial();
    for (int i = 0; i < 20; i++) {
      String key = UUID.randomUUID().toString();
      Map<String, Object> bag = Map.of("massKg", 25);
      assertThat(app.act("/api/materials/" + material + "/lots", bag, key).status())
          .isLessThan(300);
      Path copy = Files.createTempDirectory("copied").resolve("ironshelf.mv.db");
      Files.copy(file, copy);
      assertThat(holds(copy, key)).as("act %s of 20", i + 1).isTrue();
      Files.delete(copy);
    }
  }

  @Test
  void nonsenseIsRefusedByName() {
    long material = firstMaterial();
    stock(material, 84.9);
    long lot = lastLot(material).path("id").asLong();
    Map<String, Object> spilt = Map.of("massKg", 4_999, "reason", "spilt");
    assertThat(app.act("/api/lots/" + lot + "/waste", spilt).code())
        .isEqualTo("stock.wasteTooMuch");
    Map<String, Object> broken = Map.of("pieceIds", List.of(987_654), "reason", "broken");
    assertThat(app.act("/api/shelf/scrap", broken).status()).isEqualTo(404);
    String place = app.get("/api/temperatures").get(0).path("place").asString();
    Map<String, Object> brought = Map.of("castIds", List.of(987_654), "place", place);
    assertThat(app.act("/api/shelf/places", brought).status()).isEqualTo(404);
    Map<String, Object> named = Map.of("name", "Nul\u0000", "address", "Quay 1");
    assertThat(app.act("/api/customers", named).body().toString()).contains("text.unprintable");
  }

  private static boolean holds(Path file, String key) throws Exception {
    String url = "jdbc:h2:file:" + file.toString().replace(".mv.db", "");
    try (Connection sql = DriverManager.getConnection(url, "sa", "");
        PreparedStatement query = sql.prepareStatement("select 1 from acts where act_key = ?")) {
      query.setString(1, key);
      try (ResultSet row = query.executeQuery()) {
        return row.next();
      }
    }
  }

  private static List<Answer> atOnce(List<Callable<Answer>> presses) throws Exception {
    ExecutorService people = Executors.newFixedThreadPool(presses.size());
    try {
      List<Answer> answers = new ArrayList<>();
      for (Future<Answer> press : people.invokeAll(presses)) {
        answers.add(press.get());
      }
      return answers;
    } finally {
      people.shutdown();
    }
  }

  private static JsonNode make(int copies) {
    return OwnPours.pot(app, "Piece " + ++number, copies);
  }

  private static JsonNode open(JsonNode made) {
    return app.act("/api/pours", OwnPours.opening(made)).body();
  }

  private static JsonNode lines(JsonNode session) {
    return OwnPours.batch(session).path("mixes").get(0).path("lines");
  }

  private static long firstMaterial() {
    return lines(open(make(1))).get(0).path("material").asLong();
  }

  private static void stock(long material, double kg) {
    Answer received = app.act("/api/materials/" + material + "/lots", Map.of("massKg", kg));
    assertThat(received.status()).as(received.body().toString()).isLessThan(300);
  }

  private static JsonNode material(long id) {
    for (JsonNode row : app.get("/api/materials")) {
      if (row.path("material").path("id").asLong() == id) {
        return row;
      }
    }
    throw new AssertionError("no material " + id);
  }

  private static double remaining(long material) {
    return material(material).path("remainingKg").asDouble();
  }

  private static JsonNode lastLot(long material) {
    JsonNode lots = material(material).path("lots");
    return lots.get(lots.size() - 1);
  }
}
