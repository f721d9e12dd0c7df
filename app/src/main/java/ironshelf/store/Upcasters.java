package ironshelf.store;

import java.lang.reflect.Type;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * How documents of each released version become the next one, by what they hold. A record that
 * changes so that an older document no longer reads gets a step here, and a file of the version
 * before among the tests' golden files.
 *
 * @param steps from version 0 on; a type without an entry has one version beyond 0, the same but
 *     for its envelope
 */
record Upcasters(Map<String, List<UnaryOperator<JsonNode>>> steps) {

  static Upcasters released() {
    return new Upcasters(
        Map.of(
            "ironshelf.core.mould.MouldShape", List.of(Upcasters::measuredCore),
            "ironshelf.plan.basis.PlanContent", List.of(Upcasters::withoutBasis)));
  }

  Upcasters {
    steps = Map.copyOf(steps);
  }

  int newest(Type type) {
    return of(type).size();
  }

  JsonNode lift(JsonNode content, Type type, int version) {
    JsonNode lifted = content;
    for (UnaryOperator<JsonNode> step : of(type).subList(version, newest(type))) {
      lifted = step.apply(lifted);
    }
    return lifted;
  }

  private List<UnaryOperator<JsonNode>> of(Type type) {
    return steps.getOrDefault(type.getTypeName(), List.of(UnaryOperator.identity()));
  }

  /** A core that was measured was a solid like others; its volume stands beside them now. */
  private static JsonNode measuredCore(JsonNode shape) {
    JsonNode core = shape.path("core");
    if (!core.path("kind").asString("").equals("measured")) {
      return shape;
    }
    ObjectNode lifted = (ObjectNode) shape.deepCopy();
    lifted.remove("core");
    lifted.set("coreL", core.path("volumeL"));
    return lifted;
  }

  /**
   * A plan was told from the shop's facts by a print of them; now the facts say when they change.
   */
  private static JsonNode withoutBasis(JsonNode plan) {
    ObjectNode lifted = (ObjectNode) plan.deepCopy();
    lifted.remove("basis");
    return lifted;
  }
}
