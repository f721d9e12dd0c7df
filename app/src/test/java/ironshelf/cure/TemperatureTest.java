package ironshelf.cure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import ironshelf.App;
import ironshelf.App.Answer;
import ironshelf.Pouring;
import ironshelf.Shelf;
import ironshelf.core.cure.Stay;
import ironshelf.core.cure.temperature.TemperatureLog.ProbeReading;
import ironshelf.piece.PieceService;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;
import org.junit.jupiter.api.parallel.ResourceLock;
import tools.jackson.databind.JsonNode;

/** Temperatures as they come in, and the gates that follow them. */
// Beside other classes; its own tests share an application and go one after the other.
@Execution(ExecutionMode.CONCURRENT)
@ResourceLock("TemperatureTest")
@Tag("accuracy")
class TemperatureTest {

  private static App app;
  private static Shelf shelf;

  @BeforeAll
  static void start() {
    app = App.fresh();
    shelf = new Shelf(app);
  }

  @AfterAll
  static void stop() {
    app.close();
  }

  /** A stone of 30 h; a night at 7 degrees makes it later, and says so. */
  @Test
  void aColdNightMovesTheGate() {
    long pour = pour("Carry stone 20 kg");
    JsonNode before = Pouring.group(app, pour);
    probes("{\"coldHours\":14}");
    shelf.forward(14 * 60);
    JsonNode after = Pouring.group(app, pour);
    Duration moved = Duration.between(gate(before), gate(after));
    assertThat(moved).isBetween(Duration.ofHours(3), Duration.ofHours(12));
    Duration told =
        Duration.between(Instant.parse(after.path("usuallyAt").asString()), gate(after));
    assertThat(told).isGreaterThan(Duration.ofHours(2));
  }

  /** In a tent of 40 degrees it is out in well under half the time. */
  @Test
  void aTentMakesItSooner() {
    long pour = pour("Hex tile");
    JsonNode room = Pouring.group(app, pour);
    probes("{\"heaterC\":40}");
    shelf.forward(30);
    List<Long> casts = List.of(room.path("casts").get(0).path("id").asLong());
    Answer tent =
        app.act(
            "/api/shelf/tent",
            Map.of(
                "castId",
                casts.get(0),
                "outAt",
                Instant.parse(shelf.now()).plus(Duration.ofHours(12)).toString()));
    assertThat(tent.body().path("tentC").asDouble()).isBetween(30.0, 50.0);
    assertThat(app.act("/api/shelf/places", Map.of("castIds", casts, "place", "tent")).status())
        .isEqualTo(200);
    JsonNode warm = Pouring.group(app, pour);
    assertThat(warm.path("place").asString()).isEqualTo("tent");
    Instant now = Instant.parse(shelf.now());
    assertThat(Duration.between(now, gate(warm)).toMinutes())
        .isLessThan(Duration.between(now, gate(room)).toMinutes() / 2);
    assertThat(app.act("/api/shelf/places", Map.of("castIds", casts, "place", "moon")).status())
        .isEqualTo(400);
    probes("{\"heaterC\":30}");
  }

  @Test
  void aProbeThatFailsIsToldAndTheUsualDayCounts() {
    probes("{\"place\":\"bath\",\"fails\":true}");
    shelf.forward(3 * 60);
    assertThat(place("bath").path("silent").asBoolean()).isTrue();
    assertThat(place("bath").path("celsius").asDouble()).isBetween(15.0, 24.0);
    assertThat(place("room").path("silent").asBoolean()).isFalse();
    probes("{\"place\":\"bath\",\"fails\":false}");
    shelf.forward(15);
    assertThat(place("bath").path("silent").asBoolean()).isFalse();
    assertThat(app.post("/api/stand-ins/probes", "{\"place\":\"moon\",\"fails\":true}").status())
        .isEqualTo(404);
  }

  /** What a silent probe was to time is told so at its group, and in the past on its piece. */
  @Test
  void aSilentProbeIsToldAtWhatItTimes() {
    long pour = pour("Carry stone 20 kg");
    assertThat(Pouring.group(app, pour).path("warnings").toString()).doesNotContain("cure.silent");
    probes("{\"place\":\"room\",\"fails\":true}");
    shelf.forward(3 * 60);
    JsonNode silent = Pouring.group(app, pour);
    assertThat(silent.path("warnings").get(0).path("code").asString()).isEqualTo("cure.silent");
    probes("{\"place\":\"room\",\"fails\":false}");
    shelf.forward(26 * 60);
    List<Long> out = shelf.takeOut(silent);
    assertThat(app.get("/api/use/pieces/" + out.get(0)).path("firstDay").toString())
        .contains("said nothing for");
  }

  @Test
  void frostIsWarnedOf() {
    long pour = pour("Boat stepping stone");
    String at = Instant.parse(shelf.now()).plusSeconds(1_800).toString();
    shelf.forward(60);
    Answer kept =
        app.post(
            "/api/temperatures/room/readings",
            "{\"readings\":[{\"at\":\"" + at + "\",\"celsius\":-6}]}");
    assertThat(kept.status()).isEqualTo(200);
    assertThat(Pouring.group(app, pour).path("warnings").get(0).path("code").asString())
        .isEqualTo("cure.frost");
  }

  @Test
  void aLoggersTableIsLookedAtBeforeItIsTaken() {
    Instant start =
        Instant.parse(shelf.now()).minus(Duration.ofDays(20)).truncatedTo(ChronoUnit.SECONDS);
    String table = "at,celsius\n" + start + ",11.5\n2027-13-01 07:10,9\n" + start + ",x\n";
    Answer look = send(table, false);
    assertThat(look.body().path("fresh").asInt()).isEqualTo(1);
    assertThat(look.body().path("refused").asInt()).isEqualTo(2);
    assertThat(send(table, true).code()).isEqualTo("table.refused");
    String good = "at,celsius\n" + start + ",11.5\n";
    assertThat(send(good, true).body().path("applied").asBoolean()).isTrue();
    assertThat(send(good, false).body().path("same").asInt()).isEqualTo(1);
    assertThat(new String(app.file("/api/exchange/temperatures/tent.csv"), StandardCharsets.UTF_8))
        .contains(start + ",11.5");
    assertThat(
            app.send(
                    "/api/exchange/temperatures/moon?apply=true",
                    good.getBytes(StandardCharsets.UTF_8))
                .status())
        .isEqualTo(400);
  }

  /** Three methods on a piece's own history, near each other in a room of about 20 degrees. */
  @Test
  void aPieceIsAsStrongAsItsHistory() {
    List<Long> cup = shelf.takeOut("Tea-light cup", 1);
    shelf.next(cup, "trim");
    shelf.forward(24 * 60);
    JsonNode strength = app.get("/api/pieces/" + cup.get(0) + "/strength");
    double age = strength.path("ageH").asDouble();
    assertThat(age).isBetween(14.0, 34.0);
    for (JsonNode method : strength.path("methods")) {
      assertThat(method.path("equivalentAgeH").asDouble()).isCloseTo(age, within(age * 0.15));
    }
    assertThat(strength.path("marks").get(0).path("name").asString()).isEqualTo("demould");
    assertThat(app.tryGet("/api/pieces/999999/strength").status()).isEqualTo(404);
  }

  /**
   * Readings of five months: thinned after a season, and no age moves by a thousandth. A casting
   * that stood for three months is as old as all its readings make it, in memory or not.
   */
  @Test
  void aLongStayIsAgedByAllItsReadings() {
    Instant start =
        Instant.parse(shelf.now()).minus(Duration.ofDays(150)).truncatedTo(ChronoUnit.DAYS);
    StringBuilder table = new StringBuilder("at,celsius\n");
    for (int minute = 0; minute < 20 * 1_440; minute += 10) {
      double celsius = 8 + 4 * Math.sin(minute / 229.2) + minute / 14_400.0;
      table.append(start.plusSeconds(minute * 60L)).append(',').append(celsius).append('\n');
    }
    assertThat(send(table.toString(), true).body().path("applied").asBoolean()).isTrue();
    List<Stay> stays = List.of(new Stay("tent", start.plus(Duration.ofHours(5))));
    CureService cure = app.bean(CureService.class);
    Instant at = start.plus(Duration.ofDays(15));
    double before = cure.ageH(stays, at);
    // Worked out apart: the same readings by the trapezoid rule, Arrhenius with 5000 K.
    double apart = 0;
    for (int minute = 300; minute < 15 * 1_440; minute++) {
      double celsius = 8 + 4 * Math.sin(minute / 229.2) + minute / 14_400.0;
      apart += Math.exp(-5000 * (1 / (273.15 + celsius) - 1 / 293.15)) / 60;
    }
    assertThat(before).isCloseTo(apart, within(apart * 1e-3));
    app.bean(ReadingThinner.class).thin();
    List<ProbeReading> left =
        app.bean(Temperatures.class).stored("tent", start, start.plus(Duration.ofDays(20)));
    assertThat(left).hasSizeLessThan(20 * 144 * 9 / 10);
    // Another reading, so that what was worked out before is forgotten.
    probes("{\"heaterC\":30}");
    shelf.forward(70);
    assertThat(cure.ageH(stays, at)).isCloseTo(before, within(before * 1e-3));
  }

  /** What a piece was when it came out and when it was ready is kept with it. */
  @Test
  void agesAreKeptWithThePiece() {
    List<Long> cup = shelf.takeOut("Tea-light cup", 1);
    PieceService pieces = app.bean(PieceService.class);
    Double out = pieces.byIds(cup).get(0).ageAtOutH();
    assertThat(out).isNotNull();
    assertThat(pieces.byIds(cup).get(0).ageAtReadyH()).isNull();
    for (JsonNode group = shelf.groupOf(cup.get(0));
        !group.path("step").isMissingNode();
        group = shelf.groupOf(cup.get(0))) {
      shelf.forward(60);
      shelf.next(cup, group.path("step").asString());
    }
    // Some hours in a room of about 20 degrees.
    assertThat(pieces.byIds(cup).get(0).ageAtReadyH()).isBetween(out + 2, out + 30);
    assertThat(pieces.byIds(cup).get(0).ageAtOutH()).isEqualTo(out);
    long act = app.get("/api/shelf/acts").get(0).path("id").asLong();
    assertThat(app.act("/api/shelf/acts/" + act + "/undo", Map.of()).status()).isLessThan(300);
    assertThat(pieces.byIds(cup).get(0).ageAtReadyH()).isNull();
  }

  private static long pour(String product) {
    return Pouring.of(app, product, 1).poured(app).body().path("id").asLong();
  }

  private static Instant gate(JsonNode group) {
    return Instant.parse(group.path("gateAt").asString());
  }

  private static void probes(String what) {
    assertThat(app.post("/api/stand-ins/probes", what).status()).isEqualTo(204);
  }

  private static JsonNode place(String code) {
    for (JsonNode place : app.get("/api/temperatures")) {
      if (place.path("place").asString().equals(code)) {
        return place;
      }
    }
    throw new AssertionError(code);
  }

  private static Answer send(String table, boolean apply) {
    return app.send(
        "/api/exchange/temperatures/tent?apply=" + apply, table.getBytes(StandardCharsets.UTF_8));
  }
}
