package ironshelf.store;

import java.lang.reflect.ParameterizedType;
import java.lang.reflect.Type;
import org.jspecify.annotations.Nullable;

/** A stored document that is not what its column holds. */
final class UnreadableException extends RuntimeException {

  private static final long serialVersionUID = 1L;

  private final transient Type type;
  private final String place;

  /**
   * @param place the part of the document that is not as it should be
   * @param why for those who keep the program
   */
  UnreadableException(Type type, String place, String why, @Nullable Throwable cause) {
    super(name(type) + ": " + why, cause);
    this.type = type;
    this.place = place;
  }

  Type type() {
    return type;
  }

  String place() {
    return place;
  }

  private static String name(Type type) {
    if (type instanceof ParameterizedType of) {
      Type[] arguments = of.getActualTypeArguments();
      return name(of.getRawType()) + " of " + name(arguments[arguments.length - 1]);
    }
    return type instanceof Class<?> known ? known.getSimpleName() : type.getTypeName();
  }
}
