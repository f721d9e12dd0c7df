package ironshelf.http.document;

import static java.util.Map.entry;

import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.examples.Example;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.servers.Server;
import ironshelf.http.json.CoreJson;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Map;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.io.ClassPathResource;
import tools.jackson.databind.json.JsonMapper;

/** The OpenAPI document, written from the code. */
@Configuration(proxyBeanMethods = false)
class OpenApiConfig {

  /** Requests whose examples ship in {@code examples/}, by path. */
  private static final Map<String, String> EXAMPLES =
      Map.ofEntries(
          entry("/api/calc/mould", "mould"),
          entry("/api/calc/batch", "batch"),
          entry("/api/calc/demould", "demould"),
          entry("/api/calc/tipping", "tipping"),
          entry("/api/calc/outline", "outline"),
          entry("/api/calc/measured", "measured"),
          entry("/api/quantities/read", "quantity"),
          entry("/api/calc/leftover", "leftover"),
          entry("/api/calc/pour", "pour"),
          entry("/api/calc/target-reading", "target"),
          entry("/api/calc/pairs", "pairs"),
          entry("/api/calc/shade", "shade"),
          entry("/api/calc/density-fit", "density"),
          entry("/api/calc/sphere", "sphere"),
          entry("/api/calc/hand-weight", "hand-weight"),
          entry("/api/calc/mix-temperature", "mix-temperature"),
          entry("/api/calc/maturity", "maturity"),
          entry("/api/calc/tent", "tent"),
          entry("/api/calc/weight-control", "weight-control"),
          entry("/api/calc/wax-fill", "wax-fill"));

  @Bean
  OpenAPI description() {
    return new OpenAPI()
        // The address depends on where it runs and does not belong in a document checked in.
        .addServersItem(new Server().url("/"))
        .info(
            new Info()
                .title("Iron Shelf")
                .version("1")
                .description(
                    "Batch production in a small concrete-craft workshop. Units stand at the end"
                        + " of each name: kg, L, mm, m2, C, H (hours), Min. Refusals are problem"
                        + " documents (RFC 9457) with a code and a list of errors."));
  }

  @Bean
  RecordSchemas recordSchemas() {
    return new RecordSchemas();
  }

  @Bean
  OpenApiCustomizer kinds() {
    return api -> CoreJson.KINDS.forEach((type, mixIn) -> KindSchemas.describe(api, type, mixIn));
  }

  @Bean
  OpenApiCustomizer examples(JsonMapper mapper) {
    return api ->
        EXAMPLES.forEach(
            (path, name) ->
                api.getPaths()
                    .get(path)
                    .getPost()
                    .getRequestBody()
                    .getContent()
                    .get("application/json")
                    .addExamples(name, new Example().value(example(mapper, name))));
  }

  private static Object example(JsonMapper mapper, String name) {
    try (var in = new ClassPathResource("examples/" + name + ".json").getInputStream()) {
      return mapper.readValue(in, Map.class);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
