package ironshelf.http.json;

import org.jspecify.annotations.Nullable;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DatabindException;

/** What is done about a value that is not what was wanted. */
@FunctionalInterface
interface Misread {

  /** Noted, so that reading goes on and all of it is told at once. */
  Misread NOTED = BindingFindings::unreadable;

  /** The end of it. */
  Misread THROWN =
      (parser, value, wanted) -> {
        throw DatabindException.from(
            parser, BindingFindings.path(parser) + " is " + value + ", not " + wanted);
      };

  void found(JsonParser parser, @Nullable Object value, String wanted);
}
