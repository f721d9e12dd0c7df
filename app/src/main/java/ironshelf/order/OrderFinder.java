package ironshelf.order;

import java.util.List;

/** Finds orders by what is kept elsewhere, such as the number of a parcel. */
@FunctionalInterface
public interface OrderFinder {

  /**
   * The orders that have these words.
   *
   * @param words trimmed, as they were typed
   * @return their ids; empty where there are none
   */
  List<Long> ordersWith(String words);
}
