package ironshelf.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import ironshelf.App;
import ironshelf.App.Answer;
import ironshelf.Pouring;
import ironshelf.Shelf;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/**
 * Random products of parts, to four levels, ordered, planned, made and joined in a shop of their
 * own; beside them a slow model that builds every piece by itself from what lies there.
 */
@Execution(ExecutionMode.CONCURRENT)
class PartsTreesTest {

  private static final int COPIES = 12;
  private static final int MOST_PIECES = 24;

  /** What is made of what: the first is the whole, each one takes only later ones. */
  private record Tree(List<Map<Integer, Integer>> parts) {

    static Tree random(Random random) {
      while (true) {
        List<Map<Integer, Integer>> parts = new ArrayList<>();
        int goods = 3 + random.nextInt(3);
        for (int i = 0; i < goods; i++) {
          parts.add(new TreeMap<>());
        }
        for (int i = 1; i < goods; i++) {
          // Under the one before it, so that it grows deep, or under any.
          parts.get(random.nextBoolean() ? i - 1 : random.nextInt(i)).put(i, 1 + random.nextInt(2));
        }
        if (random.nextBoolean()) {
          parts.get(0).putIfAbsent(goods - 1, 1);
        }
        Tree tree = new Tree(parts);
        if (tree.depth(0) <= 4
            && tree.made(2, new HashMap<>()).values().stream().allMatch(n -> n <= COPIES)
            && tree.made(2, new HashMap<>()).values().stream().mapToInt(n -> n).sum()
                <= MOST_PIECES) {
          return tree;
        }
      }
    }

    private int depth(int of) {
      return 1 + parts.get(of).keySet().stream().mapToInt(this::depth).max().orElse(0);
    }

    /** How many of each are made for so many wholes, one after the other. */
    Map<Integer, Integer> made(int wholes, Map<Integer, Integer> spare) {
      Map<Integer, Integer> made = new TreeMap<>();
      for (int i = 0; i < wholes; i++) {
        build(0, spare, made);
      }
      return made;
    }

    private void build(int good, Map<Integer, Integer> spare, Map<Integer, Integer> made) {
      if (spare.getOrDefault(good, 0) > 0) {
        spare.merge(good, -1, Integer::sum);
        return;
      }
      parts
          .get(good)
          .forEach(
              (part, quantity) -> {
                for (int i = 0; i < quantity; i++) {
                  build(part, spare, made);
                }
              });
      made.merge(good, 1, Integer::sum);
    }
  }

  @ParameterizedTest
  @ValueSource(ints = {1, 2, 4})
  void aShopMakesThemAsTheModelDoes(int seed) {
    Random random = new Random(seed);
    Tree tree = Tree.random(random);
    try (App app = App.empty()) {
      Shelf shelf = new Shelf(app);
      List<Long> ids = products(app, tree, random);
      stock(app);
      Map<String, Double> before = kg(app);
      int wholes = 1 + random.nextInt(2);
      int leaf = tree.parts.size() - 1;
      int spares = 1 + random.nextInt(2);
      List<Long> spare = finished(shelf, leaf, spares);
      long line = order(app, ids.get(0), wholes);
      app.post("/api/plan/run", "{\"seconds\":0}");
      Map<Integer, Integer> wanted = tree.made(wholes, new HashMap<>(Map.of(leaf, spares)));
      assertThat(planned(app)).as(tree.toString()).isEqualTo(wanted);

      Map<Integer, List<Long>> there = new HashMap<>(Map.of(leaf, spare));
      for (int good = leaf; good >= 0; good--) {
        int count = wanted.getOrDefault(good, 0);
        if (count > 0) {
          there.computeIfAbsent(good, g -> new ArrayList<>()).addAll(finished(shelf, good, count));
        }
      }
      conserved(app, before, kg(app), there.values().stream().flatMap(List::stream).toList());
      lineHasThem(app, line, there.get(0));
      app.post("/api/plan/run", "{\"seconds\":0}");
      assertThat(planned(app)).as("nothing is left to be poured").isEmpty();
    }
  }

  /** So many pieces of a good through their whole route, joins and all. */
  private static List<Long> finished(Shelf shelf, int good, int count) {
    List<Long> pieces = new ArrayList<>(shelf.takeOut(name(good), count));
    for (JsonNode at = shelf.groupOf(pieces.get(0));
        at != null && !at.path("step").isMissingNode();
        at = shelf.groupOf(pieces.get(0))) {
      shelf.next(pieces, at.path("step").asString());
    }
    return pieces;
  }

  private static String name(int good) {
    return "Good " + good;
  }

  /** Products from the last part up; wholes take their joint's mix, some are brushed twice. */
  private static List<Long> products(App app, Tree tree, Random random) {
    Map<Integer, Long> ids = new TreeMap<>();
    for (int good = tree.parts.size() - 1; good >= 0; good--) {
      Answer made =
          app.act(
              "/api/set-up/product",
              Map.of("shape", "pot", "mix", "sand-cement", "name", name(good), "copies", COPIES));
      assertThat(made.status()).as(made.body().toString()).isEqualTo(201);
      long id = Pouring.product(app, name(good)).path("product").path("id").asLong();
      ids.put(good, id);
      List<Map<String, Object>> steps = new ArrayList<>();
      List.of("pour", "set", "demould").forEach(step -> steps.add(Map.of("step", step)));
      if (!tree.parts.get(good).isEmpty()) {
        List<Map<String, Object>> parts = new ArrayList<>();
        tree.parts
            .get(good)
            .forEach(
                (part, quantity) ->
                    parts.add(Map.of("productId", ids.get(part), "quantity", quantity)));
        steps.add(
            Map.of(
                "step",
                "join",
                "attendedMin",
                10,
                "mixKg",
                0.1 + random.nextInt(4) / 10.0,
                "parts",
                parts));
      }
      for (int i = random.nextInt(3); i > 0; i--) {
        steps.add(Map.of("step", "brush"));
      }
      steps.add(Map.of("step", good == 0 ? "pack" : "brush"));
      String path = "/api/products/" + id + "/route";
      long seen = app.get(path).path("route").path("id").asLong();
      Answer kept = app.put(path, Map.of("steps", steps), "\"" + seen + "\"");
      assertThat(kept.status()).as(kept.body().toString()).isEqualTo(200);
    }
    return List.copyOf(ids.values());
  }

  private static void stock(App app) {
    for (JsonNode stock : app.get("/api/materials")) {
      if (!stock.path("material").path("role").asString().equals("water")) {
        app.act(
            "/api/materials/" + stock.path("material").path("id").asLong() + "/lots",
            Map.of("massKg", 1_000, "price", 500));
      }
    }
  }

  private static Map<String, Double> kg(App app) {
    Map<String, Double> kg = new LinkedHashMap<>();
    for (JsonNode stock : app.get("/api/materials")) {
      if (!stock.path("material").path("role").asString().equals("water")) {
        kg.put(
            stock.path("material").path("name").asString(), stock.path("remainingKg").asDouble());
      }
    }
    return kg;
  }

  private static long order(App app, long product, int quantity) {
    long customer =
        app.act("/api/customers", Map.of("name", "Garden house")).body().path("id").asLong();
    JsonNode page = Pouring.product(app, name(0));
    JsonNode order =
        app.act(
                "/api/orders",
                Map.of(
                    "customerId", customer,
                    "due",
                        LocalDate.ofInstant(App.now(), java.time.ZoneOffset.UTC)
                            .plusDays(90)
                            .toString(),
                    "lines",
                        List.of(
                            Map.of(
                                "productId",
                                product,
                                "colourwayId",
                                page.path("colourways").get(0).path("id").asLong(),
                                "quantity",
                                quantity,
                                "price",
                                100))))
            .body();
    return order.path("lines").get(0).path("id").asLong();
  }

  private static Map<Integer, Integer> planned(App app) {
    Map<Integer, Integer> pieces = new TreeMap<>();
    for (JsonNode cast : app.plan().path("casts")) {
      pieces.merge(
          Integer.parseInt(cast.path("product").asString().substring(5)),
          cast.path("pieces").asInt(),
          Integer::sum);
    }
    return pieces;
  }

  /** Every gram that left the stock is in one piece and no other, and so is what it cost. */
  private static void conserved(
      App app, Map<String, Double> before, Map<String, Double> after, List<Long> pieces) {
    Map<String, Double> found = new HashMap<>();
    double cost = 0;
    double wholes = 0;
    for (long id : pieces) {
      JsonNode use = app.get("/api/use/pieces/" + id);
      for (String rows : List.of("rows", "stepRows")) {
        for (JsonNode row : use.path(rows)) {
          String kg = rows.equals("rows") ? "actualKg" : "massKg";
          found.merge(row.path("material").asString(), row.path(kg).asDouble(), Double::sum);
        }
      }
      JsonNode own = use.path("cost");
      for (String part : List.of("materials", "mouldWear", "goods", "labour", "scrap")) {
        cost += own.path(part).asDouble();
      }
      if (!use.path("piece").has("joinedInto")) {
        wholes += use.path("total").asDouble();
      }
    }
    before.forEach(
        (material, kg) ->
            assertThat(found.getOrDefault(material, 0.0))
                .as(material)
                .isCloseTo(kg - after.get(material), within(0.002 * pieces.size())));
    assertThat(wholes).isPositive().isCloseTo(cost, within(1e-2));
  }

  private static void lineHasThem(App app, long line, List<Long> wholes) {
    assertThat(
            app.act("/api/order-lines/" + line + "/allotments", Map.of("pieceIds", wholes))
                .status())
        .isEqualTo(200);
    for (long id : wholes) {
      for (JsonNode part : app.get("/api/use/pieces/" + id).path("parts")) {
        assertThat(
                app.act(
                        "/api/order-lines/" + line + "/allotments",
                        Map.of("pieceIds", List.of(part.path("pieceId").asLong())))
                    .status())
            .as("a part goes nowhere by itself")
            .isGreaterThanOrEqualTo(400);
      }
    }
  }
}
