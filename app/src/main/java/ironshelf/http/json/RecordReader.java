package ironshelf.http.json;

import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Reads a record from a tree as it would be read from a request's body, all findings at once. */
@Component
public class RecordReader {

  private final JsonMapper json;

  RecordReader(JsonMapper json) {
    this.json = json;
  }

  /**
   * @throws ironshelf.core.quantity.RefusedException with all that was found wrong
   */
  public <T> T read(JsonNode tree, Class<T> type) {
    try {
      T value = json.treeToValue(tree, type);
      BindingFindings.take().orRefuse();
      return value;
    } catch (JacksonException e) {
      // What was found before it gave up says more, and is nothing of what is read next.
      BindingFindings.take().orRefuse();
      throw e;
    }
  }
}
