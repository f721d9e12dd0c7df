package ironshelf.bench;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * A shelf of so many live pieces on a running empty shop, over HTTP: how long its data takes, and
 * how long after a new reading the moved gates are there. Half of the pieces stand in their moulds,
 * each pour of ten with a gate of its own; the others have been trimmed.
 */
public final class ShelfScale {

  private static final JsonMapper JSON = new JsonMapper();
  private static final int A_POUR = 10;
  private static final int A_MOULD = 100;
  private static final int TIMES = 40;

  private final HttpClient http = HttpClient.newHttpClient();
  private final String base;

  private ShelfScale(String base) {
    this.base = base;
  }

  /**
   * @param args address, then how many pieces; without a number it measures what is there
   */
  public static void main(String[] args) throws Exception {
    ShelfScale scale = new ShelfScale(args[0]);
    if (args.length > 1) {
      scale.fill(Integer.parseInt(args[1]));
    }
    scale.measure();
  }

  private void fill(int pieces) throws Exception {
    JsonNode made = post("/api/starting-recipes/rapid-neat-4-1", Map.of());
    long first = made.path("recipe").path("firstId").asLong();
    long colour =
        post(
                "/api/recipes/" + first + "/colourways",
                Map.of(
                    "name",
                    "Plain",
                    "swatch",
                    "#cccccc",
                    "waterOffsetPercent",
                    0,
                    "doses",
                    List.of()))
            .path("id")
            .asLong();
    for (int i = 0; i < pieces; i += A_MOULD) {
      mould(i / A_MOULD, first, colour, i < pieces / 2);
    }
  }

  /** A mould with its copies, all filled; emptied again where that is asked for. */
  private void mould(int number, long recipe, long colour, boolean emptied) throws Exception {
    long mould =
        post(
                "/api/moulds",
                JSON.readTree(
                    "{\"name\":\"Scale cup "
                        + number
                        + "\",\"family\":\"vessels\",\"kind\":\"silicone\",\"shape\":"
                        + "{\"cavity\":{\"kind\":\"cone\",\"topDiameterMm\":84,\"baseDiameterMm\":70,"
                        + "\"heightMm\":78},\"coreLiftMm\":0,\"coreOffsetMm\":0,\"inserts\":[],"
                        + "\"cavities\":1,\"moreCores\":[],\"parts\":[]},\"coreMassKg\":0,"
                        + "\"leastWallMm\":0,\"faces\":[]}"))
            .path("id")
            .asLong();
    long product =
        post(
                "/api/products",
                Map.of(
                    "name",
                    "Scale cup " + number,
                    "mouldId",
                    mould,
                    "recipeId",
                    recipe,
                    "minutesPerPiece",
                    0.1))
            .path("product")
            .path("id")
            .asLong();
    for (int i = 0; i < A_MOULD; i++) {
      post(
          "/api/moulds/" + mould + "/copies",
          Map.of("code", "S" + number + "C" + i, "castsBefore", 0));
    }
    List<JsonNode> copies = new ArrayList<>();
    get("/api/moulds/" + mould).path("copies").forEach(copies::add);
    for (int i = 0; i < A_MOULD; i += A_POUR) {
      JsonNode poured = pour(product, colour, copies.subList(i, i + A_POUR));
      if (emptied) {
        takeOut(poured.path("id").asLong());
      }
    }
  }

  private JsonNode pour(long product, long colour, List<JsonNode> copies) throws Exception {
    List<Long> ids = copies.stream().map(c -> c.path("id").asLong()).toList();
    JsonNode sheet =
        post(
            "/api/pours/sheet",
            Map.of(
                "fills",
                List.of(Map.of("productId", product, "copyIds", ids)),
                "colourwayId",
                colour));
    List<Map<String, Object>> weighOuts = new ArrayList<>();
    for (JsonNode line : sheet.path("layers").get(0).path("lines")) {
      weighOuts.add(
          Map.of(
              "materialId", line.path("materialId").asLong(),
              "actualKg", line.path("massKg").asDouble()));
    }
    return post(
        "/api/pours/recorded",
        Map.of(
            "fills",
            List.of(
                Map.of(
                    "productId",
                    product,
                    "copies",
                    copies.stream()
                        .map(
                            c ->
                                Map.of(
                                    "id",
                                    c.path("id").asLong(),
                                    "version",
                                    c.path("version").asLong()))
                        .toList())),
            "colourwayId",
            colour,
            "layers",
            List.of(Map.of("weighOuts", weighOuts)),
            "acceptShort",
            true));
  }

  private void takeOut(long pour) throws Exception {
    for (JsonNode group : get("/api/shelf").path("groups")) {
      if (group.path("key").asString().startsWith("pour-" + pour + "-")) {
        List<Map<String, Object>> casts = new ArrayList<>();
        for (JsonNode cast : group.path("casts")) {
          casts.add(
              Map.of(
                  "castId",
                  cast.path("id").asLong(),
                  "version",
                  cast.path("version").asLong(),
                  "pieces",
                  List.of(Map.of("massKg", 0.4))));
        }
        post("/api/shelf/take-out", Map.of("casts", casts, "earlyReason", "bench"));
      }
    }
  }

  private void measure() throws Exception {
    JsonNode shelf = get("/api/shelf");
    int pieces = 0;
    for (JsonNode group : shelf.path("groups")) {
      pieces += group.path("pieces").asInt();
    }
    System.out.printf(
        "%d pieces in %d groups, %d kB%n",
        pieces, shelf.path("groups").size(), shelf.toString().length() / 1024);
    double[] plain = new double[TIMES];
    double[] moved = new double[TIMES];
    for (int i = 0; i < TIMES; i++) {
      plain[i] = timed(() -> get("/api/shelf"));
      String at = get("/api/shelf").path("now").asString();
      double celsius = 15 + i % 10;
      moved[i] =
          timed(
              () -> {
                post(
                    "/api/temperatures/room/readings",
                    Map.of("readings", List.of(Map.of("at", at, "celsius", celsius))));
                return get("/api/shelf");
              });
    }
    print("the shelf's data", plain);
    print("a new reading, and the shelf's data with all gates moved", moved);
  }

  private static void print(String what, double[] ms) {
    Arrays.sort(ms);
    System.out.printf(
        "%s: %.0f ms median, %.0f ms at the 95th percentile%n",
        what, ms[ms.length / 2], ms[(int) (ms.length * 0.95)]);
  }

  private interface Call {
    JsonNode make() throws Exception;
  }

  private static double timed(Call call) throws Exception {
    long start = System.nanoTime();
    call.make();
    return (System.nanoTime() - start) / 1e6;
  }

  private JsonNode get(String path) throws Exception {
    return send(HttpRequest.newBuilder(URI.create(base + path)).build());
  }

  private JsonNode post(String path, Object body) throws Exception {
    return send(
        HttpRequest.newBuilder(URI.create(base + path))
            .header("Content-Type", "application/json")
            .header("Idempotency-Key", UUID.randomUUID().toString())
            .POST(HttpRequest.BodyPublishers.ofString(JSON.writeValueAsString(body)))
            .build());
  }

  private JsonNode send(HttpRequest request) throws Exception {
    HttpResponse<String> answer = http.send(request, HttpResponse.BodyHandlers.ofString());
    if (answer.statusCode() >= 300) {
      throw new IOException(request.uri() + ": " + answer.body());
    }
    return answer.body().isEmpty() ? JSON.createObjectNode() : JSON.readTree(answer.body());
  }
}
