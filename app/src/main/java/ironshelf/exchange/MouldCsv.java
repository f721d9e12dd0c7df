package ironshelf.exchange;

import ironshelf.mould.NewMould;
import java.math.RoundingMode;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * A mould as a row: its own fields by name, the fields of its cavity and core behind {@code
 * cavity_} and {@code core_}, lists as JSON in one cell, so that every shape goes out and comes
 * back whole.
 */
@Component
class MouldCsv {

  private static final Set<String> OF_SHAPE =
      Set.of("coreLiftMm", "coreOffsetMm", "cavities", "inserts", "moreCores", "parts");
  private static final List<String> SOLIDS = List.of("cavity", "core");

  private final JsonMapper json;

  MouldCsv(JsonMapper json) {
    this.json = json;
  }

  Map<String, String> row(NewMould mould) {
    ObjectNode tree = json.valueToTree(mould);
    ObjectNode shape = (ObjectNode) tree.remove("shape");
    Map<String, String> row = new LinkedHashMap<>();
    tree.properties().forEach(f -> put(row, f.getKey(), f.getValue()));
    for (String solid : SOLIDS) {
      JsonNode of = shape.remove(solid);
      if (of != null && of.isObject()) {
        of.properties().forEach(f -> put(row, solid + "_" + f.getKey(), f.getValue()));
      }
    }
    shape.properties().forEach(f -> put(row, f.getKey(), f.getValue()));
    return row;
  }

  private static void put(Map<String, String> row, String name, JsonNode value) {
    boolean empty = value.isNull() || (value.isArray() && value.isEmpty());
    if (!empty) {
      row.put(snake(name), cell(value));
    }
  }

  /** A value as a cell: a whole number as people write it, without the point of a fraction. */
  static String cell(JsonNode value) {
    if (value.isDouble() && value.asDouble() == Math.rint(value.asDouble())) {
      return value.decimalValue().setScale(0, RoundingMode.UNNECESSARY).toPlainString();
    }
    return value.isValueNode() ? value.asString() : value.toString();
  }

  /** The row as the mould's JSON, to be read and judged like any other. */
  ObjectNode tree(Map<String, String> row) {
    ObjectNode tree = json.createObjectNode();
    ObjectNode shape = tree.putObject("shape");
    row.forEach(
        (column, cell) -> {
          for (String solid : SOLIDS) {
            if (column.startsWith(solid + "_")
                && !OF_SHAPE.contains(camel(column))
                && !column.equals("core_mass_kg")) {
              ObjectNode of =
                  shape.get(solid) instanceof ObjectNode known ? known : shape.putObject(solid);
              of.set(camel(column.substring(solid.length() + 1)), value(cell));
              return;
            }
          }
          (OF_SHAPE.contains(camel(column)) ? shape : tree).set(camel(column), value(cell));
        });
    // Spreadsheets leave out what is usual.
    shape.putIfAbsent("coreLiftMm", json.getNodeFactory().numberNode(0));
    shape.putIfAbsent("coreOffsetMm", json.getNodeFactory().numberNode(0));
    shape.putIfAbsent("cavities", json.getNodeFactory().numberNode(1));
    return tree;
  }

  private JsonNode value(String cell) {
    try {
      if (cell.startsWith("[") || cell.startsWith("{") || cell.matches("-?\\d+(\\.\\d+)?")) {
        return json.readTree(cell);
      }
    } catch (JacksonException notJson) {
      // Then it is text, and whatever it should have been will say so.
    }
    return json.getNodeFactory().stringNode(cell);
  }

  static String snake(String camel) {
    return camel.replaceAll("([A-Z])", "_$1").toLowerCase(java.util.Locale.ROOT);
  }

  static String camel(String snake) {
    StringBuilder camel = new StringBuilder();
    for (String word : snake.split("_", -1)) {
      camel.append(
          camel.isEmpty() || word.isEmpty()
              ? word
              : Character.toUpperCase(word.charAt(0)) + word.substring(1));
    }
    return camel.toString();
  }
}
