package ironshelf.pour.script;

import ironshelf.App;
import java.util.HashMap;
import java.util.Map;
import java.util.concurrent.atomic.AtomicInteger;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/** Facts as a bench notes them, each with a key of its own. */
final class BenchFacts {

  private static final AtomicInteger FACTS = new AtomicInteger();

  private BenchFacts() {}

  static Map<String, Object> fact(String kind, Map<String, ?> values) {
    Map<String, Object> what = new HashMap<>(values);
    what.put("kind", kind);
    return Map.of("key", "f" + FACTS.incrementAndGet(), "at", App.now().toString(), "what", what);
  }

  static Map<String, Object> weighed(JsonNode step, double kg) {
    return weighedRaw(step.path("key").asString(), kg);
  }

  static Map<String, Object> weighedRaw(String line, double kg) {
    return fact("weighed", Map.of("line", line, "kg", kg, "source", "scale", "more", false));
  }

  /** Binder that goes in besides the sheet. */
  static Map<String, Object> putIn(String mix, String material, double kg) {
    Map<String, Object> values = new HashMap<>();
    values.put("mix", mix);
    values.put("material", material);
    values.put("role", "binder");
    values.put("kg", kg);
    values.put("litresPerKg", 0.33);
    values.put("source", "scale");
    return fact("putIn", values);
  }

  static Map<String, Object> filled(String copy, boolean all, @Nullable Double kg) {
    return fact("filled", filledValues(copy, all, kg));
  }

  static Map<String, Object> filledValues(String copy, boolean all, @Nullable Double kg) {
    Map<String, Object> values = new HashMap<>();
    values.put("copy", copy);
    values.put("batch", "b1");
    values.put("all", all);
    if (kg != null) {
      values.put("kg", kg);
    }
    return values;
  }
}
