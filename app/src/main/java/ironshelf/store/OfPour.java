package ironshelf.store;

import org.jspecify.annotations.Nullable;

/** A row that says something of a pour or of a casting; a commit that changes it names them. */
public interface OfPour {

  /** Null where it is of none. */
  default @Nullable Long pourOf() {
    return null;
  }

  /** Null where it is of none. */
  default @Nullable Long castOf() {
    return null;
  }
}
