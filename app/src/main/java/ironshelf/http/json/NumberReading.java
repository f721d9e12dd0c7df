package ironshelf.http.json;

import java.math.BigDecimal;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.core.exc.InputCoercionException;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.deser.std.StdDeserializer;
import tools.jackson.databind.module.SimpleModule;

/**
 * Reads JSON numbers (and true and false) and nothing else: text that looks like a number is
 * refused, so that "1,250" never slips in. A number that is not there becomes NaN where {@code
 * core} guards it, and null where it may be left out.
 */
final class NumberReading<T> extends StdDeserializer<T> {

  /** Gets a number from the token at hand. */
  private interface Reader<T> {
    T read(JsonParser parser);
  }

  private final transient Predicate<JsonToken> right;
  private final transient Reader<T> reader;
  private final transient @Nullable T missing;
  private final String wanted;
  private final transient Misread misread;

  private NumberReading(
      Misread misread,
      Class<T> type,
      Predicate<JsonToken> right,
      Reader<T> reader,
      @Nullable T missing,
      String wanted) {
    super(type);
    this.misread = misread;
    this.right = right;
    this.reader = reader;
    this.missing = missing;
    this.wanted = wanted;
  }

  static SimpleModule module(Misread misread) {
    return new SimpleModule("ironshelf-numbers")
        .addDeserializer(
            Double.TYPE, number(misread, Double.TYPE, JsonParser::getDoubleValue, Double.NaN))
        .addDeserializer(
            Double.class, number(misread, Double.class, JsonParser::getDoubleValue, null))
        .addDeserializer(
            BigDecimal.class, number(misread, BigDecimal.class, JsonParser::getDecimalValue, null))
        .addDeserializer(Boolean.class, trueOrFalse(misread))
        .addDeserializer(Long.class, whole(misread, Long.class, JsonParser::getLongValue, null))
        .addDeserializer(Long.TYPE, whole(misread, Long.TYPE, JsonParser::getLongValue, 0L))
        .addDeserializer(Integer.TYPE, whole(misread, Integer.TYPE, JsonParser::getIntValue, 0))
        .addDeserializer(
            Integer.class, whole(misread, Integer.class, JsonParser::getIntValue, null));
  }

  private static NumberReading<Boolean> trueOrFalse(Misread misread) {
    return new NumberReading<>(
        misread,
        Boolean.class,
        JsonToken::isBoolean,
        JsonParser::getBooleanValue,
        null,
        "true or false");
  }

  private static <T> NumberReading<T> number(
      Misread misread, Class<T> type, Reader<T> reader, @Nullable T missing) {
    return new NumberReading<>(misread, type, JsonToken::isNumeric, reader, missing, "a number");
  }

  private static <T> NumberReading<T> whole(
      Misread misread, Class<T> type, Reader<T> reader, @Nullable T missing) {
    return new NumberReading<>(
        misread,
        type,
        token -> token == JsonToken.VALUE_NUMBER_INT,
        reader,
        missing,
        "a whole number");
  }

  @Override
  public @Nullable T deserialize(JsonParser parser, DeserializationContext context) {
    JsonToken token = parser.currentToken();
    if (right.test(token)) {
      try {
        return reader.read(parser);
      } catch (InputCoercionException tooManyDigits) {
        misread.found(parser, parser.getString(), wanted);
        return missing;
      }
    }
    misread.found(parser, BindingFindings.seen(parser), wanted);
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
