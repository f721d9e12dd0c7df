package ironshelf.http.json;

import ironshelf.core.quantity.Finding;
import ironshelf.core.quantity.RefusedException;
import java.util.Arrays;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.JavaType;
import tools.jackson.databind.deser.DeserializationProblemHandler;
import tools.jackson.databind.deser.ValueInstantiator;
import tools.jackson.databind.jsontype.TypeIdResolver;

/**
 * Lets binding go on past a bad value: notes what was found and puts nothing in its place. {@link
 * BindingAdvice} refuses the request when the whole body is read.
 */
final class CollectingHandler extends DeserializationProblemHandler {

  @Override
  public @Nullable Object handleInstantiationProblem(
      DeserializationContext context, Class<?> type, @Nullable Object argument, Throwable cause) {
    for (Throwable at = cause; at != null; at = at.getCause()) {
      if (at instanceof RefusedException refused) {
        String here = BindingFindings.path(context.getParser());
        // What travels as a list of numbers is made while the parser stands at its last number.
        String path = CoreJson.LISTS.contains(type) ? here.replaceFirst("\\.\\d+$", "") : here;
        for (Finding finding : refused.findings()) {
          BindingFindings.add(finding.under(path));
        }
        return null;
      }
    }
    return NOT_HANDLED;
  }

  @Override
  public @Nullable Object handleUnexpectedToken(
      DeserializationContext context,
      JavaType type,
      JsonToken token,
      JsonParser parser,
      @Nullable String message) {
    BindingFindings.unreadable(parser, BindingFindings.seen(parser), wanted(type.getRawClass()));
    parser.skipChildren();
    return null;
  }

  @Override
  public @Nullable Object handleMissingInstantiator(
      DeserializationContext context,
      Class<?> type,
      ValueInstantiator instantiator,
      JsonParser parser,
      @Nullable String message) {
    BindingFindings.unreadable(parser, BindingFindings.seen(parser), wanted(type));
    parser.skipChildren();
    return null;
  }

  @Override
  public @Nullable Object handleWeirdStringValue(
      DeserializationContext context, Class<?> type, String value, @Nullable String message) {
    BindingFindings.unreadable(context.getParser(), value, wanted(type));
    return null;
  }

  @Override
  public @Nullable Object handleWeirdNumberValue(
      DeserializationContext context, Class<?> type, Number value, @Nullable String message) {
    BindingFindings.unreadable(context.getParser(), value, wanted(type));
    return null;
  }

  @Override
  public boolean handleUnknownProperty(
      DeserializationContext context,
      JsonParser parser,
      tools.jackson.databind.@Nullable ValueDeserializer<?> deserializer,
      Object bean,
      String name) {
    BindingFindings.unreadable(parser, "an unknown field", "one of the documented fields");
    parser.skipChildren();
    return true;
  }

  @Override
  public @Nullable JavaType handleUnknownTypeId(
      DeserializationContext context,
      JavaType base,
      String id,
      TypeIdResolver resolver,
      @Nullable String message) {
    BindingFindings.unreadable(
        context.getParser(), "kind " + id, "one of " + resolver.getDescForKnownTypeIds());
    return context.constructType(Void.class);
  }

  @Override
  public @Nullable JavaType handleMissingTypeId(
      DeserializationContext context,
      JavaType base,
      TypeIdResolver resolver,
      @Nullable String message) {
    BindingFindings.unreadable(
        context.getParser(), "no kind", "kind as one of " + resolver.getDescForKnownTypeIds());
    return context.constructType(Void.class);
  }

  private static String wanted(Class<?> type) {
    if (type.isEnum()) {
      return "one of " + Arrays.stream(type.getEnumConstants()).map(EnumNames::of).toList();
    }
    if (Number.class.isAssignableFrom(type) || type.isPrimitive()) {
      return "a number";
    }
    return Iterable.class.isAssignableFrom(type)
        ? "a list"
        : type == String.class ? "a text" : "an object";
  }
}
