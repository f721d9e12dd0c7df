package ironshelf.core.pour.script;

/** Where a mass comes from. Only what was measured teaches. */
public enum Source {
  SCALE,
  TYPED,
  /** Nobody measured it: it counts as asked. */
  ASSUMED;

  public boolean isMeasured() {
    return this != ASSUMED;
  }
}
