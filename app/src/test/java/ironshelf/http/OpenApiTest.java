package ironshelf.http;

import static org.assertj.core.api.Assertions.assertThat;

import ironshelf.App;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
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

  /** Every example that the document has, whatever it is of. */
  @Test
  void everyExampleWorks(App app) {
    int tried = 0;
    for (var path : app.get("/api/openapi").path("paths").properties()) {
      JsonNode examples =
          path.getValue()
              .path("post")
              .path("requestBody")
              .path("content")
              .path("application/json")
              .path("examples");
      for (JsonNode example : examples) {
        App.Answer answer = app.post(path.getKey(), example.path("value").toString());
        assertThat(answer.status()).as(path.getKey() + answer.body()).isEqualTo(200);
        tried++;
      }
    }
    assertThat(tried).isGreaterThanOrEqualTo(20);
  }
}
