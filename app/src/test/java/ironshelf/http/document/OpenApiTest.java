package ironshelf.http.document;

import static java.util.stream.Collectors.groupingBy;
import static java.util.stream.Collectors.mapping;
import static java.util.stream.Collectors.toList;
import static org.assertj.core.api.Assertions.assertThat;

import ironshelf.App;
import java.lang.reflect.Method;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.lang.reflect.WildcardType;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.web.servlet.DispatcherServlet;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
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

  /** What the document asks for is asked for: without its header nothing is done. */
  @Test
  void requiredHeadersAreRequired(App app) {
    int tried = 0;
    for (var path : app.get("/api/openapi").path("paths").properties()) {
      for (String method : List.of("post", "put", "delete")) {
        JsonNode operation = path.getValue().path(method);
        for (JsonNode parameter : operation.path("parameters")) {
          if (parameter.path("in").asString().equals("header")) {
            String where = method + " " + path.getKey() + " " + parameter.path("name").asString();
            assertThat(parameter.path("required").asBoolean()).as(where).isTrue();
            assertThat(parameter.path("name").asString())
                .as(where)
                .isIn("Idempotency-Key", "If-Match");
            tried++;
          }
        }
      }
    }
    assertThat(tried).isGreaterThan(20);
    assertThat(app.post("/api/shelf/acts/1/undo", "{}").code()).isEqualTo("act.keyMissing");
  }

  /** Schemas go by simple names, private records' too: two of one name would be one schema. */
  @Test
  void noTwoRecordsShareASchema(App app) {
    Set<Class<?>> records = new LinkedHashSet<>();
    app.bean(DispatcherServlet.class).getHandlerMappings().stream()
        .filter(RequestMappingHandlerMapping.class::isInstance)
        .flatMap(m -> ((RequestMappingHandlerMapping) m).getHandlerMethods().values().stream())
        .forEach(
            handler -> {
              Method method = handler.getMethod();
              reach(method.getGenericReturnType(), records);
              for (Type parameter : method.getGenericParameterTypes()) {
                reach(parameter, records);
              }
            });
    Map<String, List<String>> byName =
        records.stream()
            .collect(
                groupingBy(Class::getSimpleName, TreeMap::new, mapping(Class::getName, toList())));
    assertThat(byName).hasSizeGreaterThan(200);
    assertThat(byName.values().stream().filter(names -> names.size() > 1)).isEmpty();
  }

  private static void reach(Type type, Set<Class<?>> records) {
    if (type instanceof ParameterizedType of) {
      reach(of.getRawType(), records);
      for (Type argument : of.getActualTypeArguments()) {
        reach(argument, records);
      }
    } else if (type instanceof WildcardType any) {
      reach(any.getUpperBounds()[0], records);
    } else if (type instanceof Class<?> known && known.isArray()) {
      reach(known.getComponentType(), records);
    } else if (type instanceof Class<?> known && known.getName().startsWith("ironshelf.")) {
      if (known.isSealed()) {
        for (Class<?> kind : known.getPermittedSubclasses()) {
          reach(kind, records);
        }
      }
      if (known.isRecord() && records.add(known)) {
        for (RecordComponent component : known.getRecordComponents()) {
          reach(component.getGenericType(), records);
        }
      }
    }
  }
}
