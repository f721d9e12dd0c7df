package ironshelf.finish;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import ironshelf.App;
import ironshelf.App.Answer;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Drainage, letters, routes and causes over HTTP: right, and refused with its field. */
@ExtendWith(App.Extension.class)
@Tag("accuracy")
class FinishCalcTest {

  /** By hand: a fifth of 2 L is 0.4 L; four letters of 20 mm with gaps of 5 are 95 mm. */
  @Test
  void workedByHand(App app) {
    assertThat(
            app.post("/api/calc/drainage", "{\"containerL\":2}").body().path("stonesL").asDouble())
        .isCloseTo(0.4, within(1e-9));
    Answer letters =
        app.post(
            "/api/calc/lettering",
            "{\"text\":\"tide\",\"set\":\"EDIT\",\"letterMm\":20,\"gapMm\":5,\"widthMm\":95}");
    assertThat(letters.body().path("lineMm").asDouble()).isCloseTo(95, within(1e-9));
    assertThat(letters.body().path("fits").asBoolean()).isTrue();
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "drainage|{}|containerL",
        "drainage|{\"containerL\":-1}|containerL",
        "drainage|{\"containerL\":0}|containerL",
        "drainage|{\"containerL\":1e9}|containerL",
        "drainage|{\"containerL\":\"2\"}|containerL",
        "drainage|{\"containerL\":2,\"sharePercent\":90}|sharePercent",
        "drainage|{\"containerL\":2,\"sharePercent\":1}|sharePercent",
        "drainage|{\"containerL\":2,\"stones\":1}|stones",
        "lettering|{}|text",
        "lettering|{\"text\":\"A\",\"set\":\"A\",\"letterMm\":0,\"widthMm\":9}|letterMm",
        "lettering|{\"text\":\"A\",\"set\":\"A\",\"letterMm\":5,\"widthMm\":-9}|widthMm",
        "lettering|{\"text\":\"A\",\"set\":\"A\",\"letterMm\":5,\"gapMm\":-1,\"widthMm\":9}|gapMm",
        "lettering|{\"text\":\" \",\"set\":\"A\",\"letterMm\":5,\"widthMm\":9}|text",
        "lettering|{\"text\":\"A\",\"letterMm\":5,\"widthMm\":9}|set",
        "route|{\"steps\":[{\"step\":\"pour\",\"attendedMin\":-3}]}|attendedMin",
        "route|{\"steps\":[{\"step\":\"pour\",\"times\":99}]}|times",
        "causes|{}|defect",
        "causes|{\"defect\":\"rust\"}|defect",
        "causes|{\"defect\":\"torn\",\"told\":{\"tappedMin\":1e9}}|TAPPED_MIN",
      })
  void nonsenseIsRefusedAtItsField(String calc, String body, String field, App app) {
    Answer answer = app.post("/api/calc/" + calc, body);
    assertThat(answer.status()).as(answer.body().toString()).isEqualTo(400);
    assertThat(answer.body().path("errors").toString()).contains(field);
  }
}
