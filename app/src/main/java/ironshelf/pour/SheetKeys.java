package ironshelf.pour;

import ironshelf.http.problem.ProblemException;
import java.util.Map;

/**
 * Translates between ids of the shop and the keys that a pour sheet and its facts know them by: the
 * sums in {@code core} do not know what a key stands for.
 */
public final class SheetKeys {

  private SheetKeys() {}

  public static String key(long id) {
    return Long.toString(id);
  }

  /**
   * Returns the id behind the key of a material, colourway, product or order line.
   *
   * @throws ProblemException where the key, which a device may have sent, is not a number
   */
  public static long id(String key) {
    try {
      return Long.parseLong(key);
    } catch (NumberFormatException e) {
      throw ProblemException.bad("id.notNumber", Map.of("value", key));
    }
  }
}
