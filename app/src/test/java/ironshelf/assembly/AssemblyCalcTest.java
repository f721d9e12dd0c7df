package ironshelf.assembly;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import ironshelf.App;
import ironshelf.App.Answer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Pieces made of parts over HTTP: right, and refused with the reason. */
@ExtendWith(App.Extension.class)
class AssemblyCalcTest {

  private static final String TABLE =
      """
      {"wanted":"table","quantity":2,"goods":[
      {"name":"top","pieceKg":12,"spare":1,"steps":[{"step":"pour"},{"step":"set"},
        {"step":"demould"},{"step":"pack"}]},
      {"name":"table","pieceKg":9,"demouldAgeH":48,
        "joins":[{"stepNo":4,"mixKg":0.5,"parts":[{"good":"top","quantity":1}]}],
        "steps":[{"step":"pour"},{"step":"set"},{"step":"demould"},
        {"step":"wrap","waitH":72},{"step":"join"},{"step":"pack"}]}]}""";

  /** By hand: 48 + 72 h; 9 + 0.5 + 12 kg; of two tops one is there. */
  @Test
  void aTopOnAFoot(App app) {
    Answer answer = app.post("/api/calc/assembly", TABLE);
    assertThat(answer.status()).as(answer.body().toString()).isEqualTo(200);
    assertThat(answer.body().path("readyH").asDouble()).isCloseTo(120, within(1e-3));
    assertThat(answer.body().path("massKg").asDouble()).isCloseTo(21.5, within(1e-9));
    assertThat(answer.body().path("makes").get(1).path("toMake").asInt()).isEqualTo(1);
    assertThat(answer.body().path("uses").get(0).path("pourAtH").asDouble())
        .isCloseTo(96, within(1e-3));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      quoteCharacter = '~',
      value = {
        "\"wanted\":\"table\"|\"wanted\":\"hat\"|parts.unknown",
        "\"good\":\"top\"|\"good\":\"table\"|parts.circle",
        "\"good\":\"top\"|\"good\":\"hat\"|parts.unknown",
        "\"stepNo\":4|\"stepNo\":3|parts.noJoin",
        "\"quantity\":1|\"quantity\":-1|quantity",
        "\"step\":\"join\"|\"step\":\"glue\"|stepKind.unknown",
      })
  void whatCannotBeIsRefused(String from, String to, String code, App app) {
    Answer answer = app.post("/api/calc/assembly", TABLE.replace(from, to));
    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.body().toString()).contains(code);
  }
}
