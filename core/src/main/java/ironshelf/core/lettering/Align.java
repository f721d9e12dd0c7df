package ironshelf.core.lettering;

/** Where a line of letters stands in its room. */
public enum Align {
  LEFT,
  CENTRE,
  RIGHT
}
