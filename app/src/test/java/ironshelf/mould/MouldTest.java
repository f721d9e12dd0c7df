package ironshelf.mould;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import ironshelf.App;
import ironshelf.App.Answer;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Moulds and copies kept, changed and judged over HTTP. */
@ExtendWith(App.Extension.class)
class MouldTest {

  @Test
  void aMouldIsKeptAndChangedByWhoSawItLast(App app) {
    Answer kept = app.act("/api/moulds", mould("Test hexagon", "silicone", "soapy water", false));
    assertThat(kept.status()).isEqualTo(201);
    String at = "/api/moulds/" + kept.body().path("id").asLong();
    assertThat(kept.body().path("preparation").size()).isGreaterThan(1);
    assertThat(kept.body().path("expected").path("casts").asDouble()).isGreaterThan(0);
    assertThat(kept.body().path("wearPerCast").asDouble()).isGreaterThan(0);

    Map<String, Object> renamed = mould("Test hexagon, larger", "silicone", null, false);
    assertThat(app.put(at, renamed, "\"0\"").status()).isEqualTo(200);
    Answer stale = app.put(at, renamed, "\"0\"");
    assertThat(stale.status()).isEqualTo(412);
    assertThat(stale.code()).isEqualTo("edit.stale");
    assertThat(app.put(at, renamed, "later").code()).isEqualTo("edit.versionMissing");
    Answer taken = app.act("/api/moulds", renamed);
    assertThat(taken.status()).isEqualTo(409);
    assertThat(taken.code()).isEqualTo("name.taken");
  }

  @Test
  void releaseAgentsAreRefusedWhereTheyMustNotGo(App app) {
    Answer bond = app.act("/api/moulds", mould("Bonding", "silicone", "soapy water", true));
    assertThat(bond.status()).isEqualTo(400);
    assertThat(bond.body().path("errors").get(0).path("field").asString())
        .isEqualTo("faces.0.release");
    Answer harms = app.act("/api/moulds", mould("Oily", "silicone", "mineral oil", false));
    assertThat(harms.body().path("errors").get(0).path("code").asString())
        .isEqualTo("release.forbidden");
    Answer kind = app.act("/api/moulds", mould("Of glass", "glass", null, false));
    assertThat(kind.body().path("errors").get(0).path("field").asString()).isEqualTo("kind");
  }

  /** By hand: a box of 10 by 10 by 10 cm holds 1 L, which is 2.2 kg of an ordinary mix. */
  @Test
  void withoutAMixAMouldIsFilledWithAnOrdinaryOne(App app) {
    String cube =
        "{\"cavity\":{\"kind\":\"box\",\"lengthMm\":100,\"widthMm\":100,\"heightMm\":100}%s}";
    JsonNode ordinary = app.post("/api/calc/mould", cube.formatted("")).body();
    assertThat(ordinary.path("freshDensityKgM3").asDouble()).isEqualTo(2200);
    assertThat(ordinary.path("freshMassKg").asDouble()).isCloseTo(2.2, within(1e-9));
    JsonNode light =
        app.post("/api/calc/mould", cube.formatted(",\"freshDensityKgM3\":900")).body();
    assertThat(light.path("freshDensityKgM3").asDouble()).isEqualTo(900);
    assertThat(light.path("freshMassKg").asDouble()).isCloseTo(0.9, within(1e-9));
    assertThat(light.path("capacityL")).isEqualTo(ordinary.path("capacityL"));
  }

  @Test
  void aCopyHasItsHistory(App app) {
    long mould =
        app.act("/api/moulds", mould("History", "steel", null, false)).body().path("id").asLong();
    Map<String, Object> copy =
        Map.of("code", "HIS1", "castsBefore", 7, "place", "shelf 3", "boughtFor", 12.5);
    Answer added = app.act("/api/moulds/" + mould + "/copies", copy);
    assertThat(added.status()).isEqualTo(201);
    long id = added.body().path("copies").get(0).path("id").asLong();
    assertThat(app.act("/api/moulds/" + mould + "/copies", copy).code()).isEqualTo("name.taken");
    Answer marked =
        app.post(
            "/api/copies/" + id + "/marks",
            "{\"condition\":\"mend\",\"reason\":\"dent in the lip\"}",
            Map.of("If-Match", "\"0\""));
    assertThat(marked.body().path("copy").path("condition").asString()).isEqualTo("mend");
    assertThat(marked.body().path("marks").get(0).path("reason").asString())
        .isEqualTo("dent in the lip");
    Answer unmarked =
        app.post(
            "/api/copies/" + id + "/marks",
            "{\"condition\":\"mend\"}",
            Map.of("If-Match", "\"1\""));
    assertThat(unmarked.status()).isEqualTo(400);
    assertThat(app.get("/api/copies/" + id).path("copy").path("casts").asInt()).isEqualTo(7);
  }

  /**
   * Three worn copies with 40, 50 and 60 casts: their kind lasts 50 here, whatever the table says.
   */
  @Test
  void wornCopiesTeachWhatAKindLasts(App app) {
    long mould =
        app.act("/api/moulds", mould("Wearing", "bottle", null, false)).body().path("id").asLong();
    assertThat(expected(app, mould).path("own").asBoolean()).isFalse();
    for (int i = 0; i < 3; i++) {
      Map<String, Object> copy = Map.of("code", "W" + i, "castsBefore", 40 + 10 * i);
      Answer added = app.act("/api/moulds/" + mould + "/copies", copy);
      long id = added.body().path("copies").get(i).path("id").asLong();
      app.post(
          "/api/copies/" + id + "/marks",
          "{\"condition\":\"worn\",\"reason\":\"edges gone\"}",
          Map.of("If-Match", "\"0\""));
    }
    assertThat(expected(app, mould).path("own").asBoolean()).isTrue();
    assertThat(expected(app, mould).path("casts").asDouble()).isCloseTo(50, within(1e-9));
  }

  private static JsonNode expected(App app, long mould) {
    return app.get("/api/moulds/" + mould).path("expected");
  }

  private static Map<String, Object> mould(
      String name, String kind, String release, boolean mustBond) {
    Map<String, Object> face =
        release == null
            ? Map.of("name", "wall", "mustBond", mustBond)
            : Map.of("name", "wall", "mustBond", mustBond, "release", release);
    return Map.of(
        "name",
        name,
        "family",
        "pavers",
        "kind",
        kind,
        "price",
        80,
        "faces",
        List.of(face),
        "shape",
        Map.of(
            "cavity",
            Map.of("kind", "polygonPrism", "sides", 6, "acrossFlatsMm", 180, "heightMm", 32),
            "coreLiftMm",
            0,
            "coreOffsetMm",
            0,
            "cavities",
            1));
  }
}
