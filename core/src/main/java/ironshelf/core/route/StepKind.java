package ironshelf.core.route;

/** What is done with a piece, or waited for. A second pour is a layer of its product. */
public enum StepKind {
  POUR,
  SET,
  DEMOULD,
  TRIM,
  BATH,
  RINSE,
  DRY,
  SEAL,
  REST,
  FILL,
  FIT,
  INSPECT,
  PACK;

  /** Whether time does it, by itself; anything else takes a person. */
  public boolean isWait() {
    return this == SET || this == BATH || this == DRY || this == REST;
  }
}
