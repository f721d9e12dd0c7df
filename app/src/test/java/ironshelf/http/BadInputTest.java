package ironshelf.http;

import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;

import ironshelf.App;
import ironshelf.App.Answer;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Bad input of every kind gets a clear 4xx, with the field and what would do. */
@ExtendWith(App.Extension.class)
class BadInputTest {

  private static final String POT =
      "{\"kind\":\"cone\",\"topDiameterMm\":160,\"baseDiameterMm\":120,\"heightMm\":150}";

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      quoteCharacter = '`',
      value = {
        "{} | cavity",
        "{\"cavity\":POT,\"freshDensityKgM3\":\"heavy\"} | freshDensityKgM3",
        "{\"cavity\":POT,\"freshDensityKgM3\":-2250} | freshDensityKgM3",
        "{\"cavity\":POT,\"freshDensityKgM3\":1e999} | freshDensityKgM3",
        "{\"cavity\":POT,\"freshDensityKgM3\":2250,\"cavities\":1.5} | cavities",
        "{\"cavity\":{\"kind\":\"teapot\"},\"freshDensityKgM3\":2250} | cavity.kind",
        "{\"cavity\":{\"heightMm\":2},\"freshDensityKgM3\":2250} | cavity",
        "{\"cavity\":{\"kind\":\"box\",\"lengthMm\":0,\"widthMm\":1,\"heightMm\":1},\"freshDensityKgM3\":2250} | cavity.lengthMm",
        "{\"cavity\":{\"kind\":\"sphere\",\"diameterMm\":10001,\"flatDiameterMm\":0},\"freshDensityKgM3\":2250} | cavity.diameterMm",
        "{\"cavity\":POT,\"core\":{\"kind\":\"cone\",\"topDiameterMm\":170,\"baseDiameterMm\":96,\"heightMm\":135},\"coreLiftMm\":15,\"freshDensityKgM3\":2250} | core.topDiameterMm",
        "{\"cavity\":POT,\"freshDensityKgM3\":2250,\"colour\":\"red\"} | colour",
      })
  void aBadMould(String body, String field, App app) {
    refusedAt(app.post("/api/calc/mould", body.replace("POT", POT)), field);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      quoteCharacter = '`',
      value = {
        "{} | recipe",
        "{\"recipe\":{\"ingredients\":[]},\"neededL\":1} | recipe.ingredients",
        "{\"recipe\":RECIPE} | neededL",
        "{\"recipe\":RECIPE,\"neededL\":\"4 L\"} | neededL",
        "{\"recipe\":RECIPE,\"neededL\":-1} | neededL",
        "{\"recipe\":RECIPE,\"neededL\":1e9} | neededL",
        "{\"recipe\":RECIPE,\"neededL\":4,\"pieces\":0} | pieces",
        "{\"recipe\":RECIPE,\"neededL\":4,\"mixerL\":0.1} | mixerL",
        "{\"recipe\":RECIPE,\"neededL\":4,\"roomC\":400} | roomC",
        "{\"recipe\":RECIPE,\"neededL\":4,\"wastePercent\":101} | wastePercent",
        "{\"recipe\":{\"ingredients\":[{\"name\":\"c\",\"role\":\"glue\",\"basis\":\"partsByMass\",\"amount\":1,\"relativeDensity\":3}]},\"neededL\":4} | recipe.ingredients.0.role",
        "{\"recipe\":{\"ingredients\":[{\"name\":\"s\",\"role\":\"aggregate\",\"basis\":\"partsByMass\",\"amount\":1,\"relativeDensity\":3}]},\"neededL\":4} | recipe.ingredients",
      })
  void aBadBatch(String body, String field, App app) {
    String recipe =
        "{\"ingredients\":[{\"name\":\"c\",\"role\":\"binder\",\"basis\":\"partsByMass\","
            + "\"amount\":1,\"relativeDensity\":3}]}";
    refusedAt(app.post("/api/calc/batch", body.replace("RECIPE", recipe)), field);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      quoteCharacter = '`',
      value = {
        "{} | forecast",
        "{\"forecast\":[SPAN]} | demouldAgeH",
        "{\"forecast\":[SPAN],\"demouldAgeH\":\"soon\"} | demouldAgeH",
        "{\"forecast\":[SPAN],\"demouldAgeH\":0} | demouldAgeH",
        "{\"forecast\":[SPAN],\"demouldAgeH\":1e9} | demouldAgeH",
        "{\"forecast\":[SPAN],\"demouldAgeH\":24,\"greenUntilAgeH\":12} | greenUntilAgeH",
        "{\"forecast\":[SPAN],\"demouldAgeH\":24,\"method\":\"guess\"} | method",
        "{\"forecast\":[SPAN],\"demouldAgeH\":24,\"activationK\":1} | activationK",
        "{\"forecast\":[SPAN,{\"hours\":-1,\"concreteC\":20}],\"demouldAgeH\":24} | forecast.1.hours",
        "{\"forecast\":[SPAN,7],\"demouldAgeH\":24} | forecast.1",
        "{\"forecast\":[SPAN,null],\"demouldAgeH\":24} | forecast.1",
        "{\"history\":[{\"hours\":1,\"concreteC\":75}],\"demouldAgeH\":24} | history.0.concreteC",
      })
  void aBadDemould(String body, String field, App app) {
    refusedAt(
        app.post("/api/calc/demould", body.replace("SPAN", "{\"hours\":1,\"concreteC\":20}")),
        field);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      quoteCharacter = '`',
      value = {
        "{} | cavity",
        "{\"cavity\":POT,\"densityKgM3\":0} | densityKgM3",
        "{\"cavity\":POT,\"densityKgM3\":\"heavy\"} | densityKgM3",
        "{\"cavity\":POT,\"densityKgM3\":-1} | densityKgM3",
        "{\"cavity\":POT,\"densityKgM3\":1e99} | densityKgM3",
        "{\"cavity\":POT,\"densityKgM3\":2200,\"fittingMassKg\":-1} | fittingMassKg",
        "{\"cavity\":POT,\"densityKgM3\":2200,\"fittingHeightMm\":1e9} | fittingHeightMm",
        "{\"cavity\":POT,\"densityKgM3\":2200,\"upsideDown\":\"no\"} | upsideDown",
        "{\"cavity\":{\"kind\":\"measured\",\"volumeL\":2},\"densityKgM3\":2200} | cavity",
        "{\"cavity\":POT,\"core\":{\"kind\":\"sheet\"},\"densityKgM3\":2200} | core.kind",
      })
  void aBadTipping(String body, String field, App app) {
    refusedAt(app.post("/api/calc/tipping", body.replace("POT", POT)), field);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      quoteCharacter = '`',
      value = {
        "{\"kind\":\"outline\",\"heightMm\":10} | cavity.points",
        "{\"kind\":\"outline\",\"points\":[[0,0],[9,0]],\"heightMm\":10} | cavity.points",
        "{\"kind\":\"outline\",\"points\":[[0,0],[9,9],[9,0],[0,8]],\"heightMm\":10} | cavity.points",
        "{\"kind\":\"outline\",\"points\":[[0,0],[9,\"x\"],[5,5]],\"heightMm\":10} | cavity.points.1.1",
        "{\"kind\":\"outline\",\"points\":[[0,0],7,[5,5]],\"heightMm\":10} | cavity.points.1",
        "{\"kind\":\"revolved\",\"profile\":[[0,0],[-5,0],[5,5]]} | cavity.profile.1.rMm",
        "{\"kind\":\"polygonPrism\",\"sides\":2,\"acrossFlatsMm\":9,\"heightMm\":9} | cavity.sides",
        "{\"kind\":\"pyramid\",\"topLengthMm\":9} | cavity.heightMm",
        "{\"kind\":\"measured\",\"volumeL\":-2} | cavity.volumeL",
        "{\"kind\":\"mesh\",\"layers\":[],\"draftDeg\":0} | cavity.layers",
        "{\"kind\":\"sheet\",\"areaM2\":1} | cavity.thicknessMm",
      })
  void aBadSolid(String solid, String field, App app) {
    refusedAt(
        app.post("/api/calc/mould", "{\"freshDensityKgM3\":2200,\"cavity\":" + solid + "}"), field);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      quoteCharacter = '`',
      value = {
        "leftover | {} | leftKg",
        "leftover | {\"leftKg\":1} | fillers",
        "leftover | {\"leftKg\":-1,\"fillers\":[]} | leftKg",
        "leftover | {\"leftKg\":1e9,\"fillers\":[]} | leftKg",
        "leftover | {\"leftKg\":\"some\",\"fillers\":[]} | leftKg",
        "leftover | {\"leftKg\":1,\"fillers\":[7]} | fillers.0",
        "leftover | {\"leftKg\":1,\"fillers\":[null]} | fillers.0",
        "leftover | {\"leftKg\":1,\"fillers\":[{\"mould\":\"a\",\"massKg\":0,\"free\":1,\"worth\":1}]} | fillers.0.massKg",
        "leftover | {\"leftKg\":1,\"fillers\":[{\"mould\":\"a\",\"massKg\":1,\"free\":1.5,\"worth\":1}]} | fillers.0.free",
        "leftover | {\"leftKg\":1,\"fillers\":[{\"massKg\":1,\"free\":1,\"worth\":1}]} | fillers.0.mould",
        "target-reading | {} | targetKg",
        "target-reading | {\"targetKg\":-1} | targetKg",
        "target-reading | {\"targetKg\":\"20 kg\"} | targetKg",
        "target-reading | {\"targetKg\":1e9} | targetKg",
        "target-reading | {\"targetKg\":20,\"mouldKg\":-1} | mouldKg",
        "target-reading | {\"targetKg\":20,\"hardwareKg\":20} | hardwareKg",
        "target-reading | {\"targetKg\":20,\"retention\":0.2} | retention",
        "target-reading | {\"targetKg\":20,\"retention\":1.2} | retention",
        "target-reading | {\"targetKg\":20,\"pours\":0} | pours",
        "target-reading | {\"targetKg\":20,\"pours\":2.5} | pours",
        "batch | {\"recipe\":null,\"neededL\":1} | recipe",
        "pairs | {\"pool\":[{\"piece\":\"a\"}],\"toleranceKg\":1} | pool.0.massKg",
        "pairs | {\"pool\":[]} | toleranceKg",
        "shade | {} | paste",
        "shade | {\"paste\":[{\"material\":\"soot\",\"percentOfBinder\":3}]} | paste.0.material",
        "shade | {\"paste\":[{\"material\":\"oxide-red\",\"percentOfBinder\":-3}]} | paste.0.percentOfBinder",
        "density-fit | {\"mixKgM3\":2200,\"wantedKgM3\":9000,\"grainRelativeDensity\":4.2} | wantedKgM3",
        "density-fit | {\"wantedKgM3\":2300} | grainRelativeDensity",
        "sphere | {\"massKg\":0,\"densityKgM3\":2400} | massKg",
        "sphere | {} | massKg",
        "sphere | {\"diameterMm\":-1} | diameterMm",
        "sphere | {\"diameterMm\":356,\"densityKgM3\":0} | densityKgM3",
        "mix-temperature | {} | waterC",
        "mix-temperature | {\"solidsC\":20,\"waterKg\":1,\"waterC\":15} | solidsKg",
        "mix-temperature | {\"solidsKg\":\"some\",\"solidsC\":20,\"waterKg\":1,\"waterC\":15} | solidsKg",
        "mix-temperature | {\"solidsKg\":0,\"solidsC\":20,\"waterKg\":1,\"waterC\":15} | solidsKg",
        "mix-temperature | {\"solidsKg\":-5,\"solidsC\":20,\"waterKg\":1,\"waterC\":15} | solidsKg",
        "mix-temperature | {\"solidsKg\":5,\"solidsC\":300,\"waterKg\":1,\"waterC\":15} | solidsC",
        "mix-temperature | {\"solidsKg\":5,\"solidsC\":20,\"waterKg\":1,\"waterC\":-1} | waterC",
        "mix-temperature | {\"solidsKg\":5,\"solidsC\":20,\"waterKg\":1,\"waterC\":15,\"iceKg\":2} | iceKg",
        "mix-temperature | {\"solidsKg\":5,\"solidsC\":20,\"waterKg\":1,\"waterC\":15,\"minutesWanted\":0} | minutesWanted",
        "mix-temperature | {\"solidsKg\":5,\"solidsC\":20,\"waterKg\":1,\"waterC\":15,\"workingMinAt20C\":1e9} | workingMinAt20C",
        "maturity | {} | history",
        "maturity | {\"history\":[]} | history",
        "maturity | {\"history\":[{\"hours\":6}]} | history.0.concreteC",
        "maturity | {\"history\":[{\"hours\":-6,\"concreteC\":18}]} | history.0.hours",
        "maturity | {\"history\":[{\"hours\":6,\"concreteC\":71}]} | history.0.concreteC",
        "maturity | {\"history\":[{\"hours\":\"six\",\"concreteC\":18}]} | history.0.hours",
        "maturity | {\"history\":[7]} | history.0",
        "maturity | {\"history\":[{\"hours\":6,\"concreteC\":18}],\"activationK\":1} | activationK",
        "maturity | {\"history\":[{\"hours\":6,\"concreteC\":18}],\"datumC\":90} | datumC",
        "maturity | {\"history\":[{\"hours\":6,\"concreteC\":18}],\"method\":\"guess\"} | method",
        "tent | {} | hoursLeft",
        "tent | {\"hoursLeft\":15} | demouldAgeH",
        "tent | {\"hoursLeft\":0,\"demouldAgeH\":24} | hoursLeft",
        "tent | {\"hoursLeft\":15,\"demouldAgeH\":-1} | demouldAgeH",
        "tent | {\"hoursLeft\":\"soon\",\"demouldAgeH\":24} | hoursLeft",
        "tent | {\"hoursLeft\":15,\"demouldAgeH\":1e9} | demouldAgeH",
        "tent | {\"hoursLeft\":15,\"demouldAgeH\":24,\"history\":[{\"hours\":1,\"concreteC\":90}]} | history.0.concreteC",
        "tent | {\"hoursLeft\":15,\"demouldAgeH\":24,\"history\":[null]} | history.0",
        "tent | {\"hoursLeft\":15,\"demouldAgeH\":24,\"referenceC\":-1} | referenceC",
        "tent | {\"hoursLeft\":15,\"demouldAgeH\":24,\"activationK\":1e9} | activationK",
        "wax-fill | {} | containerL",
        "wax-fill | {\"containerL\":0.2} | fragrancePercent",
        "wax-fill | {\"containerL\":0,\"fragrancePercent\":8} | containerL",
        "wax-fill | {\"containerL\":-1,\"fragrancePercent\":8} | containerL",
        "wax-fill | {\"containerL\":1e9,\"fragrancePercent\":8} | containerL",
        "wax-fill | {\"containerL\":\"a cup\",\"fragrancePercent\":8} | containerL",
        "wax-fill | {\"containerL\":0.2,\"fragrancePercent\":30} | fragrancePercent",
        "wax-fill | {\"containerL\":0.2,\"fragrancePercent\":8,\"headspacePercent\":90} | headspacePercent",
        "wax-fill | {\"containerL\":0.2,\"fragrancePercent\":8,\"meltedKgL\":9} | meltedKgL",
        "wax-fill | {\"containerL\":0.2,\"fragrancePercent\":8,\"convention\":\"ofMine\"} | convention",
        "hand-weight | {} | targetKg",
        "hand-weight | {\"targetKg\":22,\"gripMm\":140,\"headThicknessMm\":90,\"bossMm\":95} | bossMm",
        "hand-weight | {\"targetKg\":2,\"hardwareKg\":2,\"gripMm\":140,\"headThicknessMm\":90} | hardwareKg",
      })
  void aBadBenchSum(String sum, String body, String field, App app) {
    refusedAt(app.post("/api/calc/" + sum, body), field);
  }

  @Test
  void badMeshesAndOutlines(App app) {
    refusedAt(app.send("/api/calc/mesh", "solid nothing".getBytes(UTF_8)), "file");
    refusedAt(app.send("/api/calc/mesh", new byte[300]), "file");
    refusedAt(app.send("/api/calc/mesh?unit=furlong", new byte[84]), "unit");
    refusedAt(app.post("/api/calc/outline", "{}"), "svgPath");
    refusedAt(app.post("/api/calc/outline", "{\"svgPath\":\"M0 0 L\"}"), "svgPath");
    refusedAt(
        app.post("/api/calc/outline", "{\"ready\":{\"kind\":\"boat\",\"lengthMm\":5}}"),
        "ready.beamMm");
    refusedAt(app.post("/api/calc/measured", "{\"how\":\"waterFill\",\"massKg\":0}"), "massKg");
  }

  @ParameterizedTest
  @ValueSource(
      strings = {"", "null", "NaN", "{\"neededL\":NaN}", "[", "{\"a\":1} x", "\"text\"", "[1]"})
  void whatIsNoObject(String body, App app) {
    for (String path : List.of("/api/calc/mould", "/api/calc/batch", "/api/calc/demould")) {
      Answer answer = app.post(path, body);
      assertThat(answer.status()).as(path + " " + body).isEqualTo(400);
      assertThat(answer.code()).startsWith("request.");
    }
  }

  @Test
  void aMegabyteOfNonsense(App app) {
    String text = "x".repeat(1_100_000);
    assertThat(app.post("/api/calc/batch", text).status()).isEqualTo(400);
    Answer long400 = app.post("/api/calc/batch", "{\"recipe\":\"" + text + "\"}");
    assertThat(long400.status()).isEqualTo(413);
    assertThat(long400.code()).isEqualTo("request.tooLarge");
    assertThat(app.post("/api/calc/batch", "[".repeat(500_000)).status()).isEqualTo(400);
  }

  /** As long as a body may be, wrong from one end to the other: ten minutes of work once. */
  @Test
  void tensOfThousandsOfFaultsAreReadOnce(App app) {
    String bad = "{\"castId\":-1,\"massKg\":\"x\"},".repeat(30_000);
    Map<String, String> key = Map.of("Idempotency-Key", "thousands");
    Answer answer = app.post("/api/shelf/take-out", "{\"casts\":[" + bad + "null]}", key);
    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.body().path("errors").size()).isEqualTo(200);
    Answer nothing =
        app.post("/api/shelf/take-out", "{\"casts\":[" + "null,".repeat(150_000) + "null]}", key);
    assertThat(nothing.body().path("errors").get(0).path("code").asString())
        .as("%s", nothing.body())
        .isEqualTo("list.tooLong");
  }

  /** A table of a million rows is refused by its length, before it is read. */
  @Test
  void aMillionRowsAreTooMany(App app) {
    byte[] table = "code\n1\n".repeat(500_000).getBytes(UTF_8);
    assertThat(app.send("/api/exchange/moulds", table).status()).isEqualTo(413);
    byte[] shorter = ("code\n" + "1\n".repeat(400_000)).getBytes(UTF_8);
    App.Answer refused = app.send("/api/exchange/moulds", shorter);
    assertThat(refused.status()).isEqualTo(400);
    assertThat(refused.code()).isEqualTo("table.tooLong");
  }

  @Test
  void unknownThings(App app) {
    for (String path :
        List.of("/api/moulds/999999", "/api/orders/999999", "/api/pours/999999", "/api/nothing")) {
      Answer answer = app.tryGet(path);
      assertThat(answer.status()).as(path).isEqualTo(404);
      assertThat(answer.code()).isEqualTo("resource.unknown");
    }
    assertThat(app.tryGet("/api/moulds/first").status()).isEqualTo(400);
    assertThat(app.post("/api/picks", "{}").status()).isEqualTo(405);
  }

  private static void refusedAt(Answer answer, String field) {
    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.code()).as(answer.body().toString()).isEqualTo("request.refused");
    List<String> fields = new ArrayList<>();
    answer
        .body()
        .path("errors")
        .forEach(
            error -> {
              fields.add(error.path("field").asString());
              assertThat(error.path("message").asString()).matches("(?s).+\\. .+\\.");
            });
    assertThat(fields).contains(field);
  }
}
