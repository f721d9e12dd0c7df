package ironshelf.act;

import java.util.Set;

/**
 * That a transaction changed the shop's books and is kept.
 *
 * @param tables whose rows it added, changed or took away
 * @param pours of which it changed something
 * @param casts of which it changed something
 */
public record Changed(Set<String> tables, Set<Long> pours, Set<Long> casts) {
  public Changed {
    tables = Set.copyOf(tables);
    pours = Set.copyOf(pours);
    casts = Set.copyOf(casts);
  }
}
