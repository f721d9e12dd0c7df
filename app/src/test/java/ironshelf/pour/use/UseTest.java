package ironshelf.pour.use;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import ironshelf.App;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** What the demo's pours took, added up in different ways. */
@ExtendWith(App.Extension.class)
class UseTest {

  @Test
  void theBiggestDriftComesFirst(App app) {
    JsonNode rows = app.get("/api/use?by=pour").path("rows");
    double before = Double.MAX_VALUE;
    for (JsonNode row : rows) {
      double drift = Math.abs(row.path("driftPercent").asDouble());
      assertThat(drift).isLessThanOrEqualTo(before);
      before = drift;
      double asked = row.path("askedKg").asDouble();
      assertThat(row.path("actualKg").asDouble() / asked - 1)
          .isCloseTo(row.path("driftPercent").asDouble() / 100, within(1e-6));
    }
  }

  /** However it is added up, the same went in and cost the same. */
  @Test
  void everyWayOfAddingUpComesToTheSame(App app) {
    double[] byProduct = sums(app, "product");
    double[] byMonth = sums(app, "month");
    assertThat(byMonth[0]).isCloseTo(byProduct[0], within(1e-6));
    // Costs are kept to a hundredth of a cent a row.
    assertThat(byMonth[1]).isCloseTo(byProduct[1], within(0.01));
  }

  @Test
  void aPieceCostsItsParts(App app) {
    JsonNode costs = app.get("/api/use").path("costs");
    assertThat(costs.size()).isGreaterThan(3);
    for (JsonNode c : costs) {
      double parts =
          c.path("materials").asDouble()
              + c.path("mouldWear").asDouble()
              + c.path("goods").asDouble()
              + c.path("labour").asDouble()
              + c.path("scrap").asDouble();
      assertThat(c.path("total").asDouble()).isCloseTo(parts, within(1e-9));
      assertThat(c.path("total").asDouble()).isLessThan(c.path("price").asDouble());
    }
    String table = new String(app.file("/api/exchange/use.csv"), StandardCharsets.UTF_8);
    assertThat(table).startsWith("of,material,pieces").contains("Rapid-setting cement");
    assertThat(table.lines().skip(1)).allMatch(row -> row.matches(".* k?g,.*[0-9],EUR|.*,,"));
    assertThat(app.tryGet("/api/use?by=moon").status()).isEqualTo(400);
  }

  private static double[] sums(App app, String by) {
    double[] sums = new double[2];
    for (JsonNode row : app.get("/api/use?by=" + by).path("rows")) {
      sums[0] += row.path("actualKg").asDouble();
      sums[1] += row.path("cost").asDouble();
    }
    return sums;
  }
}
