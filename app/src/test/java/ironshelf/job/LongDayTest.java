package ironshelf.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;
import org.junit.jupiter.api.parallel.ResourceLock;
import tools.jackson.databind.JsonNode;

/**
 * Twelve bowls of three copies are four fillings of each in one long day; one bowl breaks, and is
 * made again on the same day.
 */
@Execution(ExecutionMode.CONCURRENT)
@ResourceLock(JobShop.SHARED)
class LongDayTest {

  private static final double BOWL_KG = 0.55;

  private final JobShop shop = JobShop.shared();

  @Test
  void twelveBowlsOfThreeCopies() {
    Job job =
        shop.make(
            Map.of("name", "Long day bowl", "shape", "bowl", "mix", "rapid-neat-4-1", "copies", 3),
            12);
    Instant start = shop.now();
    List<Long> made = new ArrayList<>();
    for (int filling = 0; filling < 4; filling++) {
      made.addAll(fillAndTakeOut(job, job.copies(0), filling == 1));
    }
    assertThat(made).hasSize(12);
    JsonNode line = job.line();
    assertThat(line.path("scrapped").asInt()).isEqualTo(1);
    assertThat(line.path("curing").asInt()).isEqualTo(11);
    assertThat(line.path("toPour").asInt()).isEqualTo(1);
    // The broken one is made again in the first copy that is clean.
    made.addAll(fillAndTakeOut(job, job.copies(0).subList(0, 1), false));
    assertThat(job.line().path("toPour").asInt()).isZero();
    assertThat(Duration.between(start, shop.now())).isLessThan(Duration.ofHours(24));
    // Each copy wears by what it was filled: four times, the first of them once more.
    List<Integer> casts = new ArrayList<>();
    for (long copy : job.copies(0)) {
      casts.add(shop.get("/api/copies/" + copy).path("copy").path("casts").asInt());
    }
    assertThat(casts).containsExactly(5, 4, 4);

    finishAll(job);
    assertThat(job.line().path("ready").asInt()).isEqualTo(12);
    JsonNode sent = job.send();
    double kg = 0;
    for (JsonNode parcel : sent.path("parcels")) {
      kg += parcel.path("massKg").asDouble() - 0.4;
    }
    assertThat(kg).isCloseTo(12 * BOWL_KG, within(1e-6));
  }

  /** Fills copies of it, waits until they may come out, takes them out and washes them. */
  private List<Long> fillAndTakeOut(Job job, List<Long> copies, boolean breaksOne) {
    shop.pour(job.made(), 0, copies, 0, job.line().path("id").asLong());
    JsonNode moulds = groups(job, "casts").get(0);
    Instant gate = Instant.parse(moulds.path("gateAt").asString());
    shop.forward(Duration.between(shop.now(), gate).plusMinutes(5));
    List<Map<String, Object>> out = new ArrayList<>();
    for (JsonNode cast : moulds.path("casts")) {
      Map<String, Object> piece =
          breaksOne && out.isEmpty()
              ? Map.of("scrapReason", "the rim tore")
              : Map.of("massKg", BOWL_KG);
      out.add(
          Map.of(
              "castId", cast.path("id").asLong(),
              "version", cast.path("version").asLong(),
              "pieces", List.of(piece)));
    }
    shop.act("/api/shelf/take-out", Map.of("casts", out, "touch", "fine"));
    for (long copy : copies) {
      assertThat(shop.get("/api/copies/" + copy).path("copy").path("washDue").asBoolean()).isTrue();
      shop.act("/api/copies/" + copy + "/washed", Map.of());
    }
    List<Long> pieces = new ArrayList<>();
    shop.get("/api/shelf/acts").get(0).path("pieceIds").forEach(id -> pieces.add(id.asLong()));
    return pieces;
  }

  private List<JsonNode> groups(Job job, String with) {
    long product = job.made().path("fills").get(0).path("productId").asLong();
    List<JsonNode> found = new ArrayList<>();
    for (JsonNode group : shop.get("/api/shelf").path("groups")) {
      if (group.path("productId").asLong() == product && !group.path(with).isEmpty()) {
        found.add(group);
      }
    }
    return found;
  }

  /** Goes through what stands, group by group as each is due, until all of it is ready. */
  private void finishAll(Job job) {
    for (int i = 0; i < 200; i++) {
      JsonNode next = null;
      for (JsonNode group : groups(job, "pieceIds")) {
        boolean waits = !group.path("board").asString().equals("ready");
        if (waits && (next == null || gate(group).isBefore(gate(next)))) {
          next = group;
        }
      }
      if (next == null) {
        return;
      }
      if (gate(next).isAfter(shop.now())) {
        shop.forward(Duration.between(shop.now(), gate(next)).plusSeconds(30));
      }
      List<Map<String, Object>> pieces = new ArrayList<>();
      next.path("pieceIds").forEach(id -> pieces.add(Map.of("id", id.asLong())));
      shop.act(
          "/api/shelf/steps",
          Map.of(
              "pieces",
              pieces,
              "stepNo",
              next.path("stepNo").asInt(),
              "round",
              next.path("round").asInt(),
              "overfull",
              true,
              "grade",
              "first"));
    }
    throw new AssertionError("never ready");
  }

  private static Instant gate(JsonNode group) {
    return Instant.parse(group.path("gateAt").asString());
  }
}
