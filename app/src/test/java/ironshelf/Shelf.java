package ironshelf;

import static org.assertj.core.api.Assertions.assertThat;

import ironshelf.App.Answer;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import tools.jackson.databind.JsonNode;

/** What a client does on the shelf. */
public record Shelf(App app) {

  /** So many cups, poured now and taken out early. */
  public List<Long> takeOut(String product, int count) {
    JsonNode poured = Pouring.of(app, product, count).poured(app).body();
    List<Long> made = takeOut(Pouring.group(app, poured.path("id").asLong()));
    assertThat(made).hasSize(count);
    return made;
  }

  /** All of a group in its moulds, one piece a copy, whether it is time or not. */
  public List<Long> takeOut(JsonNode group) {
    List<Map<String, Object>> casts = new ArrayList<>();
    for (JsonNode cast : group.path("casts")) {
      casts.add(
          Map.of(
              "castId",
              cast.path("id").asLong(),
              "version",
              cast.path("version").asLong(),
              "pieces",
              List.of(Map.of("massKg", 1.2))));
    }
    Answer out =
        app.act(
            "/api/shelf/take-out",
            Map.of("casts", casts, "earlyReason", "for the test", "touch", "tooGreen"));
    assertThat(out.status()).as(out.body().toString()).isEqualTo(200);
    List<Long> made = new ArrayList<>();
    app.get("/api/shelf/acts").get(0).path("pieceIds").forEach(id -> made.add(id.asLong()));
    return made;
  }

  /** The group that a piece stands in; null where it stands in none. */
  public JsonNode groupOf(long pieceId) {
    for (JsonNode group : app.get("/api/shelf").path("groups")) {
      for (JsonNode id : group.path("pieceIds")) {
        if (id.asLong() == pieceId) {
          return group;
        }
      }
    }
    return null;
  }

  /** What comes next to these pieces, asked for as a client would. */
  public Map<String, Object> request(List<Long> pieces, JsonNode group) {
    Map<String, Object> request = new HashMap<>();
    request.put("pieces", pieces.stream().map(id -> Map.of("id", id)).toList());
    request.put("stepNo", group.path("stepNo").asInt());
    request.put("round", group.path("round").asInt());
    return request;
  }

  public Answer step(List<Long> pieces, JsonNode group) {
    return app.act("/api/shelf/steps", request(pieces, group));
  }

  /** Does whatever comes next, waiting for it. */
  public void next(List<Long> pieces, String wanted) {
    JsonNode group = groupOf(pieces.get(0));
    assertThat(group.path("step").asString()).isEqualTo(wanted);
    Map<String, Object> request = request(pieces, group);
    request.put("earlyReason", "for the test");
    request.put("overfull", true);
    Answer done = app.act("/api/shelf/steps", request);
    assertThat(done.status()).as(done.body().toString()).isEqualTo(200);
  }

  public String now() {
    return app.get("/api/shelf").path("now").asString();
  }

  public void forward(int minutes) {
    assertThat(app.post("/api/stand-ins/clock", "{\"minutes\":" + minutes + "}").status())
        .isEqualTo(200);
  }
}
