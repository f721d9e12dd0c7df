package ironshelf.inspect;

import static org.assertj.core.api.Assertions.assertThat;

import ironshelf.App;
import ironshelf.App.Answer;
import ironshelf.Shelf;
import ironshelf.core.piece.cause.Cause;
import ironshelf.core.piece.cause.Defect;
import ironshelf.http.problem.Catalogue;
import ironshelf.style.ShopWriter;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import tools.jackson.databind.EnumNamingStrategies;
import tools.jackson.databind.JsonNode;

/** Looking at pieces over HTTP: grades, defects, causes by their own facts, photos. */
@ExtendWith(App.Extension.class)
class InspectTest {

  /** Taken out at once, so the records say why it tore. */
  @Test
  void theFirstCauseIsWhatItsOwnRecordsSay(App app) {
    List<Long> cup = new Shelf(app).takeOut("Tea-light cup", 1);
    JsonNode causes = causes(app, cup.get(0), "torn", Map.of());
    assertThat(causes.get(0).path("cause").asString()).isEqualTo("outEarly");
    assertThat(causes.get(0).path("verdict").asString()).isEqualTo("speaksFor");
    assertThat(causes.get(0).path("fact").asString()).contains("its mix wants 2.5 h");
    JsonNode base = causes(app, cup.get(0), "thickBase", Map.of());
    assertThat(base.get(0).path("verdict").asString()).isEqualTo("notKnown");
    assertThat(base.get(0).path("asks").asString()).isEqualTo("holdDownGivenKg");
    JsonNode told = causes(app, cup.get(0), "thickBase", Map.of("holdDownGivenKg", 0.05));
    assertThat(told.get(0).path("verdict").asString()).isEqualTo("speaksFor");
  }

  @Test
  void aSecondIsToBeMendedUntilItIs(App app) {
    List<Long> cup = new Shelf(app).takeOut("Tea-light cup", 1);
    Answer seen =
        inspect(
            app,
            cup.get(0),
            Map.of(
                "grade",
                "second",
                "defects",
                List.of(Map.of("defect", "pinholes", "x", 0.4, "y", 0.8)),
                "told",
                Map.of("tappedMin", 0.5)));
    assertThat(seen.status()).as(seen.body().toString()).isEqualTo(200);
    assertThat(causes(app, cup.get(0), "pinholes", Map.of()).get(0).path("cause").asString())
        .as("what was told is remembered")
        .isEqualTo("tappedLittle");
    JsonNode mine = second(app, cup.get(0));
    assertThat(mine).isNotNull();
    app.post("/api/inspections/" + mine.path("inspectionId").asLong() + "/mended", "{}");
    assertThat(second(app, cup.get(0))).isNull();
  }

  @Test
  void scrapIsOffTheShelfAndCannotBeGradedAgain(App app) {
    List<Long> cup = new Shelf(app).takeOut("Tea-light cup", 1);
    assertThat(inspect(app, cup.get(0), Map.of("scrapReason", "rim broken")).status())
        .isEqualTo(200);
    assertThat(new Shelf(app).groupOf(cup.get(0))).isNull();
    assertThat(inspect(app, cup.get(0), Map.of("grade", "first")).code())
        .isEqualTo("piece.notSound");
    assertThat(inspect(app, cup.get(0), Map.of()).status()).isEqualTo(400);
    assertThat(inspect(app, 999_999, Map.of("grade", "first")).status()).isEqualTo(404);
    assertThat(
            inspect(
                    app,
                    cup.get(0),
                    Map.of("grade", "first", "defects", List.of(Map.of("defect", "torn", "x", 7))))
                .status())
        .isEqualTo(400);
  }

  @Test
  void aPhotoStandsAtItsAct(App app) {
    new Shelf(app).takeOut("Tea-light cup", 1);
    long act = app.get("/api/shelf/acts").get(0).path("id").asLong();
    byte[] picture = Pictures.png(40, 30);
    Answer sent = app.send("/api/shelf/acts/" + act + "/photos", picture);
    assertThat(sent.status()).isEqualTo(201);
    long id = app.get("/api/photos?acts=" + act).get(0).path("id").asLong();
    byte[] kept = app.file("/api/photos/" + id);
    assertThat(Pictures.size(kept)).isEqualTo("40 x 30");
    assertThat(app.send("/api/shelf/acts/" + act + "/photos", new byte[] {1, 2}).code())
        .isEqualTo("photo.unreadable");
    assertThat(app.send("/api/shelf/acts/999999/photos", picture).status()).isEqualTo(404);
  }

  /** What came with the pixels is not kept; what says that it is enormous is not even opened. */
  @Test
  void nothingButPixelsIsKept(App app) {
    new Shelf(app).takeOut("Tea-light cup", 1);
    String path =
        "/api/shelf/acts/" + app.get("/api/shelf/acts").get(0).path("id").asLong() + "/photos";
    byte[] withText = Pictures.with(Pictures.png(8, 8), "<script>alert(1)</script>");
    long id = app.send(path, withText).body().path("id").asLong();
    assertThat(new String(app.file("/api/photos/" + id), StandardCharsets.ISO_8859_1))
        .doesNotContain("script");
    assertThat(app.send(path, Pictures.saying(30_000, 30_000)).code()).isEqualTo("photo.tooLarge");
    assertThat(app.send(path, new byte[] {(byte) 0x89, 'P', 'N', 'G', 13, 10, 26, 10}).code())
        .isEqualTo("photo.unreadable");
  }

  /** Three marks and more say something of the age; the demo's were all fine. */
  @Test
  void marksOfTouchAreEvidenceForTheDemouldAge(App app) {
    new Shelf(app).takeOut("Tea-light cup", 1);
    JsonNode touch = app.get("/api/recipes/1/touch");
    assertThat(touch.path("learned").path("fine").asInt()).isGreaterThanOrEqualTo(4);
    assertThat(touch.path("learned").path("tooGreen").asInt()).isGreaterThanOrEqualTo(1);
    assertThat(touch.path("learned").path("demouldAgeH").asDouble()).isEqualTo(2.5);
  }

  @ParameterizedTest
  @EnumSource(Cause.class)
  void everyCauseHasWords(Cause cause) {
    Catalogue catalogue = new Catalogue(new ShopWriter(), Clock.systemUTC());
    for (String suffix : List.of("", ".fact", ".change")) {
      assertThat(catalogue.knows("cause." + word(cause) + suffix)).isTrue();
    }
  }

  @ParameterizedTest
  @EnumSource(Defect.class)
  void everyDefectHasWords(Defect defect) {
    assertThat(new Catalogue(new ShopWriter(), Clock.systemUTC()).knows("defect." + word(defect)))
        .isTrue();
    assertThat(
            new Catalogue(new ShopWriter(), Clock.systemUTC())
                .knows("defect." + word(defect) + ".mend"))
        .isTrue();
  }

  private static String word(Enum<?> constant) {
    return EnumNamingStrategies.LOWER_CAMEL_CASE.convertEnumToExternalName(
        null, null, constant.name());
  }

  private static Answer inspect(App app, long piece, Map<String, Object> look) {
    return app.act("/api/pieces/" + piece + "/inspections", look);
  }

  private static JsonNode causes(App app, long piece, String defect, Map<String, Double> told) {
    return app.act("/api/pieces/" + piece + "/causes", Map.of("defect", defect, "told", told))
        .body();
  }

  private static JsonNode second(App app, long piece) {
    for (JsonNode second : app.get("/api/seconds")) {
      if (second.path("pieceId").asLong() == piece) {
        return second;
      }
    }
    return null;
  }
}
