package ironshelf.store;

import java.lang.reflect.Method;
import java.lang.reflect.RecordComponent;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.jspecify.annotations.Nullable;

/** Whether all that a record must have is there: what may be missing is marked so. */
final class Whole {

  private static final Map<Class<?>, Part[]> KNOWN = new ConcurrentHashMap<>();

  private Whole() {}

  private record Part(String name, Method accessor, boolean mayBeMissing) {}

  /** The path of the first part that is missing; null where it is whole. */
  static @Nullable String missingIn(@Nullable Object value) {
    if (value == null) {
      return "all of it";
    }
    return missingIn(value, "");
  }

  private static @Nullable String missingIn(Object value, String path) {
    if (value instanceof Record) {
      return missingInRecord(value, path);
    }
    Iterable<?> entries =
        value instanceof Iterable<?> list && !(value instanceof tools.jackson.databind.JsonNode)
            ? list
            : value instanceof Map<?, ?> map ? map.values() : java.util.List.of();
    int at = 0;
    for (Object entry : entries) {
      String here = path + "[" + at++ + "]";
      String missing = entry == null ? here : missingIn(entry, here);
      if (missing != null) {
        return missing;
      }
    }
    return null;
  }

  private static @Nullable String missingInRecord(Object value, String path) {
    for (Part part : KNOWN.computeIfAbsent(value.getClass(), Whole::parts)) {
      String here = path.isEmpty() ? part.name : path + "." + part.name;
      Object held = held(part, value);
      if (held == null && !part.mayBeMissing) {
        return here;
      }
      String missing = held == null ? null : missingIn(held, here);
      if (missing != null) {
        return missing;
      }
    }
    return null;
  }

  private static @Nullable Object held(Part part, Object value) {
    try {
      return part.accessor.invoke(value);
    } catch (ReflectiveOperationException e) {
      throw new IllegalStateException(part.name, e);
    }
  }

  private static Part[] parts(Class<?> type) {
    RecordComponent[] components = type.getRecordComponents();
    Part[] parts = new Part[components.length];
    for (int i = 0; i < parts.length; i++) {
      Method accessor = components[i].getAccessor();
      accessor.setAccessible(true);
      parts[i] =
          new Part(
              components[i].getName(),
              accessor,
              components[i].getAnnotatedType().isAnnotationPresent(Nullable.class));
    }
    return parts;
  }
}
