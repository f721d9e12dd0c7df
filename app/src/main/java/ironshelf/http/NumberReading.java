package ironshelf.http;

import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.deser.std.StdDeserializer;

/**
 * Reads JSON numbers and nothing else: text that looks like a number is refused, so that "1,250"
 * never slips in. A number that is not there becomes what {@code missing} says: NaN for those that
 * {@code core} guards, null for those that may be left out.
 */
final class NumberReading<T> extends StdDeserializer<T> {

  private final transient Function<JsonParser, T> read;
  private final transient @Nullable T missing;

  private NumberReading(Class<T> type, Function<JsonParser, T> read, @Nullable T missing) {
    super(type);
    this.read = read;
    this.missing = missing;
  }

  static NumberReading<Double> primitiveDouble() {
    return new NumberReading<>(Double.TYPE, JsonParser::getDoubleValue, Double.NaN);
  }

  static NumberReading<Double> boxedDouble() {
    return new NumberReading<>(Double.class, JsonParser::getDoubleValue, null);
  }

  @Override
  public @Nullable T deserialize(JsonParser parser, DeserializationContext context) {
    JsonToken token = parser.currentToken();
    if (token.isNumeric()) {
      return read.apply(parser);
    }
    BindingFindings.unreadable(
        parser, token.isScalarValue() ? parser.getString() : token, "a number");
    parser.skipChildren();
    return missing;
  }

  @Override
  public @Nullable T getNullValue(DeserializationContext context) {
    return missing;
  }

  @Override
  public @Nullable Object getAbsentValue(DeserializationContext context) {
    return missing;
  }
}
