package ironshelf.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;
import org.junit.jupiter.api.parallel.ResourceLock;
import tools.jackson.databind.JsonNode;

/**
 * What is poured of several mixes or in several pours, each from an empty shop until it is sent.
 */
@Execution(ExecutionMode.CONCURRENT)
@ResourceLock(JobShop.SHARED)
class LayerJobsTest {

  private static final double LB = 0.45359237;

  private static JobShop shop;

  @BeforeAll
  static void open() {
    shop = JobShop.shared();
  }

  private static double massKg(JsonNode layer) {
    double sum = 0;
    for (JsonNode line : layer.path("lines")) {
      sum += line.path("massKg").asDouble();
    }
    return sum;
  }

  private static List<String> materials(JsonNode layer) {
    List<String> names = new ArrayList<>();
    layer.path("lines").forEach(line -> names.add(line.path("name").asString()));
    return names;
  }

  /** A split of 60 to 40 by volume is two mixes of those shares, poured into the same mould. */
  @Test
  void traysOfTwoColoursInPatches() {
    Job job =
        shop.make(
            Map.of(
                "name", "Two-tone tray",
                "shape", "tray",
                "mix", "white-neat",
                "copies", 2,
                "colours",
                    List.of(
                        Map.of("code", "white", "sharePercent", 60),
                        Map.of("code", "black", "sharePercent", 40))),
            2);
    JsonNode sheet = job.pour();
    JsonNode white = sheet.path("layers").get(0);
    JsonNode black = sheet.path("layers").get(1);
    double litres = 0.24 * 0.12 * 0.02 * 1000 * 2 * 1.08;
    assertThat(white.path("yieldL").asDouble()).isCloseTo(0.6 * litres, within(1e-9));
    assertThat(black.path("yieldL").asDouble()).isCloseTo(0.4 * litres, within(1e-9));
    assertThat(materials(black)).anyMatch(name -> name.contains("black"));
    assertThat(materials(white)).noneMatch(name -> name.contains("black"));
    job.takeOut(1.1);
    job.finish();
    job.send();
    assertThat(job.line().path("sent").asInt()).isEqualTo(2);
  }

  /** A face without fibre and a back with it, half the thickness each, less hole and feet. */
  @Test
  void facedBoard() {
    Job job = shop.make(Map.of("name", "Bread board", "shape", "board", "mix", "faced"), 1);
    JsonNode sheet = job.pour();
    assertThat(sheet.path("layers").size()).isEqualTo(2);
    assertThat(materials(sheet.path("layers").get(0))).noneMatch(n -> n.contains("ibre"));
    assertThat(materials(sheet.path("layers").get(1))).anyMatch(n -> n.contains("ibre"));
    double board = 0.45 * 0.22 * 0.025 * 1000;
    double hole = Math.PI * 0.015 * 0.015 * 0.025 * 1000;
    double each = sheet.path("fills").get(0).path("litresEach").asDouble();
    assertThat(each).isBetween(board - hole - 0.05, board - hole);
    job.takeOut(each * 2.1);
    job.finish();
    job.send();
    assertThat(job.order().path("stage").asString()).isEqualTo("sent");
  }

  /**
   * 50 lb with a bar of 2 lb: each head is poured to half of 48 lb over what stays of wet mix; the
   * second goes onto the first once that is out of its mould and hard.
   */
  @Test
  void handWeightOnOneHandle() {
    Job job =
        shop.make(
            Map.of(
                "name",
                "Fifty",
                "shape",
                "hand-weight",
                "mix",
                "sand-cement",
                "measures",
                Map.of("flatsMm", 240, "heightMm", 130),
                "copies",
                1,
                "targetKg",
                50 * LB,
                "hardwareKg",
                2 * LB),
            1);
    double head = 24 * LB / JobShop.RETENTION;
    JsonNode first = job.pour();
    assertThat(first.path("fills").get(0).path("copies").get(0).path("layerKg").get(0).asDouble())
        .isCloseTo(head, within(1e-6));
    assertThat(job.line().path("inMould").asInt()).isEqualTo(1);
    job.takeOut(head * JobShop.RETENTION + 2 * LB);
    job.due();
    JsonNode second = job.pourLayer(1);
    assertThat(massKg(second.path("layers").get(0)))
        .isCloseTo(massKg(first.path("layers").get(0)), within(1e-6));
    job.takeOut(50 * LB);
    job.finish();
    JsonNode sent = job.send();
    // 22.7 kg and its box are over what one person lifts (NIOSH: 23 kg).
    JsonNode parcel = sent.path("parcels").get(0);
    assertThat(parcel.path("massKg").asDouble()).isCloseTo(50 * LB + 0.4, within(1e-4));
  }

  /** Cup and lid are of one order line: a piece each, from the same bowl. */
  @Test
  void cupWithItsLid() {
    Job job =
        shop.make(
            Map.of(
                "name", "Ember cup",
                "shape", "cup-with-lid",
                "mix", "rapid-neat-4-1",
                "copies", 1,
                "colours", List.of(Map.of("code", "black"))),
            1);
    assertThat(job.made().path("fills").size()).isEqualTo(2);
    JsonNode lid = shop.pour(job.made(), 1, job.copies(1), 0, null);
    // A lid of 90 across and 10 thick.
    assertThat(lid.path("fills").get(0).path("litresEach").asDouble())
        .isCloseTo(Math.PI * 0.045 * 0.045 * 0.01 * 1000, within(1e-6));
  }
}
