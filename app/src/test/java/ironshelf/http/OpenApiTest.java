package ironshelf.http;

import static org.assertj.core.api.Assertions.assertThat;

import ironshelf.App;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

@ExtendWith(App.Extension.class)
class OpenApiTest {

  private static final Path CHECKED_IN = Path.of("../web/openapi.json");

  private final JsonMapper json =
      JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();

  /** To renew the document: run this test with -Dopenapi.write=true and look at the difference. */
  @Test
  void theDocumentCheckedInIsCurrent(App app) throws Exception {
    JsonNode written = app.get("/api/openapi");
    if (Boolean.getBoolean("openapi.write")) {
      Files.writeString(CHECKED_IN, json.writeValueAsString(written) + "\n");
    }
    assertThat(json.readTree(Files.readString(CHECKED_IN)))
        .as("web/openapi.json is stale: run OpenApiTest with -Dopenapi.write=true")
        .isEqualTo(written);
  }

  @ParameterizedTest
  @CsvSource({
    "/api/calc/mould",
    "/api/calc/batch",
    "/api/calc/demould",
    "/api/calc/tipping",
    "/api/calc/outline",
    "/api/calc/measured",
    "/api/calc/leftover",
    "/api/calc/target-reading",
    "/api/calc/pairs",
    "/api/calc/shade",
    "/api/calc/density-fit",
    "/api/calc/sphere",
    "/api/quantities/read"
  })
  void everyExampleWorks(String path, App app) {
    JsonNode examples =
        app.get("/api/openapi")
            .path("paths")
            .path(path)
            .path("post")
            .path("requestBody")
            .path("content")
            .path("application/json")
            .path("examples");
    assertThat(examples.size()).isEqualTo(1);
    examples
        .values()
        .forEach(
            example ->
                assertThat(app.post(path, example.path("value").toString()).status())
                    .isEqualTo(200));
  }
}
