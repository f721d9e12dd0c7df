package ironshelf.store;

import ironshelf.core.quantity.RefusedException;
import ironshelf.http.json.CoreMapper;
import java.lang.reflect.Type;
import java.util.stream.Collectors;
import org.hibernate.type.format.AbstractJsonFormatMapper;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;

/**
 * How a value is kept in a JSON column: {@code {"version":1,"content":...}}. What was written
 * before documents had versions is version 0. An older document is lifted to the newest version
 * before it is read; what is damaged, newer than this program, or not whole is never read as
 * something else.
 */
final class DocumentFormat extends AbstractJsonFormatMapper {

  private static final String VERSION = "version";
  private static final String CONTENT = "content";

  private record Document(int version, Object content) {}

  private final CoreMapper mapper = new CoreMapper();
  private final Upcasters upcasters;

  DocumentFormat(Upcasters upcasters) {
    this.upcasters = upcasters;
  }

  @Override
  @SuppressWarnings({"unchecked", "TypeParameterUnusedInFormals"}) // As Hibernate declares it.
  protected <T> T fromString(CharSequence text, Type type) {
    return (T) read(text.toString(), type);
  }

  @Override
  protected <T> String toString(T value, Type type) {
    return mapper.text(new Document(upcasters.newest(type), value));
  }

  /**
   * @throws UnreadableException where it is not a whole document of that type
   */
  Object read(String text, Type type) {
    try {
      JsonNode document = mapper.tree(text);
      boolean versioned =
          document.isObject()
              && document.size() == 2
              && document.path(VERSION).isInt()
              && document.has(CONTENT);
      int version = versioned ? document.path(VERSION).asInt() : 0;
      if (version > upcasters.newest(type)) {
        throw new UnreadableException(
            type,
            VERSION,
            "it is of version "
                + version
                + ", and this program knows none above "
                + upcasters.newest(type),
            null);
      }
      JsonNode content = versioned ? document.path(CONTENT) : document;
      Object value = mapper.value(upcasters.lift(content, type, version), type);
      String missing = Whole.missingIn(value);
      if (missing != null) {
        throw new UnreadableException(type, missing, missing + " is missing", null);
      }
      return value;
    } catch (JacksonException | RefusedException e) {
      throw new UnreadableException(type, place(e), firstLine(e), e);
    }
  }

  private static String place(RuntimeException e) {
    String path =
        e instanceof JacksonException read
            ? read.getPath().stream()
                .map(p -> p.getPropertyName() == null ? "" + p.getIndex() : p.getPropertyName())
                .collect(Collectors.joining("."))
            : "";
    return path.isEmpty() ? "all of it" : path;
  }

  private static String firstLine(RuntimeException e) {
    return String.valueOf(e.getMessage()).lines().findFirst().orElse("it is empty");
  }
}
