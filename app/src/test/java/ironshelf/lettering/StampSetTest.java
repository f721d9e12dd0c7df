package ironshelf.lettering;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import ironshelf.App;
import ironshelf.App.Answer;
import java.util.List;
import java.util.Map;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** The shop's stamps and what is planned from them, over HTTP. */
@ExtendWith(App.Extension.class)
class StampSetTest {

  private static final String SET =
      "{\"name\":\"%s\",\"stamps\":{\"heightMm\":20,\"widthsMm\":{\"W\":12,\"I\":4,\"L\":8,\"D\":9}}}";

  @Test
  void aSetIsKeptChangedAndTakenAway(App app) {
    Answer made = app.post("/api/stamp-sets", SET.formatted("Brass"));
    assertThat(made.status()).as(made.body().toString()).isEqualTo(201);
    assertThat(app.post("/api/stamp-sets", SET.formatted("brass ")).code()).isEqualTo("name.taken");
    JsonNode set = made.body();
    String path = "/api/stamp-sets/" + set.path("id").asLong();
    Map<String, Object> wider =
        Map.of("name", "Brass", "stamps", Map.of("heightMm", 25, "widthsMm", Map.of("W", 14)));
    Answer changed = app.put(path, wider, "\"" + set.path("version").asLong() + "\"");
    assertThat(changed.body().path("stamps").path("heightMm").asDouble()).isEqualTo(25);
    assertThat(app.put(path, wider, "\"" + set.path("version").asLong() + "\"").status())
        .as("seen before it was changed")
        .isEqualTo(412);
    assertThat(
            app.post("/api/stamp-sets", SET.formatted("x").replace("\"I\":4", "\"IJ\":4")).status())
        .isEqualTo(400);
    assertThat(app.delete(path).status()).isEqualTo(204);
    assertThat(app.get("/api/stamp-sets").toString()).doesNotContain("Brass");
  }

  /** By hand: 12 + 4 + 8 + 9 and three gaps of 2 are 39 mm, on a board of 100 x 60. */
  @Test
  void linesOnAnOutlineSayWhereEachLetterStands(App app) {
    String request =
        "{\"lines\":[\"WILD\"],\"heightMm\":20,\"gapMm\":2,\"marginMm\":5,"
            + "\"widthsMm\":{\"W\":12,\"I\":4,\"L\":8,\"D\":9},"
            + "\"outline\":[[0,0],[100,0],[100,60],[0,60]]}";
    Answer planned = app.post("/api/calc/lettering", request);
    assertThat(planned.status()).as(planned.body().toString()).isEqualTo(200);
    JsonNode line = planned.body().path("lines").get(0);
    assertThat(line.path("lineMm").asDouble()).isCloseTo(39, within(1e-9));
    assertThat(line.path("letters").get(0).path("fromLeftMm").asDouble())
        .isCloseTo(30.5, within(1e-9));
    assertThat(planned.body().path("fits").asBoolean()).isTrue();
  }

  @Test
  void theTemplateHasTheLetters(App app) throws Exception {
    byte[] pdf =
        app.file(
            "/api/calc/lettering/template",
            "{\"text\":\"WILD\",\"set\":\"WILD\",\"letterMm\":20,\"gapMm\":5,\"widthMm\":150}");
    try (PDDocument document = Loader.loadPDF(pdf)) {
      assertThat(document.getNumberOfPages()).isEqualTo(1);
      String text = new PDFTextStripper().getText(document);
      for (String letter : List.of("W", "I", "L", "D")) {
        assertThat(text).contains(letter);
      }
    }
  }
}
