package ironshelf.act;

import java.util.Set;

/**
 * That a transaction changed the shop's books and is kept.
 *
 * @param tables whose rows it added, changed or took away
 */
public record Changed(Set<String> tables) {
  public Changed {
    tables = Set.copyOf(tables);
  }
}
