package ironshelf.next;

import static java.util.stream.Collectors.toSet;
import static org.assertj.core.api.Assertions.assertThat;

import ironshelf.App;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

@ExtendWith(App.Extension.class)
class NextTest {

  private static List<JsonNode> list(JsonNode array) {
    return StreamSupport.stream(array.spliterator(), false).toList();
  }

  private static Instant at(JsonNode task) {
    return Instant.parse(task.path("at").asString());
  }

  @Test
  void allThatIsDueByThenIsThereOnceAndInOrder(App app) {
    JsonNode next = app.get("/api/next?by=23:59");
    Instant until = Instant.parse(next.path("until").asString());
    JsonNode shelf = app.get("/api/shelf");
    Set<String> due =
        list(shelf.path("groups")).stream()
            .filter(g -> g.hasNonNull("gateAt"))
            .filter(g -> !Instant.parse(g.path("gateAt").asString()).isAfter(until))
            .map(g -> g.path("key").asString())
            .collect(toSet());
    List<JsonNode> tasks = list(next.path("tasks"));
    List<String> keys =
        tasks.stream()
            .filter(t -> t.hasNonNull("groupKey"))
            .map(t -> t.path("groupKey").asString())
            .toList();
    assertThat(keys).doesNotHaveDuplicates().containsExactlyInAnyOrderElementsOf(due).isNotEmpty();

    List<JsonNode> ordered = new ArrayList<>(tasks);
    ordered.sort(
        Comparator.comparing((JsonNode t) -> !t.path("late").asBoolean())
            .thenComparing(NextTest::at));
    assertThat(tasks).isEqualTo(ordered);
    int fits = next.path("fits").asInt();
    assertThat(fits).isBetween(1, tasks.size());
    assertThat(next.path("minutes").asDouble())
        .isEqualTo(
            tasks.subList(0, fits).stream().mapToDouble(t -> t.path("minutes").asDouble()).sum());
  }

  /** The plan of the demo pours; each pour of that time is there with its casts. */
  @Test
  void thePoursOfThePlanAreAmongThem(App app) {
    JsonNode plan = app.plan();
    List<JsonNode> pours =
        list(plan.path("days")).stream()
            .flatMap(day -> list(day.path("visits")).stream())
            .filter(v -> !v.path("casts").isEmpty())
            .toList();
    JsonNode next = app.get("/api/next?by=23:59");
    Instant until = Instant.parse(next.path("until").asString());
    List<JsonNode> visits =
        list(next.path("tasks")).stream()
            .filter(t -> t.hasNonNull("visit"))
            .map(t -> t.path("visit"))
            .toList();
    assertThat(visits)
        .isNotEmpty()
        .containsExactlyElementsOf(
            pours.stream()
                .filter(
                    v ->
                        !LocalDateTime.parse(v.path("at").asString())
                            .atZone(ZoneId.systemDefault())
                            .toInstant()
                            .isAfter(until))
                .toList());
  }

  /** One task at the sink for all that stands there, and it goes when all is washed. */
  @Test
  void whatStandsDirtyIsWashedInOneGo(App app) {
    JsonNode toWash = app.get("/api/shelf").path("toWash");
    List<JsonNode> wash =
        list(app.get("/api/next?by=23:59").path("tasks")).stream()
            .filter(t -> !t.path("toWash").isEmpty())
            .toList();
    assertThat(wash).hasSize(toWash.isEmpty() ? 0 : 1);
    wash.forEach(
        t -> {
          assertThat(t.path("toWash")).isEqualTo(toWash);
          assertThat(t.path("minutes").asDouble())
              .isEqualTo(
                  list(toWash).stream().mapToDouble(c -> c.path("minutes").asDouble()).sum());
        });
  }

  /** The day of the tests is 1 March 2027, and its clock shows a time after one and before noon. */
  @Test
  void aTimeThatHasPassedIsTomorrow(App app) {
    Instant soon = Instant.parse(app.get("/api/next?by=23:59").path("until").asString());
    Instant past = Instant.parse(app.get("/api/next?by=00:01").path("until").asString());
    assertThat(past).isEqualTo(soon.plusSeconds(120)).isAfter(App.now());
  }

  @ParameterizedTest
  @ValueSource(strings = {"", "?by=", "?by=noon", "?by=25:00", "?by=12:61"})
  void whatIsNoTimeIsRefused(String query, App app) {
    App.Answer answer = app.tryGet("/api/next" + query);
    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.code()).isEqualTo("request.refused");
    assertThat(answer.body().path("errors").get(0).path("message").asString())
        .startsWith("by cannot be ")
        .endsWith("Give a time like 07:30.");
  }
}
