package ironshelf.demo;

import static org.assertj.core.api.Assertions.assertThat;

import ironshelf.App;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.HashSet;
import java.util.Set;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.ResourceLock;
import tools.jackson.databind.JsonNode;

/** A demo has a season behind it, so that every page has something true to show. */
@ResourceLock("seasoned")
class DemoSeasonTest {

  private static App app;

  @BeforeAll
  static void start() {
    app = App.seasoned();
  }

  @Test
  void ordersOfSixteenWeeksWerePouredAndSent() {
    int sent = 0;
    int quotes = 0;
    LocalDate first = LocalDate.MAX;
    for (JsonNode order : app.get("/api/orders?size=100&which=all").path("items")) {
      sent += order.path("stage").asString().equals("sent") ? 1 : 0;
      quotes += order.path("quote").asBoolean() ? 1 : 0;
      LocalDate placed = LocalDate.parse(order.path("placedOn").asString());
      first = placed.isBefore(first) ? placed : first;
    }
    assertThat(sent).isGreaterThanOrEqualTo(8);
    assertThat(quotes).isEqualTo(1);
    assertThat(first)
        .isBefore(LocalDate.ofInstant(App.now(), ZoneId.systemDefault()).minusWeeks(15));
  }

  @Test
  void someWereLateAndSomePiecesWereLost() {
    JsonNode results = app.get("/api/results?weeks=20");
    int onTime = 0;
    int late = 0;
    for (JsonNode month : results.path("months")) {
      onTime += month.path("onTimeInFull").asInt();
      late += month.path("late").asInt();
    }
    assertThat(onTime).isGreaterThan(late);
    assertThat(late).isPositive();
    assertThat(results.path("scrap").size()).isPositive();
    assertThat(results.path("margins").size()).isGreaterThanOrEqualTo(5);
  }

  @Test
  void pricesRoseAndAColourCameFromABottle() {
    Set<String> colours = new HashSet<>();
    for (JsonNode recipe : app.get("/api/recipes")) {
      recipe.path("colourways").forEach(c -> colours.add(c.path("name").asString()));
    }
    assertThat(colours).contains("Smoke");
    Set<Double> prices = new HashSet<>();
    for (JsonNode stock : app.get("/api/materials")) {
      if (stock.path("material").path("code").asString().equals("rapid-cement")) {
        stock.path("lots").forEach(l -> prices.add(l.path("price").asDouble()));
      }
    }
    assertThat(prices.size()).isGreaterThan(3);
  }

  @Test
  void oneMaterialRunsLowWithinThePlanAndOneOrderIsAtRisk() {
    boolean low = false;
    for (JsonNode need : app.get("/api/needs").path("materials")) {
      low |= need.has("shortOn");
    }
    assertThat(low).isTrue();
    boolean late = false;
    for (JsonNode line : app.plan().path("lines")) {
      late |= line.path("lateDays").asDouble() > 0;
    }
    assertThat(late).isTrue();
  }

  /** Nothing of the past stands on today's shelf: what was sent is gone. */
  @Test
  void theShelfIsThatOfToday() {
    JsonNode shelf = app.get("/api/shelf");
    Instant now = Instant.parse(shelf.path("now").asString());
    assertThat(Duration.between(now, App.now()).abs()).isLessThan(Duration.ofMinutes(2));
    int overdue = 0;
    for (JsonNode group : shelf.path("groups")) {
      if (group.has("gateAt")) {
        Instant gate = Instant.parse(group.path("gateAt").asString());
        overdue += gate.isBefore(now.minus(Duration.ofDays(2))) ? 1 : 0;
      }
    }
    assertThat(overdue).isZero();
  }
}
