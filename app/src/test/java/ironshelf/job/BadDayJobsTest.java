package ironshelf.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;
import org.junit.jupiter.api.parallel.ResourceLock;
import tools.jackson.databind.JsonNode;

/** Jobs that do not go as they should, each from an empty shop until it is sent all the same. */
@Execution(ExecutionMode.CONCURRENT)
@ResourceLock(JobShop.SHARED)
class BadDayJobsTest {

  private final JobShop shop = JobShop.shared();

  /** A pot with a thin side: its causes in the order of the trade, scrap, made again, sent. */
  @Test
  void aFailedPotIsExplainedAndMadeAgain() {
    Job job =
        shop.make(
            Map.of("name", "Lopsided pot", "shape", "pot", "mix", "sand-cement", "copies", 1), 1);
    job.pour();
    List<Long> pieces = job.takeOut(1.9);
    JsonNode causes =
        shop.act("/api/pieces/" + pieces.get(0) + "/causes", Map.of("defect", "thinSide"));
    List<String> names = new ArrayList<>();
    causes.forEach(cause -> names.add(cause.path("cause").asString()));
    assertThat(names).contains("coreOff", "outEarly");
    // It came out at its age, which the records know: what has been ruled out comes last.
    assertThat(names.indexOf("coreOff")).isLessThan(names.indexOf("outEarly"));

    shop.act("/api/shelf/scrap", Map.of("pieceIds", pieces, "reason", "one side thin, rim broken"));
    assertThat(job.line().path("scrapped").asInt()).isEqualTo(1);
    assertThat(job.line().path("toPour").asInt()).isEqualTo(1);
    shop.act("/api/copies/" + job.copies(0).get(0) + "/washed", Map.of());
    job.pour();
    job.takeOut(1.9);
    job.finish();
    job.send();
    assertThat(job.line().path("sent").asInt()).isEqualTo(1);
    assertThat(job.line().path("scrapped").asInt()).isEqualTo(1);
  }

  /** Out before its age is refused without a reason, and taken with one. */
  @Test
  void whatIsTakenOutTooEarlyNeedsAReason() {
    Job job = shop.make(Map.of("name", "Early tray", "shape", "tray", "mix", "white-neat"), 1);
    job.pour();
    shop.forward(Duration.ofHours(3));
    JsonNode cast = job.group().path("casts").get(0);
    Map<String, Object> out =
        Map.of(
            "castId", cast.path("id").asLong(),
            "version", cast.path("version").asLong(),
            "pieces", List.of(Map.of("massKg", 1.1)));
    String early = shop.refused("/api/shelf/take-out", Map.of("casts", List.of(out)));
    assertThat(early).isEqualTo("cast.tooEarly");
    shop.act(
        "/api/shelf/take-out",
        Map.of("casts", List.of(out), "earlyReason", "the mould is wanted", "touch", "tooGreen"));
    job.finish();
    job.send();
    assertThat(job.line().path("sent").asInt()).isEqualTo(1);
  }

  /** A dropped bucket: four were ordered, three copies are filled, one is poured a day later. */
  @Test
  void aLineOfTwoPoursIsSentWhenBothAreReady() {
    Job job =
        shop.make(Map.of("name", "Late stone", "shape", "frame", "mix", "stamp", "copies", 2), 2);
    long line = job.line().path("id").asLong();
    shop.pour(job.made(), 0, job.copies(0).subList(0, 1), 0, line);
    assertThat(job.line().path("inMould").asInt()).isEqualTo(1);
    assertThat(job.line().path("toPour").asInt()).isEqualTo(1);
    job.takeOut(16);
    job.finish();
    assertThat(job.order().path("stage").asString()).isNotEqualTo("ready");
    JsonNode part = job.sendReady();
    assertThat(part.path("parcels").size()).isEqualTo(1);
    assertThat(job.order().path("stage").asString()).isEqualTo("partSent");
    shop.pour(job.made(), 0, job.copies(0).subList(1, 2), 0, line);
    job.takeOut(16);
    job.finish();
    job.send();
    assertThat(job.line().path("sent").asInt()).isEqualTo(2);
  }

  /** Two zones of one mould make a mass between the two that were poured: it is not guessed. */
  @Test
  void whatTheScaleSaysIsWhatIsKept() {
    Job job =
        shop.make(Map.of("name", "Weighed bowl", "shape", "bowl", "mix", "rapid-neat-4-1"), 1);
    job.pour();
    List<Long> pieces = job.takeOut(1.234);
    JsonNode piece = shop.get("/api/use/pieces/" + pieces.get(0)).path("piece");
    assertThat(piece.path("massKg").asDouble()).isCloseTo(1.234, within(1e-9));
    job.finish();
    JsonNode sent = job.send();
    assertThat(sent.path("parcels").get(0).path("massKg").asDouble())
        .isCloseTo(1.634, within(1e-9));
  }
}
