package ironshelf;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.ParameterContext;
import org.junit.jupiter.api.extension.ParameterResolver;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.http.MediaType;
import org.springframework.web.client.RestClient;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The real application on a folder of its own, in the time of tests. */
public final class App implements AutoCloseable {

  /** A status and the JSON that came with it. */
  public record Answer(int status, JsonNode body) {
    public String code() {
      return body.path("code").asString();
    }
  }

  private final ConfigurableApplicationContext context;
  private final RestClient client;
  private final JsonMapper json = new JsonMapper();

  private App(Path data, boolean demo, int weeks, String... more) {
    // Applications share the JVM's system properties, which a start reads and writes.
    synchronized (App.class) {
      context =
          new SpringApplicationBuilder(IronShelfApplication.class)
              .initializers(c -> c.getBeanFactory().registerSingleton("machine", TestDay.source()))
              .run(
                  Stream.concat(
                          Stream.of(
                              "--server.port=0",
                              "--ironshelf.data=" + data,
                              "--ironshelf.demo=" + demo,
                              "--ironshelf.demo-weeks=" + weeks),
                          Stream.of(more))
                      .toArray(String[]::new));
    }
    client = RestClient.create(base());
  }

  /** An application of its own, for tests that nobody else's acts may touch. */
  public static App fresh() {
    return demo(0);
  }

  private static App demo(int weeks) {
    try {
      Path data = Founded.copy("demo-" + weeks, first -> new App(first, true, weeks).close());
      return new App(data, true, weeks);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** One demo with its whole season behind it, for all tests that look at it or add to it. */
  public static App seasoned() {
    return Seasoned.ONLY;
  }

  private static final class Seasoned {
    static final App ONLY = demo(16);
  }

  /** An empty shop of its own, as a new maker finds it. */
  public static App empty() {
    try {
      Path data = Founded.copy("empty", first -> new App(first, false, 0).close());
      return new App(data, false, 0);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** The same with other settings, in a folder that was never opened. */
  public static App empty(String... settings) throws IOException {
    return new App(Files.createTempDirectory("ironshelf"), false, 0, settings);
  }

  /** One for all tests that change the order book, started when the first of them asks. */
  public static App busy() {
    return Busy.ONLY;
  }

  private static final class Busy {
    static final App ONLY = demo(0);

    private Busy() {}
  }

  /** What its clock shows. */
  public static Instant now() {
    return TestDay.source().instant();
  }

  /** A bean, for what no request can do. */
  public <T> T bean(Class<T> type) {
    return context.getBean(type);
  }

  /** A setting that it runs with. */
  public String setting(String name) {
    return context.getEnvironment().getProperty(name);
  }

  /** Where it listens. */
  public String base() {
    return "http://127.0.0.1:" + context.getEnvironment().getProperty("local.server.port");
  }

  public JsonNode get(String path) {
    return answer(client.get().uri(path)).body();
  }

  /** The plan as it stays: not the one before, which is shown while another is worked out. */
  public JsonNode plan() {
    JsonNode plan = get("/api/plan");
    // Each answer waits a few seconds for it.
    for (int i = 0; i < 40 && plan.path("renewing").asBoolean(); i++) {
      plan = get("/api/plan");
    }
    return plan;
  }

  public Answer tryGet(String path) {
    return answer(client.get().uri(path));
  }

  /** Posts JSON text as it stands. */
  public Answer post(String path, String body, Map<String, String> headers) {
    return answer(
        client
            .post()
            .uri(path)
            .headers(h -> headers.forEach(h::set))
            .contentType(MediaType.APPLICATION_JSON)
            .body(body));
  }

  public Answer post(String path, String body) {
    return post(path, body, Map.of());
  }

  public Answer delete(String path) {
    return answer(client.delete().uri(path));
  }

  /** Puts JSON at the version that was seen. */
  public Answer put(String path, Object body, String ifMatch) {
    return answer(
        client
            .put()
            .uri(path)
            .header("If-Match", ifMatch)
            .contentType(MediaType.APPLICATION_JSON)
            .body(json.writeValueAsString(body)));
  }

  /** Sends a file as it is. */
  public Answer send(String path, byte[] file) {
    return answer(
        client.post().uri(path).contentType(MediaType.APPLICATION_OCTET_STREAM).body(file));
  }

  /** A file that is made of what is sent. */
  public byte[] file(String path, String body) {
    return client
        .post()
        .uri(path)
        .contentType(MediaType.APPLICATION_JSON)
        .body(body)
        .retrieve()
        .body(byte[].class);
  }

  /** Fetches a file. */
  public byte[] file(String path) {
    return client.get().uri(path).retrieve().body(byte[].class);
  }

  /** Posts an act under a fresh key. */
  public Answer act(String path, Object body) {
    return act(path, body, UUID.randomUUID().toString());
  }

  public Answer act(String path, Object body, String key) {
    return post(path, json.writeValueAsString(body), Map.of("Idempotency-Key", key));
  }

  private Answer answer(RestClient.RequestHeadersSpec<?> request) {
    return request.exchange(
        (sent, response) -> {
          byte[] bytes = response.getBody().readAllBytes();
          boolean isJson = String.valueOf(response.getHeaders().getContentType()).contains("json");
          return new Answer(
              response.getStatusCode().value(),
              isJson ? json.readTree(bytes) : json.createObjectNode());
        });
  }

  @Override
  public void close() {
    context.close();
  }

  private static final class Shared {
    static final App ONLY = demo(0);
  }

  /** Hands one application to all tests that ask for it: they look, or change what is their own. */
  public static final class Extension implements ParameterResolver {
    @Override
    public boolean supportsParameter(ParameterContext parameter, ExtensionContext context) {
      return parameter.getParameter().getType() == App.class;
    }

    @Override
    public Object resolveParameter(ParameterContext parameter, ExtensionContext context) {
      // A store would close it after each class: the build runs them one by one.
      return Shared.ONLY;
    }
  }

  /** Hands an application to the tests of one class, which pour and change as they please. */
  public static final class OfClass implements ParameterResolver {
    @Override
    public boolean supportsParameter(ParameterContext parameter, ExtensionContext context) {
      return parameter.getParameter().getType() == App.class;
    }

    @Override
    public Object resolveParameter(ParameterContext parameter, ExtensionContext context) {
      return context
          .getParent()
          .orElseThrow()
          .getStore(ExtensionContext.Namespace.GLOBAL)
          .getOrComputeIfAbsent(App.class, type -> demo(0), App.class);
    }
  }
}
