package ironshelf.wire;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Requests that somebody could send who knows the API's document and means no good, from a seed:
 * right paths with wrong values, bodies and heads.
 */
final class RandomRequests {

  /** A request as bytes of HTTP/1.1, and what it was made from. */
  record Sent(String operation, String text) {}

  private record Operation(String method, String path, JsonNode description) {}

  private static final List<String> ODD =
      List.of(
          "1",
          "0",
          "-1",
          "999999999999999999999",
          "1e9",
          "NaN",
          "null",
          "true",
          "%00",
          "%zz",
          "%",
          "%E0%A4%A",
          "..%2F..",
          "'%20or%201=1--",
          "%3Cscript%3E",
          "%F0%9F%92%A9",
          "",
          "2026-02-30",
          "0000-00-00",
          "9999-12-31",
          "-292275055-05-16",
          "a".repeat(300),
          "[]",
          "{}",
          "1,2,3",
          "name,asc",
          "nosuch,desc",
          "id;drop",
          "=1%2B1",
          "%0d%0aX:%201");

  private static final List<String> TYPES =
      List.of(
          "application/json",
          "application/json",
          "application/json",
          "application/json;charset=nonsense",
          "text/plain",
          "text/csv",
          "*/*",
          "multipart/form-data",
          "multipart/form-data; boundary=x",
          "application/x-www-form-urlencoded",
          "application/yaml",
          "application/xml",
          "image/png",
          "nonsense",
          "");

  private static final List<String> ACCEPTED =
      List.of("*/*", "*/*", "application/json", "text/html", "image/png", "nonsense", "text/csv");

  private final Random random;
  private final JsonNode document;
  private final List<Operation> operations = new ArrayList<>();

  RandomRequests(JsonNode document, long seed) {
    this.document = document;
    this.random = new Random(seed);
    document
        .path("paths")
        .properties()
        .forEach(
            path ->
                path.getValue()
                    .properties()
                    .forEach(
                        o -> {
                          // Streams do not end, and the other shop would be another application.
                          boolean ends =
                              !o.getValue().path("responses").toString().contains("event-stream")
                                  && !path.getKey().equals("/api/other-shop");
                          if (ends) {
                            operations.add(
                                new Operation(
                                    o.getKey().toUpperCase(java.util.Locale.ROOT),
                                    path.getKey(),
                                    o.getValue()));
                          }
                        }));
  }

  int operations() {
    return operations.size();
  }

  /** The n-th; each operation in its turn. */
  Sent next(int n) {
    Operation operation = operations.get(n % operations.size());
    String path = operation.path();
    List<String> query = new ArrayList<>();
    for (JsonNode parameter : operation.description().path("parameters")) {
      String name = parameter.path("name").asString();
      switch (parameter.path("in").asString()) {
        case "path" -> path = path.replace("{" + name + "}", inPath());
        case "query" -> {
          if (random.nextInt(3) > 0) {
            query.add(name + "=" + odd());
          }
        }
        default -> {}
      }
    }
    if (random.nextInt(6) == 0) {
      query.add(odd() + "=" + odd());
    }
    if (random.nextInt(4) == 0) {
      query.add("sort=" + odd() + "&size=" + odd() + "&page=" + odd());
    }
    String target = path + (query.isEmpty() ? "" : "?" + String.join("&", query));
    Map<String, String> heads = new LinkedHashMap<>();
    heads.put("Host", "127.0.0.1");
    heads.put("Connection", "close");
    heads.put("Accept", one(ACCEPTED));
    if (random.nextInt(3) == 0) {
      heads.put("If-Match", random.nextBoolean() ? "\"" + random.nextInt(9) + "\"" : odd());
    }
    if (random.nextInt(2) == 0) {
      heads.put("Idempotency-Key", random.nextInt(3) == 0 ? odd() : "k" + random.nextLong());
    }
    String body = "";
    if (!operation.method().equals("GET")) {
      body = body(operation);
      heads.put("Content-Type", random.nextInt(3) == 0 ? one(TYPES) : "application/json");
      heads.put(
          "Content-Length",
          String.valueOf(body.getBytes(java.nio.charset.StandardCharsets.UTF_8).length));
    }
    StringBuilder text = new StringBuilder();
    text.append(operation.method()).append(' ').append(target.replace(" ", "%20"));
    text.append(" HTTP/1.1\r\n");
    heads.forEach((name, value) -> text.append(name).append(": ").append(value).append("\r\n"));
    text.append("\r\n").append(body);
    return new Sent(operation.method() + " " + target, text.toString());
  }

  private String inPath() {
    return random.nextInt(3) > 0 ? String.valueOf(1 + random.nextInt(12)) : odd();
  }

  private String odd() {
    return one(ODD);
  }

  private <T> T one(List<T> of) {
    return of.get(random.nextInt(of.size()));
  }

  private String body(Operation operation) {
    JsonNode schema =
        operation
            .description()
            .path("requestBody")
            .path("content")
            .path("application/json")
            .path("schema");
    return switch (random.nextInt(12)) {
      case 0 -> "";
      case 1 -> "{";
      case 2 -> "[]";
      case 3 -> "null";
      case 4 -> "\u0000\u0001binary\uffff";
      case 5 -> "[".repeat(3_000);
      default -> new JsonMapper().writeValueAsString(value(schema, 0));
    };
  }

  /** Something of a schema's kind, at times of another. */
  private Object value(JsonNode schema, int depth) {
    JsonNode named = schema;
    while (named.has("$ref")) {
      String ref = named.path("$ref").asString();
      String name = ref.substring(ref.lastIndexOf('/') + 1);
      named = document.path("components").path("schemas").path(name);
    }
    if (named.has("oneOf") || named.has("anyOf")) {
      JsonNode all = named.has("oneOf") ? named.path("oneOf") : named.path("anyOf");
      return value(all.get(random.nextInt(all.size())), depth + 1);
    }
    if (random.nextInt(8) == 0 || depth > 6) {
      return odds();
    }
    if (named.has("enum")) {
      return named.path("enum").get(random.nextInt(named.path("enum").size())).asString();
    }
    String type = named.path("type").asString();
    return switch (type) {
      case "object" -> object(named, depth);
      case "array" -> array(named, depth);
      case "integer" -> random.nextInt(3) == 0 ? random.nextInt(9) - 3 : 1 + random.nextInt(9);
      case "number" -> random.nextInt(3) == 0 ? -5e10 * random.nextDouble() : random.nextInt(100);
      case "boolean" -> random.nextBoolean();
      case "string" -> random.nextInt(3) == 0 ? odd() : "2026-03-0" + (1 + random.nextInt(9));
      default -> odds();
    };
  }

  private Map<String, Object> object(JsonNode schema, int depth) {
    Map<String, Object> object = new LinkedHashMap<>();
    schema
        .path("properties")
        .properties()
        .forEach(
            p -> {
              if (random.nextInt(10) > 0) {
                object.put(p.getKey(), value(p.getValue(), depth + 1));
              }
            });
    return object;
  }

  private List<Object> array(JsonNode schema, int depth) {
    List<Object> list = new ArrayList<>();
    for (int i = random.nextInt(3); i > 0; i--) {
      list.add(value(schema.path("items"), depth + 1));
    }
    return list;
  }

  private Object odds() {
    return switch (random.nextInt(7)) {
      case 0 -> List.of();
      case 1 -> Map.of();
      case 2 -> -1;
      case 3 -> 1e300;
      case 4 -> "=cmd|' /C calc'!A0";
      case 5 -> false;
      default -> "x".repeat(500);
    };
  }
}
