package ironshelf.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;
import org.junit.jupiter.api.parallel.ResourceLock;
import tools.jackson.databind.JsonNode;

/**
 * What a batch cost and brought in, from the delivery to what came back: every figure is worked out
 * here from prices and masses.
 */
@Execution(ExecutionMode.CONCURRENT)
@ResourceLock(JobShop.SHARED)
class MoneyJobTest {

  private static final String NAME = "Priced tray";
  private static final double PRICE = 18;
  private static final double CEMENT_A_KG = 1.20;

  private final JobShop shop = JobShop.shared();

  private JsonNode row(JsonNode rows, String field, String value) {
    for (JsonNode row : rows) {
      if (row.path(field).asString().equals(value)) {
        return row;
      }
    }
    throw new AssertionError("no " + value + " in " + rows);
  }

  private long materialId(JsonNode sheet, String role) {
    return row(sheet.path("layers").get(0).path("lines"), "role", role).path("materialId").asLong();
  }

  private double massKg(JsonNode sheet, String role) {
    return row(sheet.path("layers").get(0).path("lines"), "role", role).path("massKg").asDouble();
  }

  private Job ordered() {
    Map<String, Object> tray = new HashMap<>();
    tray.put("name", NAME);
    tray.put("shape", "tray");
    tray.put("mix", "white-neat");
    tray.put("copies", 4);
    tray.put("price", PRICE);
    tray.put("colours", List.of());
    return shop.make(tray, 4);
  }

  @Test
  void fromTheDeliveryToWhatCameBack() {
    Job job = ordered();
    assertThat(job.line().path("price").asDouble()).isEqualTo(PRICE);
    assertThat(job.order().path("worth").asDouble()).isEqualTo(4 * PRICE);

    // Ten kilograms of the binder for twelve: 1.20 a kilogram.
    JsonNode wanted = shop.sheet(job.made(), 0, job.copies(0), 0);
    long cement = materialId(wanted, "binder");
    shop.act(
        "/api/materials/" + cement + "/lots",
        Map.of("code", "B-" + NAME, "massKg", 10, "price", 10 * CEMENT_A_KG));
    double before = stockKg(cement);
    JsonNode sheet = job.pour();
    double cementKg = massKg(sheet, "binder");
    assertThat(stockKg(cement)).isCloseTo(before - cementKg, within(1e-4));

    List<Long> pieces = job.takeOut(1.0);
    job.finish();
    JsonNode use = shop.get("/api/use/pieces/" + pieces.get(0));
    // A quarter of the bowl, the part that stayed in it too; nothing else of it has a price.
    assertThat(use.path("cost").path("materials").asDouble())
        .isCloseTo(cementKg / 4 * CEMENT_A_KG, within(0.005));
    assertThat(use.path("price").asDouble()).isEqualTo(PRICE);

    job.send();
    String refused = shop.refused("/api/returns", back(pieces.get(0), "", true, false));
    assertThat(refused).isEqualTo("request.refused");
    // One is chipped and paid back, one is sound and taken back for stock.
    shop.act("/api/returns", back(pieces.get(0), "chipped rim", false, false));
    shop.act("/api/returns", back(pieces.get(1), "not wanted", true, false));
    JsonNode line = job.line();
    assertThat(line.path("sent").asInt()).isEqualTo(2);
    assertThat(line.path("refunded").asInt()).isEqualTo(2);
    assertThat(line.path("toPour").asInt()).isZero();
    assertThat(shop.refused("/api/returns", back(pieces.get(0), "again", true, false)))
        .isEqualTo("piece.notSent");

    assertThat(job.order().path("worth").asDouble()).isEqualTo(2 * PRICE);

    JsonNode results = shop.get("/api/results?weeks=52");
    JsonNode margin = row(results.path("margins"), "product", NAME);
    assertThat(margin.path("price").asDouble()).isEqualTo(PRICE);
    double cost = margin.path("cost").asDouble();
    assertThat(cost).isGreaterThan(cementKg / 4 * CEMENT_A_KG);
    assertThat(margin.path("margin").asDouble()).isCloseTo(PRICE - cost, within(1e-9));
    assertThat(margin.path("share").asDouble()).isCloseTo(1 - cost / PRICE, within(1e-4));
    JsonNode scrap = row(results.path("scrap"), "product", NAME);
    assertThat(scrap.path("pieces").asInt()).isEqualTo(4);
    assertThat(scrap.path("scrap").asInt()).isEqualTo(1);
    assertThat(scrap.path("share").asDouble()).isEqualTo(0.25);
  }

  /** One that is replaced is to be poured anew; its line is not sent until then. */
  @Test
  void whatIsReplacedIsMadeAgain() {
    Map<String, Object> stone =
        Map.of("name", "Replaced stone", "shape", "frame", "mix", "stamp", "copies", 1);
    Job job = shop.make(stone, 1);
    job.pour();
    List<Long> pieces = job.takeOut(16);
    job.finish();
    job.send();
    shop.act("/api/returns", back(pieces.get(0), "cracked on the way", false, true));
    assertThat(job.line().path("toPour").asInt()).isEqualTo(1);
    assertThat(job.order().path("stage").asString()).isNotEqualTo("sent");
    shop.forward(Duration.ofHours(12));
    shop.act("/api/copies/" + job.copies(0).get(0) + "/washed", Map.of());
    job.pour();
    job.takeOut(16);
    job.finish();
    job.send();
    assertThat(job.line().path("sent").asInt()).isEqualTo(1);
  }

  private static Map<String, Object> back(
      long pieceId, String reason, boolean sound, boolean replaced) {
    return Map.of("pieceId", pieceId, "reason", reason, "sound", sound, "replaced", replaced);
  }

  private double stockKg(long materialId) {
    for (JsonNode stock : shop.get("/api/materials")) {
      if (stock.path("material").path("id").asLong() == materialId) {
        return stock.path("remainingKg").asDouble();
      }
    }
    throw new AssertionError("no material " + materialId);
  }
}
