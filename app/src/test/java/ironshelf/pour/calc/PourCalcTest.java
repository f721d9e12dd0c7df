package ironshelf.pour.calc;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import ironshelf.App;
import ironshelf.App.Answer;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.core.io.ClassPathResource;
import tools.jackson.databind.JsonNode;

@ExtendWith(App.Extension.class)
@Tag("accuracy")
class PourCalcTest {

  /**
   * By hand: 1.08 kg of water and 2.7 kg of cement, a sixth too little, make 1.08 + 0.9 = 1.98 L;
   * R1 took 1.91 kg of the 3.78, so 1.87 kg are left, 0.9795 L for the litre that R2 takes.
   */
  @Test
  void aMixThatCameOutShort(App app) throws IOException {
    Answer answer = app.post("/api/calc/pour", example());
    assertThat(answer.status()).isEqualTo(200);
    JsonNode bowl = answer.body().path("bowl");
    assertThat(bowl.path("inKg").asDouble()).isCloseTo(3.78, within(1e-9));
    assertThat(bowl.path("outKg").asDouble()).isCloseTo(1.91, within(1e-9));
    assertThat(bowl.path("litres").asDouble()).isCloseTo(1.98, within(1e-6));
    JsonNode copies = answer.body().path("copies");
    assertThat(copies.get(0).path("fill").asString()).isEqualTo("full");
    assertThat(copies.get(1).path("fill").asString()).isEqualTo("empty");
    JsonNode findings = answer.body().path("findings");
    assertThat(findings.size()).isEqualTo(1);
    assertThat(findings.get(0).path("finding").path("code").asString()).isEqualTo("pour.short");
    assertThat(findings.get(0).path("finding").path("message").asString())
        .matches("The bowl is 20.ml short for R2\\. Mix more, or leave something out\\.");
    assertThat(findings.get(0).path("remedies").get(0).path("values").path("litres").asDouble())
        .isCloseTo((1 - 1.98 * 1.87 / 3.78) * 1.08, within(1e-6));
  }

  @Test
  void whatCannotBeIsRefusedByName(App app) throws IOException {
    Answer answer =
        app.post(
            "/api/calc/pour",
            example().replace("\"copy\": \"R1\", \"batch\"", "\"copy\": \"R9\", \"batch\""));
    assertThat(answer.status()).isEqualTo(400);
    JsonNode error = answer.body().path("errors").get(0);
    assertThat(error.path("code").asString()).isEqualTo("pour.nameUnknown");
    assertThat(error.path("field").asString()).isEqualTo("facts.3");
    assertThat(error.path("message").asString()).startsWith("There is no copy R9 in this pour.");
  }

  private static String example() throws IOException {
    try (var in = new ClassPathResource("examples/pour.json").getInputStream()) {
      return new String(in.readAllBytes(), StandardCharsets.UTF_8);
    }
  }
}
