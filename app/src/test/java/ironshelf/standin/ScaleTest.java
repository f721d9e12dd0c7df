package ironshelf.standin;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import ironshelf.App;
import ironshelf.App.Answer;
import ironshelf.standin.Scale.ScaleReading;
import ironshelf.standin.Scale.ScaleState;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** The stand-in behaves as a bench scale does. */
class ScaleTest {

  @Test
  void itSettlesTaresAndOverloads() throws InterruptedException {
    SimulatedScale scale = new SimulatedScale();
    scale.put(1.2);
    assertThat(scale.read().steady()).isFalse();
    Thread.sleep(3_000);
    ScaleReading settled = scale.read();
    assertThat(settled.steady()).isTrue();
    assertThat(settled.kg()).isCloseTo(1.2, within(0.003));
    assertThat(settled.line()).matches("1\\.\\d{3} kg steady");
    scale.tare();
    assertThat(scale.read().kg()).isCloseTo(0, within(0.003));
    scale.put(45);
    Thread.sleep(1_500);
    assertThat(scale.read().state()).isEqualTo(ScaleState.OVERLOAD);
    assertThat(scale.read().line()).isEqualTo("- kg overload");
    scale.plug(false);
    assertThat(scale.read().state()).isEqualTo(ScaleState.UNPLUGGED);
  }

  @ExtendWith(App.Extension.class)
  @Test
  void itIsReadOverHttp(App app) {
    Answer put = app.post("/api/stand-ins/scale", "{\"moreKg\":0.5}");
    assertThat(put.status()).isEqualTo(200);
    assertThat(app.get("/api/stand-ins/scale").path("state").asString()).isEqualTo("weighing");
    assertThat(app.post("/api/stand-ins/scale", "{\"moreKg\":1e9}").status()).isEqualTo(400);
    app.post("/api/stand-ins/scale", "{\"moreKg\":-0.5}");
  }
}
