package ironshelf.demo;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import ironshelf.App;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;
import tools.jackson.databind.JsonNode;

/** The demo is always at an interesting moment. */
@Execution(ExecutionMode.CONCURRENT)
class DemoTest {

  private static App app;

  @BeforeAll
  static void start() {
    app = App.fresh();
  }

  @AfterAll
  static void stop() {
    app.close();
  }

  @Test
  void someSetOneIsGreenAndSomeDry() {
    JsonNode shelf = app.get("/api/shelf");
    Instant now = Instant.parse(shelf.path("now").asString());
    int setting = 0;
    int green = 0;
    Set<String> boards = new HashSet<>();
    for (JsonNode group : shelf.path("groups")) {
      boards.add(group.path("board").asString());
      if (!group.path("casts").isEmpty()) {
        Instant gate = Instant.parse(group.path("gateAt").asString());
        setting += gate.isAfter(now) ? 1 : 0;
        boolean open =
            group.has("bestUntil")
                && Instant.parse(group.path("bestUntil").asString()).isAfter(now);
        green += !gate.isAfter(now) && open ? 1 : 0;
      }
    }
    assertThat(boards).contains("wet", "bath", "drying", "coating", "ready");
    assertThat(due(shelf, now, "seal"))
        .as("coats due, or due in minutes")
        .isGreaterThanOrEqualTo(2);
    assertThat(setting).isGreaterThanOrEqualTo(3);
    assertThat(green).isGreaterThanOrEqualTo(1);
  }

  /** Groups whose next step is that one and due within half an hour. */
  private static int due(JsonNode shelf, Instant now, String step) {
    int due = 0;
    for (JsonNode group : shelf.path("groups")) {
      if (group.path("step").asString().equals(step)) {
        Instant gate = Instant.parse(group.path("gateAt").asString());
        due += gate.isBefore(now.plusSeconds(1_800)) ? 1 : 0;
      }
    }
    return due;
  }

  /** Half full: some in it, room for more. */
  @Test
  void theBathIsHalfFull() {
    for (JsonNode station : app.get("/api/shelf").path("stations")) {
      if (station.path("code").asString().equals("bath")) {
        assertThat(station.path("pieces").asInt()).isBetween(6, 14);
      }
    }
  }

  @Test
  void everyFamilyHasMouldsAndOneCopyIsToBeMended() {
    Set<String> families = new HashSet<>();
    List<String> mend = new ArrayList<>();
    for (JsonNode mould : app.get("/api/moulds?size=100").path("items")) {
      families.add(mould.path("family").asString());
      for (JsonNode copy : mould.path("copies")) {
        if (copy.path("condition").asString().equals("mend")
            && copy.path("code").asString().startsWith("R")) {
          mend.add(copy.path("code").asString());
        }
      }
    }
    assertThat(families).contains("vessels", "trays", "pavers", "lamps", "fitnessStones");
    assertThat(mend).containsExactly("R4");
  }

  @Test
  void onePieceWasScrappedWithItsReasonAndOneMaterialIsLow() {
    int scrapped = 0;
    for (JsonNode order : app.get("/api/orders?size=100").path("items")) {
      for (JsonNode line : order.path("lines")) {
        scrapped += line.path("scrapped").asInt();
      }
    }
    assertThat(scrapped).isGreaterThanOrEqualTo(1);
    boolean low = false;
    for (JsonNode stock : app.get("/api/materials")) {
      double kg = stock.path("remainingKg").asDouble();
      low |= stock.path("material").path("role").asString().equals("pigment") && kg < 3;
    }
    assertThat(low).isTrue();
  }

  /** Its pieces were weighed as 0.967 of their wet mix, within a percent; its pours teach that. */
  @Test
  void retentionAndWaterAreLearnedFromItsPours() {
    JsonNode learned = app.get("/api/recipes/1/learned");
    assertThat(learned.path("retention").path("count").asInt()).isGreaterThanOrEqualTo(4);
    assertThat(learned.path("retention").path("value").asDouble()).isCloseTo(0.967, within(0.015));
    for (JsonNode water : learned.path("water")) {
      assertThat(water.path("offset").path("value").asDouble())
          .isCloseTo(water.path("offsetUsed").asDouble(), within(2.0));
    }
    assertThat(app.tryGet("/api/recipes/99999/learned").status()).isEqualTo(404);
  }
}
