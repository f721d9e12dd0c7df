package ironshelf.pour.script;

import static ironshelf.pour.script.BenchFacts.fact;
import static ironshelf.pour.script.BenchFacts.filled;
import static ironshelf.pour.script.BenchFacts.filledValues;
import static ironshelf.pour.script.BenchFacts.putIn;
import static ironshelf.pour.script.BenchFacts.weighed;
import static ironshelf.pour.script.BenchFacts.weighedRaw;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import ironshelf.App;
import ironshelf.App.Answer;
import ironshelf.Pouring;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import tools.jackson.databind.JsonNode;

/** A pour at the bench over HTTP: stock, copies and pieces follow every fact. */
class SessionTest {

  private static App app;

  @BeforeAll
  static void start() {
    app = App.fresh();
  }

  @AfterAll
  static void stop() {
    app.close();
  }

  /** What a bowl gets that its sheet did not ask for leaves the stock; a stranger is refused. */
  @Test
  void whatIsPutInIsOneOfTheShopsMaterials() {
    JsonNode opened = open(Pouring.of(app, "Reed vase", 1)).body();
    long id = opened.path("id").asLong();
    JsonNode binder = line(opened, "binder").path("weigh");
    long cement = binder.path("material").asLong();
    String mix = binder.path("mix").asString();
    double before = stock(cement);
    assertThat(note(id, putIn(mix, "nonsense", 0.05)).code()).isEqualTo("id.notNumber");
    assertThat(note(id, putIn(mix, "999999", 0.05)).status()).isEqualTo(404);
    assertThat(note(id, putIn(mix, Long.toString(cement), 0.05)).status()).isEqualTo(200);
    assertThat(stock(cement)).isCloseTo(before - 0.05, within(1e-9));
    note(id, fact("abandoned", Map.of("why", "a test")));
  }

  @Test
  void aMessyMorningIsRecordedAsItWent() {
    Pouring cups = Pouring.of(app, "Tea-light cup", 3);
    JsonNode opened = open(cups).body();
    long id = opened.path("id").asLong();
    assertThat(isOpen(id)).isTrue();
    JsonNode binder = line(opened, "binder");
    long cement = binder.path("weigh").path("material").asLong();
    double before = stock(cement);

    // What is weighed has left the stock at once.
    JsonNode state = opened;
    for (JsonNode step : steps(opened, "weigh")) {
      boolean isBinder = step.path("key").equals(binder.path("key"));
      double kg = step.path("weigh").path("askedKg").asDouble() * (isBinder ? 0.6 : 0.5);
      state = note(id, weighed(step, kg)).body();
    }
    double cementKg = binder.path("weigh").path("askedKg").asDouble() * 0.6;
    assertThat(stock(cement)).isCloseTo(before - cementKg, within(1e-3));

    // Wetted, one full, one in part: two castings stand in their moulds.
    String mix = binder.path("weigh").path("mix").asString();
    note(id, fact("wetted", Map.of("mix", mix)));
    String first = cups.codes().get(0);
    String second = cups.codes().get(1);
    String third = cups.codes().get(2);
    note(id, filled(first, true, null));
    state = note(id, filled(second, false, null)).body().path("state");
    assertThat(held(cups, 0)).isTrue();
    assertThat(held(cups, 1)).isTrue();
    assertThat(held(cups, 2)).isFalse();
    assertThat(state.path("findings").get(0).path("finding").path("code").asString())
        .isEqualTo("pour.short");

    // More is mixed in the same proportions, the second copy is topped up, the third left out.
    double litres =
        state
            .path("findings")
            .get(0)
            .path("remedies")
            .get(0)
            .path("values")
            .path("litres")
            .asDouble();
    note(id, fact("mixedMore", Map.of("batch", "more", "like", "b1", "litres", litres)));
    note(id, fact("asAsked", Map.of("mix", "more/0")), fact("wetted", Map.of("mix", "more/0")));
    Map<String, Object> rest = new HashMap<>(filledValues(second, true, null));
    rest.put("batch", "more");
    note(id, fact("filled", rest));
    note(id, fact("leftOut", Map.of("copy", third, "why", "leaks at the seam")));
    note(id, fact("thrown", Map.of("batch", "more", "why", "went off")));
    Answer done = note(id, fact("recorded", Map.of()));
    assertThat(done.status()).isEqualTo(200);
    assertThat(done.body().path("state").path("status").asString()).isEqualTo("recorded");
    assertThat(isOpen(id)).isFalse();
    for (JsonNode copy : done.body().path("state").path("copies")) {
      boolean topped = copy.path("copy").asString().equals(second);
      assertThat(copy.path("twice").asBoolean()).as(copy.toString()).isEqualTo(topped);
      assertThat(copy.path("fill").asString())
          .isEqualTo(copy.path("copy").asString().equals(third) ? "empty" : "full");
    }

    // The books: two pieces, and what went in is what left the stock, bowl by bowl.
    JsonNode poured = app.get("/api/pours/" + id);
    assertThat(poured.path("pieces").asInt()).isEqualTo(2);
    JsonNode bowl = done.body().path("state").path("bowl");
    double went = 0;
    for (JsonNode w : poured.path("weighOuts")) {
      went += w.path("actualKg").asDouble();
    }
    assertThat(went).isCloseTo(bowl.path("inKg").asDouble(), within(1e-3));
    assertThat(bowl.path("thrownKg").asDouble()).isPositive();
    // It stands among what came to nothing, with its reason and its cost.
    JsonNode lost = app.get("/api/use/waste").get(0);
    assertThat(lost.path("reason").asString()).isIn("went off", "not accounted for");
    assertThat(app.get("/api/use/waste").toString()).contains("went off");
    assertThat(lost.path("cost").asDouble()).as(lost.toString()).isPositive();
  }

  @Test
  void whatIsTakenBackNeverWas() {
    Pouring bowls = Pouring.of(app, "Ripple bowl", 1);
    JsonNode opened = open(bowls).body();
    long id = opened.path("id").asLong();
    JsonNode binder = line(opened, "binder");
    long cement = binder.path("weigh").path("material").asLong();
    double before = stock(cement);
    String mix = binder.path("weigh").path("mix").asString();
    note(id, fact("asAsked", Map.of("mix", mix)), fact("wetted", Map.of("mix", mix)));
    Map<String, Object> fill = filled(bowls.codes().get(0), true, null);
    note(id, fill);
    assertThat(held(bowls, 0)).isTrue();
    // Sent twice, as a device does that got no answer.
    assertThat(note(id, fill).body().path("state").path("bowl").path("outKg").asDouble())
        .isPositive();

    note(id, fact("takenBack", Map.of("fact", fill.get("key"))));
    assertThat(held(bowls, 0)).isFalse();
    assertThat(stock(cement)).isLessThan(before - 0.1);
    JsonNode state = app.get("/api/pours/" + id + "/session").path("state");
    assertThat(state.path("copies").get(0).path("fill").asString()).isEqualTo("empty");

    // Nothing was filled: it is abandoned, and what went into the bowl stays used.
    note(id, fact("abandoned", Map.of("why", "the power went")));
    assertThat(app.get("/api/pours/" + id + "/session").path("state").path("status").asString())
        .isEqualTo("abandoned");
    assertThat(note(id, fact("wetted", Map.of("mix", mix))).status()).isEqualTo(400);
  }

  /**
   * What nobody measured teaches nothing. 1 % more water by the scale is one more pour, and moves
   * what was learned a quarter of the way (common practice) to what it was.
   */
  @Test
  void onlyWhatWasMeasuredTeaches() {
    Pouring trays = Pouring.of(app, "Lantern base", 2);
    long recipe = Pouring.product(app, "Lantern base").path("product").path("recipeId").asLong();
    JsonNode before = offset(recipe, trays.colourwayId());
    pour(trays, 0, null);
    assertThat(offset(recipe, trays.colourwayId())).isEqualTo(before);
    pour(trays, 1, 1.01);
    JsonNode after = offset(recipe, trays.colourwayId());
    assertThat(after.path("offset").path("count").asInt())
        .isEqualTo(before.path("offset").path("count").asInt() + 1);
    double used = before.path("offsetUsed").asDouble();
    double was = before.path("offset").path("value").asDouble();
    double seen = ((1 + used / 100) * 1.01 - 1) * 100;
    assertThat(after.path("offset").path("value").asDouble())
        .isCloseTo(was + 0.25 * (seen - was), within(0.02));
  }

  /** A whole pour into one copy; as asked, or with so much water by the scale. */
  private void pour(Pouring pouring, int copy, Double water) {
    Pouring one =
        new Pouring(
            pouring.productId(), pouring.colourwayId(), 0, List.of(pouring.copies().get(copy)));
    JsonNode opened = open(one).body();
    long id = opened.path("id").asLong();
    if (water != null) {
      for (JsonNode step : steps(opened, "weigh")) {
        boolean isWater = step.path("weigh").path("role").asString().equals("water");
        double kg = step.path("weigh").path("askedKg").asDouble();
        note(id, weighed(step, isWater ? kg * water : kg));
      }
    }
    String mix = line(opened, "binder").path("weigh").path("mix").asString();
    note(id, fact("asAsked", Map.of("mix", mix)), fact("wetted", Map.of("mix", mix)));
    note(id, filled(one.codes().get(0), true, null), fact("recorded", Map.of()));
  }

  private static JsonNode offset(long recipe, long colourway) {
    for (JsonNode water : app.get("/api/recipes/" + recipe + "/learned").path("water")) {
      if (water.path("colourwayId").asLong() == colourway) {
        return water;
      }
    }
    throw new AssertionError("no colourway " + colourway);
  }

  /** Another screen listens, and hears of a fact once it is kept. */
  @Test
  @Timeout(30)
  void everyScreenFollowsAtOnce() throws Exception {
    Pouring stones = Pouring.of(app, "Boat stepping stone", 1);
    JsonNode opened = open(stones).body();
    long id = opened.path("id").asLong();
    HttpResponse<Stream<String>> heard =
        HttpClient.newHttpClient()
            .send(
                HttpRequest.newBuilder(URI.create(app.base() + "/api/changes")).build(),
                HttpResponse.BodyHandlers.ofLines());
    try (Stream<String> lines = heard.body()) {
      note(id, fact("abandoned", Map.of("why", "no power")));
      List<String> told = new ArrayList<>();
      lines
          // The shop is busy with other things too.
          .filter(l -> l.startsWith("data:") && l.contains("\"pours\":[" + id + "]"))
          .peek(told::add)
          .takeWhile(l -> told.size() < 2)
          .forEach(l -> app.act("/api/pours/" + id + "/undo", Map.of()));
      assertThat(told.get(0)).contains("\"pour\"");
      // Any other act is told too: here that the pour was taken back as a whole.
      assertThat(told.get(1)).contains("\"act\"");
    }
  }

  @Test
  void whatCannotBeChangesNothing() {
    Pouring vases = Pouring.of(app, "Reed vase", 1);
    long id = open(vases).body().path("id").asLong();
    JsonNode before = app.get("/api/pours/" + id + "/session");
    String code = vases.codes().get(0);
    assertThat(error(note(id, filled(code, true, null)))).isEqualTo("pour.notWet");
    assertThat(error(note(id, fact("recorded", Map.of())))).isEqualTo("pour.unfilled");
    assertThat(error(note(id, fact("leftOut", Map.of("copy", "Z9", "why", "x")))))
        .isEqualTo("pour.nameUnknown");
    assertThat(note(id, weighedRaw("b1/0/0", -1)).status()).isEqualTo(400);
    assertThat(app.get("/api/pours/" + id + "/session").path("state"))
        .isEqualTo(before.path("state"));
    note(id, fact("abandoned", Map.of("why", "a test")));
  }

  @Test
  void aCopyThatTwoPoursWantGoesToTheFirst() {
    Pouring trays = Pouring.of(app, "Hex tile", 1);
    long one = open(trays).body().path("id").asLong();
    long two = open(trays).body().path("id").asLong();
    for (long id : List.of(one, two)) {
      JsonNode session = app.get("/api/pours/" + id + "/session");
      String mix = line(session, "binder").path("weigh").path("mix").asString();
      note(id, fact("asAsked", Map.of("mix", mix)), fact("wetted", Map.of("mix", mix)));
    }
    String code = trays.codes().get(0);
    assertThat(note(one, filled(code, true, null)).status()).isEqualTo(200);
    Answer late = note(two, filled(code, true, null));
    assertThat(late.code()).isEqualTo("copy.held");
    // It is left out there, and the bowl goes into another copy that nobody planned.
    note(two, fact("leftOut", Map.of("copy", code, "why", "taken at the other bench")));
    JsonNode other = Pouring.of(app, "Hex tile", 1).copies().get(0);
    Map<String, Object> copy =
        Map.of("key", other.path("code").asString(), "litres", 0.4, "cavities", 1);
    Map<String, Object> added = Map.of("copy", copy, "product", String.valueOf(trays.productId()));
    assertThat(note(two, fact("added", added)).status()).isEqualTo(200);
    assertThat(note(two, filled(other.path("code").asString(), true, null)).status())
        .isEqualTo(200);
    note(one, fact("recorded", Map.of()));
    JsonNode done = note(two, fact("recorded", Map.of())).body();
    assertThat(done.path("state").path("status").asString()).isEqualTo("recorded");
    assertThat(app.get("/api/pours/" + two).path("copies").get(0).asString())
        .isEqualTo(other.path("code").asString());
  }

  private static Answer open(Pouring pouring) {
    Map<String, Object> fill = Map.of("productId", pouring.productId(), "copyIds", pouring.ids());
    return app.act(
        "/api/pours", Map.of("fills", List.of(fill), "colourwayId", pouring.colourwayId()));
  }

  private static Answer note(long id, Map<String, Object> fact) {
    return app.act("/api/pours/" + id + "/facts", Map.of("facts", List.of(fact)));
  }

  private static Answer note(long id, Map<String, Object> fact, Map<String, Object> then) {
    return app.act("/api/pours/" + id + "/facts", Map.of("facts", List.of(fact, then)));
  }

  private static List<JsonNode> steps(JsonNode session, String kind) {
    List<JsonNode> steps = new ArrayList<>();
    for (JsonNode step : session.path("state").path("steps")) {
      if (step.path("kind").asString().equals(kind)) {
        steps.add(step);
      }
    }
    return steps;
  }

  private static JsonNode line(JsonNode session, String role) {
    return steps(session, "weigh").stream()
        .filter(s -> s.path("weigh").path("role").asString().equals(role))
        .findFirst()
        .orElseThrow();
  }

  private static double stock(long materialId) {
    for (JsonNode m : app.get("/api/materials")) {
      if (m.path("material").path("id").asLong() == materialId) {
        return m.path("remainingKg").asDouble();
      }
    }
    throw new AssertionError("no material " + materialId);
  }

  private static boolean isOpen(long pourId) {
    for (JsonNode session : app.get("/api/pours/open")) {
      if (session.path("id").asLong() == pourId) {
        return true;
      }
    }
    return false;
  }

  private static boolean held(Pouring pouring, int copy) {
    long id = pouring.copies().get(copy).path("id").asLong();
    return !app.get("/api/copies/" + id).path("copy").path("held").isMissingNode();
  }

  private static String error(Answer answer) {
    return answer.body().path("errors").get(0).path("code").asString();
  }
}
